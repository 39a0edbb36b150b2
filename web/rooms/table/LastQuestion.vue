<script setup lang="ts">
import { Undo2 } from '@lucide/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

import Closing from './Closing.vue';
import { type Closed, isPassed, type Passed, type Table, untapped } from './table';

/** When all is asked: how it went on the whole where nobody tapped, the check, tidying up, and the end. */
const props = defineProps<{ table: Table; busy: boolean; passed: Passed; lids: Record<string, number>; undoes: string | null }>();
const emit = defineEmits<{ finish: [ending: Schemas['Ending']]; close: [closed: Closed[]]; undo: [] }>();
const said = ref(false);
const allAsked = computed(() => props.table.turns.every((turn) => turn.done || isPassed(props.passed, turn)));
const open = computed(
    () => !said.value && props.table.seats.some((seat) => !seat.closing && untapped(props.table, seat, props.passed.leftOut) > 0),
);

function close(closed: Closed[]) {
    said.value = true;
    emit('close', closed);
}
</script>

<template>
    <div class="flex flex-1 flex-col items-start justify-center gap-4 rounded-2xl border border-hem bg-paper p-6">
        <template v-if="open">
            <h2 class="text-2xl">How did it go on the whole?</h2>
            <Closing :table="table" :busy="busy" :left-out="passed.leftOut" :lids="lids" @close="close" />
        </template>
        <h2 v-else class="text-2xl">{{ allAsked ? 'That was the last question.' : 'Enough for now?' }}</h2>
        <p><b>They check:</b> {{ table.check }}</p>
        <p><b>Tidy up:</b> {{ table.tidy }}</p>
        <div class="flex flex-wrap gap-2">
            <Button :kind="open ? 'plain' : 'strong'" :disabled="busy" @click="$emit('finish', 'done')">Finish</Button>
            <Button :disabled="busy" @click="$emit('finish', 'asked-for-more')">Finish: asked for more</Button>
            <Button kind="quiet" :disabled="!undoes" @click="$emit('undo')"
                ><Undo2 :size="20" aria-hidden="true" /> {{ undoes ? 'Undo: ' + undoes : 'Undo' }}</Button
            >
        </div>
    </div>
</template>
