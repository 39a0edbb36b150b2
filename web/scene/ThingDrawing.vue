<script setup lang="ts">
import { computed } from 'vue';

import { glyphs } from './glyphs';

/** One thing, drawn; a plain counter with its letter where it has no drawing. */
const props = defineProps<{ glyph: string; name: string; size: number }>();
const glyph = computed(() => glyphs[props.glyph] ?? glyphs.counter!);
</script>

<template>
    <svg :width="size" :height="size" viewBox="-11 -11 22 22" aria-hidden="true" class="shrink-0">
        <path
            :d="glyph.body"
            :fill="glyph.fill"
            :stroke="glyph.line"
            :stroke-width="glyph.fill === 'none' ? 2.2 : 1"
            stroke-linejoin="round"
            stroke-linecap="round"
            fill-rule="evenodd"
        />
        <text
            v-if="props.glyph === 'counter'"
            text-anchor="middle"
            dy="0.36em"
            font-size="10"
            font-weight="700"
            :fill="glyph.line"
        >
            {{ name.slice(0, 1).toUpperCase() }}
        </text>
        <path v-else-if="glyph.marks" :d="glyph.marks" fill="none" :stroke="glyph.line" stroke-width="0.8" />
    </svg>
</template>
