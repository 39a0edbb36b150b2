<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { shortDay } from '@/kit/words';

/** A column a week, wound from the ways that were tapped; each way has a pattern of its own, so that it reads without colour. */
const props = defineProps<{ weeks: Schemas['WeekOfWaysView'][]; words: Record<string, string>; says: string }>();
const MOST = 26;
const shown = computed(() => props.weeks.slice(-MOST));
const ways = computed(() => Object.keys(props.words));
const [height, left, top, bottom, step] = [170, 30, 10, 30, 30];
const width = computed(() => Math.max(340, left + 10 + step * shown.value.length));
const all = (week: Schemas['WeekOfWaysView']) => Object.values(week.ways as Record<string, number>).reduce((a, b) => a + b, 0);
const largest = computed(() => Math.max(4, ...shown.value.map(all)));
const tall = (count: number) => (count / largest.value) * (height - top - bottom);
const times = (week: Schemas['WeekOfWaysView'], way: string) => (week.ways as Record<string, number>)[way] ?? 0;
function parts(week: Schemas['WeekOfWaysView']) {
    let y = height - bottom;
    return ways.value.flatMap((way) => {
        const count = times(week, way);
        y -= tall(count);
        return count > 0 ? [{ way, y, tall: tall(count), count }] : [];
    });
}
const fill = (way: string) => `url(#way-${way})`;
</script>

<template>
    <p v-if="!weeks.length">No way was tapped yet. At the table, m opens how they got there.</p>
    <figure v-else>
        <figcaption class="mb-2" data-ways-say>{{ says }}</figcaption>
        <div class="overflow-x-auto" tabindex="0" role="region" aria-label="The plot of ways">
            <svg :viewBox="`0 0 ${width} ${height}`" :width="width" :height="height" role="img" :aria-label="says">
                <defs>
                    <pattern id="way-counted-all" width="6" height="6" patternUnits="userSpaceOnUse">
                        <circle cx="3" cy="3" r="1.6" fill="var(--color-wood)" />
                    </pattern>
                    <pattern id="way-counted-on" width="6" height="6" patternUnits="userSpaceOnUse">
                        <path d="M0 6 6 0" stroke="var(--color-wood)" stroke-width="2" />
                    </pattern>
                    <pattern id="way-through-ten" width="6" height="6" patternUnits="userSpaceOnUse">
                        <path d="M0 3h6" stroke="var(--color-deep)" stroke-width="2.6" />
                    </pattern>
                    <pattern id="way-knew-it" width="6" height="6" patternUnits="userSpaceOnUse">
                        <rect width="6" height="6" fill="var(--color-deep)" />
                    </pattern>
                </defs>
                <g font-size="11" fill="var(--color-soft)" class="font-numeral">
                    <text :x="left - 6" :y="top + 4" text-anchor="end">{{ largest }}</text>
                    <text :x="left - 6" :y="height - bottom" text-anchor="end">0</text>
                </g>
                <path :d="`M${left} ${top}V${height - bottom}H${width - 4}`" fill="none" stroke="var(--color-field)" />
                <g v-for="(week, i) in shown" :key="week.monday">
                    <rect
                        v-for="part in parts(week)"
                        :key="part.way"
                        :x="left + 8 + i * step"
                        :y="part.y"
                        width="20"
                        :height="part.tall"
                        :fill="fill(part.way)"
                        stroke="var(--color-ink)"
                        stroke-width="1"
                    />
                    <text
                        v-if="i % 3 === 0"
                        :x="left + 18 + i * step"
                        :y="height - 10"
                        text-anchor="middle"
                        font-size="11"
                        fill="var(--color-soft)"
                    >
                        {{ shortDay(week.monday) }}
                    </text>
                </g>
            </svg>
        </div>
        <ul class="mt-1 flex flex-wrap gap-x-5 text-sm">
            <li v-for="way in ways" :key="way" class="flex items-center gap-1.5">
                <svg width="18" height="14" aria-hidden="true">
                    <rect x="1" y="1" width="16" height="12" :fill="fill(way)" stroke="var(--color-ink)" />
                </svg>
                {{ words[way] }}
            </li>
        </ul>
        <details class="mt-2">
            <summary class="min-h-11 cursor-pointer py-2 font-bold text-deep">For the curious: each week</summary>
            <table class="text-left">
                <thead>
                    <tr>
                        <th class="pr-5">Week from</th>
                        <th v-for="way in ways" :key="way" class="pr-5">{{ words[way] }}</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="week in weeks" :key="week.monday" class="border-t border-hem">
                        <td class="pr-5">{{ shortDay(week.monday) }}</td>
                        <td v-for="way in ways" :key="way" class="pr-5">{{ times(week, way) || '' }}</td>
                    </tr>
                </tbody>
            </table>
        </details>
    </figure>
</template>
