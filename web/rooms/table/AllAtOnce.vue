<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { outcomes as outcomeWords } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Outcomes from '@/kit/Outcomes.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** After a sitting with full hands: one outcome a child. It is kept as a note and can never make a step Secure. */
const props = defineProps<{ table: Schemas['TableView'] }>();
defineEmits<{ close: []; log: [outcomes: Record<string, Schemas['Outcome']>] }>();
const chosen = ref<Record<string, Schemas['Outcome']>>({});
const all = computed(() => props.table.seats.every((seat) => chosen.value[seat.sittingId]));
</script>

<template>
    <Dialog open title="How did it go on the whole?" @close="$emit('close')">
        <p class="mb-3 text-soft">Kept as a note beside the tries. It can make a step Steady, never Secure.</p>
        <div v-for="seat in table.seats" :key="seat.sittingId" class="mb-4">
            <p class="mb-1 flex items-center gap-2">
                <ThreadKnot :thread="seat.thread" /> <b>{{ seat.childName }}</b> {{ seat.step.name }}, {{ seat.step.reach }}
                <span v-if="chosen[seat.sittingId]" class="font-bold">: {{ outcomeWords[chosen[seat.sittingId]!] }}</span>
            </p>
            <Outcomes @tap="chosen[seat.sittingId] = $event" />
        </div>
        <Button kind="strong" :disabled="!all" @click="$emit('log', { ...chosen })">Note it and finish</Button>
    </Dialog>
</template>
