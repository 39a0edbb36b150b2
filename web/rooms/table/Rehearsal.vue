<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';

import ThreadKnot from '@/kit/ThreadKnot.vue';

import type { Table } from './table';

/** The whole sitting, to be read in a minute the evening before. */
const props = defineProps<{ table: Table }>();
const children = computed(() =>
    props.table.seats.map((seat) => ({ seat, turns: props.table.turns.filter((turn) => turn.sittingId === seat.sittingId) })),
);
</script>

<template>
    <section class="mx-auto w-full max-w-3xl space-y-4 p-4 text-lg" aria-label="Read it through" data-rehearsal>
        <p>{{ table.inShort }}</p>
        <p>
            <b>Lay out:</b> {{ table.gather.map((one) => one.words).join(', ') || 'nothing' }}. {{ table.place }},
            {{ table.part }}.
        </p>
        <ol class="list-decimal space-y-1 pl-6">
            <li v-for="line in table.show" :key="line">{{ line }}</li>
        </ol>
        <p><b>Guess first:</b> {{ table.predict }}</p>
        <div v-for="{ seat, turns } in children" :key="seat.sittingId">
            <h2 class="flex items-center gap-2">
                <ThreadKnot :thread="seat.thread" /> {{ seat.childName }}: {{ seat.step.name }}, {{ seat.step.reach }}
            </h2>
            <ol class="mt-1 space-y-1">
                <li v-for="turn in turns" :key="turn.questionId">
                    “{{ turn.ask }}” <span class="text-soft">Look for {{ turn.answer }}.</span>
                </li>
            </ol>
        </div>
        <p><b>Easier:</b> {{ table.easier }} <b>Further:</b> {{ table.further }}</p>
        <p><b>They check:</b> {{ table.check }} <b>Tidy up:</b> {{ table.tidy }}</p>
        <RouterLink :to="{ query: {} }" class="inline-flex min-h-11 items-center underline underline-offset-4"
            >To the table</RouterLink
        >
    </section>
</template>
