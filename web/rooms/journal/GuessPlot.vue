<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { shortDay } from '@/kit/words';

/** Each guess beside its count: a thread from the one to the other; the shorter, the closer. */
const props = defineProps<{ guesses: Schemas['GuessesView'] }>();
const MOST = 40;
const shown = computed(() => props.guesses.guesses.slice(-MOST));
const [height, left, top, bottom, step] = [170, 34, 12, 30, 26];
const width = computed(() => Math.max(340, left + 16 + step * shown.value.length));
const largest = computed(() => Math.max(10, ...shown.value.flatMap((one) => [one.guess, one.counted])));
const y = (amount: number) => top + (1 - amount / largest.value) * (height - top - bottom);
const x = (i: number) => left + 16 + i * step;
const days = computed(() => shown.value.map((one, i) => (i > 0 && shown.value[i - 1]!.day === one.day ? '' : one.day)));
</script>

<template>
    <p v-if="!guesses.guesses.length">No guess was kept yet. Guess what is in a pot, then count it.</p>
    <figure v-else>
        <figcaption class="mb-2" data-guesses-say>{{ guesses.says }}</figcaption>
        <div class="overflow-x-auto" tabindex="0" role="region" aria-label="The plot of guesses">
            <svg :viewBox="`0 0 ${width} ${height}`" :width="width" :height="height" role="img" :aria-label="guesses.says">
                <g font-size="11" fill="var(--color-soft)" class="font-numeral">
                    <text :x="left - 6" :y="y(largest)" dy="0.35em" text-anchor="end">{{ largest }}</text>
                    <text :x="left - 6" :y="y(0)" dy="0.35em" text-anchor="end">0</text>
                </g>
                <path :d="`M${left} ${y(largest)}V${y(0)}H${width - 4}`" fill="none" stroke="var(--color-field)" />
                <g v-for="(one, i) in shown" :key="i">
                    <line
                        :x1="x(i)"
                        :x2="x(i)"
                        :y1="y(one.guess)"
                        :y2="y(one.counted)"
                        stroke="var(--color-wood)"
                        stroke-width="2.5"
                        :stroke-dasharray="one.ofOthers ? '3 3' : undefined"
                    />
                    <rect :x="x(i) - 5" :y="y(one.counted) - 5" width="10" height="10" fill="var(--color-deep)" />
                    <circle
                        :cx="x(i)"
                        :cy="y(one.guess)"
                        r="5"
                        fill="var(--color-paper)"
                        stroke="var(--color-ink)"
                        stroke-width="2"
                    />
                    <text
                        v-if="days[i] && (i === 0 || i % 4 === 0)"
                        :x="x(i)"
                        :y="height - 10"
                        text-anchor="middle"
                        font-size="11"
                        fill="var(--color-soft)"
                    >
                        {{ shortDay(days[i]!) }}
                    </text>
                </g>
            </svg>
        </div>
        <ul class="mt-1 flex flex-wrap gap-x-5 text-sm">
            <li class="flex items-center gap-1.5">
                <svg width="14" height="14" aria-hidden="true">
                    <circle cx="7" cy="7" r="5" fill="none" stroke="var(--color-ink)" stroke-width="2" />
                </svg>
                guessed
            </li>
            <li class="flex items-center gap-1.5">
                <svg width="14" height="14" aria-hidden="true">
                    <rect x="2" y="2" width="10" height="10" fill="var(--color-deep)" />
                </svg>
                counted
            </li>
            <li>broken thread: the pot of other things</li>
        </ul>
        <details class="mt-2">
            <summary class="min-h-11 cursor-pointer py-2 font-bold text-deep">For the curious: each guess</summary>
            <table class="text-left">
                <thead>
                    <tr>
                        <th class="pr-5">Day</th>
                        <th class="pr-5">Guess</th>
                        <th class="pr-5">Counted</th>
                        <th>Off</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(one, i) in guesses.guesses" :key="i" class="border-t border-hem">
                        <td class="pr-5">{{ shortDay(one.day) }}</td>
                        <td class="pr-5">{{ one.guess }}</td>
                        <td class="pr-5">{{ one.counted }}</td>
                        <td>{{ Math.round(100 * Math.abs(one.off)) }} in 100</td>
                    </tr>
                </tbody>
            </table>
        </details>
    </figure>
</template>
