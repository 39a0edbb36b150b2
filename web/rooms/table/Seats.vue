<script setup lang="ts">
import ThreadKnot from '@/kit/ThreadKnot.vue';

import type { Passed, Seat, Table } from './table';
import { isPassed } from './table';

/** Who is at the table, and whose turn it is at a glance; a tap gives the next one to that child. */
const props = defineProps<{ table: Table; turn: string | undefined; passed: Passed }>();
defineEmits<{ give: [sittingId: string] }>();
const left = (seat: Seat) =>
    props.table.turns.filter((turn) => turn.sittingId === seat.sittingId && !turn.done && !isPassed(props.passed, turn)).length;
const waits = (seat: Seat) => seat.sittingId !== props.turn && left(seat) > 0;
</script>

<template>
    <div>
        <div class="flex gap-2" role="group" aria-label="Whose turn">
            <button
                v-for="seat in table.seats"
                :key="seat.sittingId"
                type="button"
                class="flex min-h-14 min-w-0 flex-1 items-center gap-2 rounded-xl border-2 px-3 text-left disabled:opacity-60"
                :class="seat.sittingId === turn ? 'border-ink bg-paper text-lg font-bold' : 'border-hem text-soft'"
                :aria-current="seat.sittingId === turn ? 'true' : undefined"
                :aria-label="
                    seat.sittingId === turn ? `${seat.childName}, whose turn it is` : `Give the next one to ${seat.childName}`
                "
                :disabled="left(seat) === 0 && seat.sittingId !== turn"
                :data-seat="seat.childId"
                @click="$emit('give', seat.sittingId)"
            >
                <ThreadKnot :thread="seat.thread" :size="seat.sittingId === turn ? 28 : 20" />
                <span class="min-w-0 flex-1 truncate">{{ seat.childName }}</span>
                <span class="text-sm font-normal">{{ seat.sittingId === turn ? 'now' : left(seat) }}</span>
            </button>
        </div>
        <p v-if="table.waiting && table.seats.some(waits)" class="mt-1 px-1 text-soft">
            <b>{{
                table.seats
                    .filter(waits)
                    .map((seat) => seat.childName)
                    .join(', ')
            }}</b>
            meanwhile: {{ table.waiting }}
        </p>
    </div>
</template>
