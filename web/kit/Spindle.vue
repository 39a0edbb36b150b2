<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { marks as markNames } from '@/generated/words';

/** What a child can do, as thread wound on a spindle. The word is always in the label. */
const props = defineProps<{ mark: Schemas['Mark']; taken?: boolean; look?: boolean; size?: number; quiet?: boolean }>();

const pale = computed(() => props.taken && (props.mark === 'not-met' || props.mark === 'begun'));
const turns = computed(() => (pale.value ? 4 : { 'not-met': 0, begun: 2, nearly: 3, 'can-do': 5 }[props.mark]));
const label = computed(() => (pale.value ? 'Taken as known' : markNames[props.mark] + (props.look ? ', worth a look' : '')));
const y = (turn: number) => 28 - turn * 4.1;
</script>

<template>
    <svg
        :width="size ?? 20"
        :height="(size ?? 20) * 1.15"
        viewBox="2 1 30 31"
        :role="quiet ? undefined : 'img'"
        :aria-hidden="quiet ? true : undefined"
        :aria-label="quiet ? undefined : label"
        class="shrink-0"
    >
        <g fill="none" stroke="var(--color-ink)" stroke-linecap="round">
            <path d="M14 2v28" stroke-width="2" />
            <path d="M7 4h14M7 29h14" stroke-width="2.6" />
            <path
                v-for="turn in turns"
                :key="turn"
                :d="`M7 ${y(turn)}q7 3.6 14 0`"
                :stroke="pale ? 'var(--color-pale)' : 'var(--color-ink)'"
                :stroke-width="pale ? 1.8 : 2.6"
            />
            <path v-if="mark === 'can-do' && !look" d="M21 7.5q-2 3-7 1.600" stroke-width="2.6" />
            <path v-if="mark === 'can-do' && look" d="M21 7.500q8 0 7.500 7t1.500 12" stroke-width="2.2" />
        </g>
    </svg>
</template>
