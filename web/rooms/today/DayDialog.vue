<script setup lang="ts">
import { ref, watch } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Toggle from '@/kit/Toggle.vue';
import { minutes } from '@/kit/words';

/** What today allows: when you can be there, rain, quiet. */
const props = defineProps<{ open: boolean; day: Schemas['DayView']; busy: boolean; error: unknown }>();
const emit = defineEmits<{ close: []; plan: [input: Partial<Schemas['DayInput']>] }>();

const padded = (minute: number) => `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
const windows = ref<{ from: string; to: string }[]>([]);
const wet = ref(false);
const quiet = ref(false);
const highTable = ref(false);

watch(
    () => props.open,
    () => {
        windows.value = props.day.windows.map(([from = 0, to = 0]) => ({ from: padded(from), to: padded(to) }));
        wet.value = props.day.wet;
        quiet.value = props.day.quiet;
        highTable.value = props.day.highTable;
    },
    { immediate: true },
);

function plan() {
    emit('plan', {
        windows: windows.value.map((window) => [minutes(window.from), minutes(window.to)]),
        wet: wet.value,
        quiet: quiet.value,
        highTable: highTable.value,
    });
}
</script>

<template>
    <Dialog :open="open" title="What does today allow?" @close="$emit('close')">
        <form class="space-y-4" @submit.prevent="plan">
            <fieldset class="space-y-2">
                <legend class="mb-1 font-bold">When you can be there</legend>
                <div v-for="(window, i) in windows" :key="i" class="flex items-center gap-2">
                    <input v-model="window.from" type="time" required :aria-label="`Time ${i + 1} from`" />
                    <span>to</span>
                    <input v-model="window.to" type="time" required :aria-label="`Time ${i + 1} to`" />
                    <Button kind="quiet" :disabled="windows.length === 1" @click="windows.splice(i, 1)">Remove</Button>
                </div>
                <Button v-if="windows.length < 6" kind="quiet" @click="windows.push({ from: '16:00', to: '16:20' })"
                    >Another time</Button
                >
            </fieldset>
            <Toggle v-model="wet" label="Wet outside: stay in" />
            <Toggle v-model="quiet" label="Keep it quiet" />
            <Toggle v-model="highTable" label="Our table is out of a crawler's reach" />
            <p v-if="highTable" class="text-sm text-soft">
                Then small things may lie there while a crawler is awake, not sitting at it. From about fifteen months they climb,
                and it counts no more.
            </p>
            <Notice :error="error" />
            <Button kind="strong" type="submit" :disabled="busy">Plan again</Button>
            <p class="text-sm text-soft">What is begun or done stays as it is.</p>
        </form>
    </Dialog>
</template>
