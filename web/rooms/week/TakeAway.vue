<script setup lang="ts">
import { CalendarDays, Printer } from '@lucide/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useCalendar } from '@/api/week';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Toggle from '@/kit/Toggle.vue';
import { usePaper } from '@/kit/paper';

/** The week to take along: as a file for the calendar of a phone, and on one page. */
const props = defineProps<{ week: Schemas['WeekView'] }>();

const WEEKS = [1, 4, 13];
const paper = usePaper();
const weeks = ref(4);
const setUps = ref(false);
const alarm = ref<number | null>(null);
const page = computed(() => '/api/week/week.pdf?' + new URLSearchParams({ day: props.week.from, paper: paper.value }));
const calendar = useCalendar();
const file = () => calendar.mutate({ weeks: weeks.value, setUps: setUps.value, alarm: alarm.value });
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="To take along">
        <h2 class="mb-2">To take along</h2>
        <a
            :href="page"
            target="_blank"
            class="flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
            data-week-paper
            ><Printer :size="18" aria-hidden="true" /> The week on one page</a
        >
        <details class="mt-1">
            <summary class="flex min-h-11 cursor-pointer items-center gap-2 font-bold text-deep underline underline-offset-4">
                <CalendarDays :size="18" aria-hidden="true" /> Into a calendar
            </summary>
            <form class="mt-2 space-y-3" @submit.prevent="file">
                <label class="block"
                    ><span class="mb-1 block font-bold">How far</span>
                    <select v-model.number="weeks" class="w-full">
                        <option v-for="one in WEEKS" :key="one" :value="one">
                            {{ one === 1 ? 'one week' : `${one} weeks` }} from today
                        </option>
                    </select></label
                >
                <Toggle v-model="setUps" label="Each activity that is planned, not just the hours" />
                <label class="block"
                    ><span class="mb-1 block font-bold">Alarm</span>
                    <select v-model="alarm" class="w-full">
                        <option :value="null">none</option>
                        <option v-for="one in [0, 10, 30]" :key="one" :value="one">
                            {{ one === 0 ? 'when it begins' : `${one} minutes before` }}
                        </option>
                    </select></label
                >
                <Button type="submit" data-calendar :disabled="calendar.isPending.value">Make the file</Button>
                <a
                    v-if="calendar.data.value"
                    :href="calendar.data.value"
                    download="pindle.ics"
                    class="flex min-h-11 items-center font-bold text-deep underline underline-offset-4"
                    data-calendar-file
                    >Save pindle.ics</a
                >
                <Notice :error="calendar.error.value" />
                <p class="text-sm text-soft">
                    Opening it in a calendar puts the times in. A newer file changes what is there and strikes out what is off.
                </p>
            </form>
        </details>
    </section>
</template>
