<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue';
import { computed, ref } from 'vue';

import { closingMarks as markWords } from '@/generated/words';
import Button from '@/kit/Button.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

import { type Closed, closingMarks, type Table, untapped } from './table';

/** How it went on the whole, a child: one of four marks, or how many were done alone. It speaks of the questions nobody tapped. */
const props = defineProps<{ table: Table; busy?: boolean; leftOut: string[]; lids: Record<string, number> }>();
const emit = defineEmits<{ close: [closed: Closed[]] }>();
const chosen = ref<Record<string, Closed>>({});
const counting = ref<Record<string, number>>({ ...props.lids });
const asked = (seat: Table['seats'][number]) => untapped(props.table, seat, props.leftOut);
const seats = computed(() => props.table.seats.filter((seat) => !seat.closing && asked(seat) > 0));

function choose(closed: Closed) {
    chosen.value = { ...chosen.value, [closed.sittingId]: closed };
    if (seats.value.every((seat) => chosen.value[seat.sittingId])) {
        emit('close', Object.values(chosen.value));
    }
}
function count(sittingId: string, by: number, of: number) {
    counting.value = { ...counting.value, [sittingId]: Math.min(of, Math.max(0, (counting.value[sittingId] ?? of) + by)) };
}
</script>

<template>
    <section v-for="seat in seats" :key="seat.sittingId" class="w-full" :aria-label="seat.childName" data-closing>
        <p class="mb-2 flex flex-wrap items-center gap-2 text-lg">
            <ThreadKnot :thread="seat.thread" />
            <span
                ><b>{{ seat.childName }}</b
                >: {{ asked(seat) === 1 ? 'the one you did not mark' : `the ${asked(seat)} you did not mark` }}</span
            >
        </p>
        <div class="grid grid-cols-2 gap-2">
            <button
                v-for="mark in closingMarks"
                :key="mark"
                type="button"
                class="min-h-14 rounded-xl border-2 bg-paper px-2 font-bold"
                :class="chosen[seat.sittingId]?.mark === mark ? 'border-ink' : 'border-hem'"
                :aria-pressed="chosen[seat.sittingId]?.mark === mark"
                :disabled="busy"
                :data-closing-mark="mark"
                @click="choose({ sittingId: seat.sittingId, mark })"
            >
                {{ markWords[mark] }}
            </button>
        </div>
        <div class="mt-2 flex flex-wrap items-center gap-2 text-soft">
            <template v-if="counting[seat.sittingId] !== undefined">
                <Button aria-label="One fewer" @click="count(seat.sittingId, -1, asked(seat))"
                    ><Minus :size="18" aria-hidden="true"
                /></Button>
                <b class="text-ink" data-tally>{{ counting[seat.sittingId] }} of {{ asked(seat) }} alone</b>
                <Button aria-label="One more" @click="count(seat.sittingId, 1, asked(seat))"
                    ><Plus :size="18" aria-hidden="true"
                /></Button>
                <Button
                    :disabled="busy"
                    @click="choose({ sittingId: seat.sittingId, alone: counting[seat.sittingId]!, of: asked(seat) })"
                    >That many</Button
                >
            </template>
            <button
                v-else
                type="button"
                class="min-h-11 underline underline-offset-4"
                @click="count(seat.sittingId, 0, asked(seat))"
            >
                I counted them
            </button>
            <button
                type="button"
                class="min-h-11 underline underline-offset-4"
                :class="chosen[seat.sittingId]?.skip ? 'font-bold text-ink' : ''"
                @click="choose({ sittingId: seat.sittingId, skip: true })"
            >
                Do not count them
            </button>
        </div>
    </section>
</template>
