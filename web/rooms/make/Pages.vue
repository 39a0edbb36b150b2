<script setup lang="ts">
import { Download } from '@lucide/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { sheetFile, type SheetKind, type Wish } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Picture from '@/scene/Picture.vue';

import { AS_USUAL, usePrinter } from './printer';

/** The pages of a sheet: as pages side by side with a ruler, or one after the other at their true size on a screen that was measured. */
const props = defineProps<{ sheet: Schemas['SheetView']; kind: SheetKind; wish: Wish }>();
const { dots } = usePrinter();
const isTrue = ref(false);
const measuring = ref(false);

/** A bank card is so wide and so high anywhere (ISO/IEC 7810). */
const CARD = [85.6, 53.98] as const;
const RULER = 100;
const sizes = computed(() =>
    props.sheet.pages.map((page) => {
        const [, wide, high] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(page) ?? [];
        return [Number(wide ?? 210), Number(high ?? 297)] as const;
    }),
);
const marks = (wide: number) => Array.from({ length: Math.floor(wide / 10) + 1 }, (_, i) => i);
const file = (page: number) => sheetFile(props.kind, { ...props.wish, from: String(page) }, 'svg');
</script>

<template>
    <div class="mb-3 flex flex-wrap items-center gap-2">
        <Button :aria-pressed="isTrue" data-true-size @click="isTrue = !isTrue">{{
            isTrue ? 'Whole pages' : 'True size on the screen'
        }}</Button>
        <Button v-if="isTrue" kind="quiet" data-measure @click="measuring = !measuring">{{
            measuring ? 'Measured' : dots === AS_USUAL ? 'Measure this screen first' : 'Measure this screen again'
        }}</Button>
    </div>
    <div v-if="isTrue && measuring" class="mb-4 rounded-2xl border border-hem bg-paper p-4" data-measuring>
        <p class="mb-3">
            Lay a bank card or a ruler on the screen. Slide until the box is as large as the card, or the ruler’s 100 mm lie on
            the line.
        </p>
        <label class="mb-3 flex items-center gap-3"
            ><span class="shrink-0 font-bold">Smaller, larger</span>
            <input v-model.number="dots" type="range" min="2" max="9" step="0.01" class="w-full max-w-md accent-deep"
        /></label>
        <div class="overflow-x-auto pb-1">
            <div
                class="rounded-lg border-2 border-ink"
                data-card
                :style="{ width: `${CARD[0] * dots}px`, height: `${CARD[1] * dots}px` }"
            />
            <div class="mt-3 flex" :style="{ width: `${RULER * dots + 1}px` }" aria-hidden="true">
                <span
                    v-for="ten in 10"
                    :key="ten"
                    class="h-4 border-t-2 border-l-2 border-ink"
                    :style="{ width: `${10 * dots}px` }"
                />
                <span class="h-4 border-l-2 border-ink" />
            </div>
            <p class="text-sm">100 mm</p>
        </div>
    </div>
    <div :class="isTrue ? 'overflow-auto' : 'grid gap-4 sm:grid-cols-2'">
        <figure v-for="(page, i) in sheet.pages" :key="i" :class="isTrue ? 'mb-4' : ''">
            <svg
                :viewBox="`0 0 ${sizes[i]![0]} 7`"
                class="block"
                :style="{ width: isTrue ? `${sizes[i]![0] * dots}px` : '100%' }"
                aria-hidden="true"
            >
                <template v-for="mark in marks(sizes[i]![0])" :key="mark">
                    <line
                        :x1="10 * mark"
                        :x2="10 * mark"
                        :y1="mark % 5 ? 4.5 : 3"
                        y2="7"
                        stroke="currentColor"
                        stroke-width="0.3"
                    />
                    <text v-if="mark % 5 === 0 && mark" :x="10 * mark - 0.8" y="3.6" font-size="3.4" text-anchor="end">
                        {{ 10 * mark }}
                    </text>
                </template>
            </svg>
            <div
                class="border border-hem bg-white"
                :style="
                    isTrue
                        ? { width: `${sizes[i]![0] * dots}px`, height: `${sizes[i]![1] * dots}px` }
                        : { aspectRatio: `${sizes[i]![0]} / ${sizes[i]![1]}` }
                "
                data-page
            >
                <Picture :svg="page" />
            </div>
            <figcaption>
                <a
                    :href="file(i + 1)"
                    download
                    class="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
                    :data-svg="i + 1"
                    ><Download :size="16" aria-hidden="true" /> Page {{ i + 1 }} as a drawing (SVG)</a
                >
            </figcaption>
        </figure>
    </div>
</template>
