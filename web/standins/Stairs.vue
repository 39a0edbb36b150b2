<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';

/** A staircase that is built: a touch puts one on a stair, and one more than there is room for begins it anew. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const size = Math.min(10, props.set.size);
const stairs = ref(Array.from({ length: size }, (_, i) => (i < props.set.n ? i + 1 : 0)));
const put = (at: number) => (stairs.value = stairs.value.map((high, i) => (i === at ? (high >= size ? 0 : high + 1) : high)));
</script>

<template>
    <div class="overflow-x-auto">
        <div class="mx-auto flex w-max items-end gap-0.5" role="group" aria-label="The staircase">
            <button
                v-for="(high, at) in stairs"
                :key="at"
                type="button"
                class="flex h-64 w-11 flex-col-reverse border-b-4 border-ink"
                :aria-label="`Stair ${at + 1}: ${high} high. One more`"
                :data-stair="at + 1"
                @click="put(at)"
            >
                <span v-for="block in high" :key="block" class="h-6 w-full rounded-sm border border-ink bg-wood" />
                <span class="font-numeral text-lg" :class="high ? '' : 'text-soft'">{{ high || '·' }}</span>
            </button>
        </div>
        <p role="status" class="sr-only">{{ stairs.join(', ') }}</p>
    </div>
</template>
