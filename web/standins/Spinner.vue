<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';

/** A spinner with a field for each number, and a die of movements beside it. The spin is the question: it stops at its number. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const TURNS = 3;
const MOVEMENTS = ['clap', 'hop', 'stamp', 'knock', 'blink', 'nod'];
const isAny = props.set.n === 0;
const stopsAt = ref(props.set.n);
const turns = ref(0);
const angle = computed(() =>
    turns.value === 0 ? 0 : turns.value * TURNS * 360 + ((stopsAt.value - 0.5) * 360) / props.set.size,
);
const edge = (field: number) => {
    const at = (field * 2 * Math.PI) / props.set.size - Math.PI / 2;
    return [100 + 92 * Math.cos(at), 100 + 92 * Math.sin(at)] as const;
};
const label = (field: number) => {
    const at = ((field - 0.5) * 2 * Math.PI) / props.set.size - Math.PI / 2;
    return [100 + 76 * Math.cos(at), 106 + 76 * Math.sin(at)] as const;
};
function spin() {
    stopsAt.value = isAny ? 1 + Math.floor(Math.random() * props.set.size) : props.set.n;
    turns.value++;
}
</script>

<template>
    <div class="flex flex-col items-center gap-2">
        <button type="button" class="rounded-full" data-spin @click="spin">
            <svg viewBox="0 0 200 200" class="size-64" aria-hidden="true">
                <circle cx="100" cy="100" r="92" fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="3" />
                <g v-for="field in set.size" :key="field">
                    <path :d="`M100 100L${edge(field).join(' ')}`" stroke="var(--color-hem)" stroke-width="1.5" />
                    <text
                        :x="label(field)[0]"
                        :y="label(field)[1]"
                        text-anchor="middle"
                        class="font-numeral"
                        :font-size="set.size > 12 ? 14 : 20"
                    >
                        {{ field }}
                    </text>
                </g>
                <g
                    :style="{
                        transform: `rotate(${angle}deg)`,
                        transformOrigin: '100px 100px',
                        transition: 'transform 1.2s ease-out',
                    }"
                >
                    <path d="M96 112V50h-8l12 -18 12 18h-8v62z" fill="var(--color-deep)" />
                </g>
                <circle cx="100" cy="100" r="8" fill="var(--color-wood)" />
            </svg>
            <span class="sr-only">{{ turns ? 'Spin again' : 'Spin' }}</span>
        </button>
        <p role="status" class="text-lg" data-spun>
            {{ turns ? `${stopsAt}: ${MOVEMENTS[(set.b - 1 + MOVEMENTS.length) % MOVEMENTS.length]}` : 'Touch it to spin' }}
        </p>
    </div>
</template>
