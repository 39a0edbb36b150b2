<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Toggle from '@/kit/Toggle.vue';
import { minutes, timeField } from '@/kit/words';

/** What the day allows: when you can be there, rain, quiet. */
const props = defineProps<{ day: Schemas['DayView']; busy: boolean }>();
const emit = defineEmits<{ plan: [input: Partial<Schemas['DayInput']>] }>();

const windows = ref(props.day.windows.map(([from = 0, to = 0]) => ({ from: timeField(from), to: timeField(to) })));
const wet = ref(props.day.wet);
const quiet = ref(props.day.quiet);
const highTable = ref(props.day.highTable);

function plan(keep: boolean) {
    emit('plan', {
        keep,
        windows: windows.value.map((window) => [minutes(window.from), minutes(window.to)]),
        wet: wet.value,
        quiet: quiet.value,
        highTable: highTable.value,
    });
}
</script>

<template>
    <form class="space-y-4" @submit.prevent="plan(true)">
        <fieldset class="space-y-2">
            <legend class="mb-1 font-bold">When you can be there</legend>
            <div v-for="(window, i) in windows" :key="i" class="flex flex-wrap items-center gap-2">
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
            Then small things may lie there while a crawler is awake, not sitting at it. From about fifteen months they climb, and
            it counts no more.
        </p>
        <div class="flex flex-wrap gap-2">
            <Button kind="strong" type="submit" :disabled="busy">Change it, keep the rest</Button>
            <Button :disabled="busy" @click="plan(false)">Plan again</Button>
        </div>
        <p class="text-sm text-soft">What is begun, done or kept stays as it is.</p>
    </form>
</template>
