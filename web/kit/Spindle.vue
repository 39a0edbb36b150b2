<script setup lang="ts">
import { computed } from 'vue';

import { markNames } from './words';

/** What a child can do, as thread wound on a spindle. The word is always in the label. */
const props = defineProps<{ mark: string; implied?: boolean; size?: number; quiet?: boolean }>();

const turns = computed(() => ({ new: props.implied ? 4 : 0, trying: 2, steady: 4, secure: 7, 'look-again': 7 })[props.mark] ?? 0);
const label = computed(() => (props.mark === 'new' && props.implied ? 'New, implied by harder work' : markNames[props.mark]));
const y = (turn: number) => 26 - turn * 2.9;
</script>

<template>
    <svg
        :width="size ?? 20"
        :height="(size ?? 20) * 1.15"
        viewBox="0 0 28 32"
        :role="quiet ? undefined : 'img'"
        :aria-hidden="quiet ? true : undefined"
        :aria-label="quiet ? undefined : label"
        class="shrink-0"
    >
        <g fill="none" stroke="#24332d" stroke-linecap="round">
            <path d="M14 2v28" stroke-width="2" />
            <path d="M7 4h14M7 29h14" stroke-width="2.6" />
            <path
                v-for="turn in turns"
                :key="turn"
                :d="`M6 ${y(turn)}q8 3.4 16 0`"
                :stroke="mark === 'new' ? '#b9b09b' : '#24332d'"
                :stroke-width="mark === 'new' ? 1.6 : 2.2"
            />
            <path v-if="mark === 'secure'" d="M22 5.8q-3 3.6-8 1" stroke-width="2.2" />
            <path v-if="mark === 'look-again'" d="M22 5.7q5 1 4 7t-2 9" stroke-width="2.2" />
        </g>
    </svg>
</template>
