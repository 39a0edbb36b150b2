<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';

import type { Schemas } from '@/api/client';

/** Two dice with the faces that were worked out. The roll is the question: they come to rest on its numbers. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const dots: Record<number, [number, number][]> = {
    0: [],
    1: [[2, 2]],
    2: [
        [1, 1],
        [3, 3],
    ],
    3: [
        [1, 1],
        [2, 2],
        [3, 3],
    ],
    4: [
        [1, 1],
        [1, 3],
        [3, 1],
        [3, 3],
    ],
    5: [
        [1, 1],
        [1, 3],
        [2, 2],
        [3, 1],
        [3, 3],
    ],
    6: [
        [1, 1],
        [1, 2],
        [1, 3],
        [3, 1],
        [3, 2],
        [3, 3],
    ],
};
const ROLL_MS = 90;
const ROLLS = 7;
const shown = ref<[number, number] | null>(null);
const rolling = ref(false);
let timer: ReturnType<typeof setInterval> | undefined;

function roll() {
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    let left = still ? 0 : ROLLS;
    rolling.value = true;
    clearInterval(timer);
    timer = setInterval(() => {
        if (left-- > 0) {
            const any = (faces: number[] = []) => faces[Math.floor(Math.random() * faces.length)] ?? 0;
            shown.value = [any(props.set.faces[0]), any(props.set.faces[1])];
            return;
        }
        clearInterval(timer);
        shown.value = [props.set.a, props.set.b];
        rolling.value = false;
    }, ROLL_MS);
}
onBeforeUnmount(() => clearInterval(timer));
</script>

<template>
    <div class="text-center">
        <button type="button" class="inline-flex gap-6 rounded-2xl p-3 hover:bg-linen" data-roll @click="roll">
            <svg v-for="die in 2" :key="die" viewBox="0 0 48 48" class="size-28 md:size-36" aria-hidden="true">
                <rect
                    x="2"
                    y="2"
                    width="44"
                    height="44"
                    rx="7"
                    fill="var(--color-paper)"
                    stroke="var(--color-ink)"
                    stroke-width="2"
                />
                <template v-if="shown">
                    <circle
                        v-for="[x, y] in dots[shown[die - 1] ?? 0]"
                        :key="`${x} ${y}`"
                        :cx="x * 12"
                        :cy="y * 12"
                        r="4.2"
                        fill="var(--color-ink)"
                    />
                </template>
                <path v-else d="M14 30q10 -14 20 0M30 24l4 6-7 1" fill="none" stroke="var(--color-soft)" stroke-width="2" />
            </svg>
            <span class="sr-only">{{ shown ? 'Roll again' : 'Roll the dice' }}</span>
        </button>
        <p role="status" class="text-lg">{{ rolling ? '…' : shown ? `${shown[0]} and ${shown[1]}` : 'Touch them to roll' }}</p>
    </div>
</template>
