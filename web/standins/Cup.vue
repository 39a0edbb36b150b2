<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';

import Piece from './Piece.vue';

/** Some lie there, the others are under the cup: a touch lifts it, another puts it back. */
defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const lifted = ref(false);
</script>

<template>
    <div class="flex flex-wrap items-end justify-center gap-6">
        <div class="flex max-w-56 flex-wrap content-end gap-1" role="img" :aria-label="`${set.a} to be seen`">
            <span v-for="one in set.a" :key="one" class="size-10"><Piece :thing="thing" /></span>
        </div>
        <button type="button" class="relative h-44 w-44" data-cup @click="lifted = !lifted">
            <span class="absolute inset-x-0 bottom-2 flex flex-wrap justify-center gap-1 px-4">
                <span v-for="one in lifted ? set.b : 0" :key="one" class="size-8"><Piece :thing="thing" /></span>
            </span>
            <svg
                viewBox="0 0 100 100"
                class="absolute inset-0 transition-transform duration-300"
                :class="lifted ? '-translate-y-20 -rotate-12' : ''"
                aria-hidden="true"
            >
                <path d="M16 92L26 22q24 -10 48 0L84 92z" fill="var(--color-wood)" stroke="var(--color-ink)" stroke-width="2.5" />
                <path d="M24 36q26 -8 52 0" fill="none" stroke="var(--color-paper)" stroke-width="3" />
            </svg>
            <span class="sr-only">{{ lifted ? 'Put the cup back' : 'Lift the cup' }}</span>
        </button>
        <p role="status" class="sr-only">{{ lifted ? `${set.b} were under it` : 'The others are under the cup' }}</p>
    </div>
</template>
