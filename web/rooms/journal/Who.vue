<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { useChildren } from '@/api/queries';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** Whose page it is: one of the children, or all of them where that makes sense. */
const props = defineProps<{ all?: string; children?: Schemas['WhoView'][] }>();
const child = defineModel<string>({ required: true });
const here = useChildren();
const shown = computed(() => props.children ?? here.data.value?.present ?? []);
</script>

<template>
    <div class="flex flex-wrap gap-2" role="group" aria-label="Who">
        <button
            v-if="all"
            type="button"
            class="min-h-11 rounded-lg border-2 px-3 font-bold"
            :class="child === '' ? 'border-deep bg-deep text-white' : 'border-hem bg-paper'"
            :aria-pressed="child === ''"
            @click="child = ''"
        >
            {{ all }}
        </button>
        <button
            v-for="one in shown"
            :key="one.id"
            type="button"
            class="flex min-h-11 items-center gap-2 rounded-lg border-2 px-3 font-bold"
            :class="child === one.id ? 'border-deep bg-linen' : 'border-hem bg-paper'"
            :aria-pressed="child === one.id"
            :data-who="one.name"
            @click="child = one.id"
        >
            <ThreadKnot :thread="one.thread" :size="18" /> {{ one.name }}
        </button>
    </div>
</template>
