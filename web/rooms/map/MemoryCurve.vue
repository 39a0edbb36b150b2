<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { shortDay } from '@/kit/words';

/** How a step fades from memory, with today and the next look marked. */
const props = defineProps<{ memory: Schemas['MemoryView']; nextLook: string | null | undefined; carried: boolean }>();

const [width, height, left, top, bottom] = [340, 130, 34, 10, 28];
const days = computed(() => props.memory.recall.length - 1);
const x = (day: number) => left + (day / days.value) * (width - left - 12);
const y = (recall: number) => top + (1 - recall) * (height - top - bottom);
const line = computed(() =>
    props.memory.recall.map((recall, day) => `${day ? 'L' : 'M'}${x(day).toFixed(1)} ${y(recall).toFixed(1)}`).join(''),
);
const now = computed(() => props.memory.recall[props.memory.today] ?? 1);
const says = computed(
    () =>
        `Last met on ${shortDay(props.memory.since)}. Chance that it is still there today: ${Math.round(now.value * 100)} in 100.` +
        (props.nextLook
            ? ` The next look falls due on ${shortDay(props.nextLook)}.`
            : props.carried
              ? ' A harder reach that is Secure carries it: no look falls due.'
              : ''),
);
</script>

<template>
    <figure>
        <svg :viewBox="`0 0 ${width} ${height}`" class="w-full max-w-md" role="img" :aria-label="says">
            <line
                :x1="left"
                :x2="width - 12"
                :y1="y(memory.wanted)"
                :y2="y(memory.wanted)"
                stroke="var(--color-wood)"
                stroke-dasharray="4 4"
            />
            <text :x="left - 5" :y="y(1)" dy="0.35em" text-anchor="end" font-size="11" fill="var(--color-soft)">100</text>
            <text :x="left - 5" :y="y(memory.wanted)" dy="0.35em" text-anchor="end" font-size="11" fill="var(--color-soft)">
                {{ Math.round(memory.wanted * 100) }}
            </text>
            <text :x="left - 5" :y="y(0)" dy="0.35em" text-anchor="end" font-size="11" fill="var(--color-soft)">0</text>
            <path :d="`M${left} ${y(1)}V${y(0)}H${width - 12}`" fill="none" stroke="var(--color-field)" />
            <path :d="line" fill="none" stroke="var(--color-ink)" stroke-width="2" />
            <g v-if="memory.nextLook != null && memory.nextLook <= days">
                <line :x1="x(memory.nextLook)" :x2="x(memory.nextLook)" :y1="y(1)" :y2="y(0)" stroke="var(--color-wood)" />
                <text
                    v-if="Math.abs(memory.nextLook - memory.today) > days * 0.16"
                    :x="x(memory.nextLook)"
                    :y="height - 12"
                    text-anchor="middle"
                    font-size="11"
                    fill="var(--color-care)"
                >
                    next look
                </text>
            </g>
            <circle :cx="x(memory.today)" :cy="y(now)" r="5" fill="var(--color-ink)" />
            <text
                :x="Math.min(Math.max(x(memory.today), left + 14), width - 26)"
                :y="height - 12"
                text-anchor="middle"
                font-size="11"
                font-weight="700"
                fill="var(--color-ink)"
            >
                today
            </text>
        </svg>
        <figcaption class="text-sm text-soft">{{ says }}</figcaption>
    </figure>
</template>
