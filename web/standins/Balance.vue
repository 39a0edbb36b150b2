<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

import Piece from './Piece.vue';

/** A hanger with two pans. It tips by what the very things weigh, one a little more than the next; a bag weighs as many usual ones as its numeral says. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
/** Less than this part of one thing is not to be seen. */
const SEEN = 0.25;
const DEGREES_A_THING = 7;
const MOST_DEGREES = 16;
const half = Math.floor(props.set.masses.length / 2);
const sides = ref([props.set.a, props.set.b]);
const mean = props.set.masses.reduce((sum, one) => sum + one, 0) / Math.max(1, props.set.masses.length);
const grams = computed(() =>
    sides.value.map((count, side) =>
        side === 0 && props.set.bag
            ? count * mean
            : props.set.masses.slice(side * half, side * half + count).reduce((sum, one) => sum + one, 0),
    ),
);
const heavier = computed(() => {
    const apart = ((grams.value[1] ?? 0) - (grams.value[0] ?? 0)) / mean;
    return Math.abs(apart) < SEEN ? 0 : apart;
});
const tilt = computed(() => Math.max(-MOST_DEGREES, Math.min(MOST_DEGREES, heavier.value * DEGREES_A_THING)));
const down = computed(() => Math.sin((tilt.value * Math.PI) / 180) * 120);
function put(side: number, by: number) {
    sides.value = sides.value.map((count, i) => (i === side ? Math.max(0, Math.min(half, count + by)) : count));
}
const names = ['Left', 'Right'];
</script>

<template>
    <div class="space-y-2">
        <svg
            viewBox="0 0 320 70"
            class="mx-auto block w-full max-w-md"
            aria-hidden="true"
            fill="none"
            stroke="var(--color-ink)"
            stroke-width="4"
            stroke-linecap="round"
        >
            <path d="M160 4v14" />
            <g :transform="`rotate(${tilt} 160 22)`" class="transition-transform duration-500">
                <path d="M40 30Q100 10 160 20Q220 10 280 30" />
            </g>
        </svg>
        <div class="mx-auto grid max-w-md grid-cols-2 gap-6">
            <div
                v-for="(count, side) in sides"
                :key="side"
                class="space-y-2 text-center transition-transform duration-500"
                :style="{ transform: `translateY(${(side === 0 ? -down : down) / 3}px)` }"
            >
                <div
                    class="flex min-h-24 flex-wrap content-end items-end justify-center gap-0.5 rounded-b-[2.5rem] border-2 border-t-0 border-ink bg-paper p-2"
                >
                    <span
                        v-if="side === 0 && set.bag"
                        class="flex size-16 items-center justify-center rounded-b-2xl border-2 border-wood bg-helped font-numeral text-3xl"
                        >{{ count }}</span
                    >
                    <template v-else
                        ><span v-for="one in count" :key="one" class="size-6"><Piece :thing="thing" /></span
                    ></template>
                </div>
                <div class="flex justify-center gap-2">
                    <Button :aria-label="`${names[side]}: one fewer`" @click="put(side, -1)"
                        ><Minus :size="20" aria-hidden="true"
                    /></Button>
                    <Button :aria-label="`${names[side]}: one more`" :data-more="side" @click="put(side, 1)"
                        ><Plus :size="20" aria-hidden="true"
                    /></Button>
                </div>
            </div>
        </div>
        <p role="status" class="pt-4 text-center text-lg" data-tips>
            {{ heavier === 0 ? 'It hangs level.' : heavier < 0 ? 'The left side goes down.' : 'The right side goes down.' }}
        </p>
    </div>
</template>
