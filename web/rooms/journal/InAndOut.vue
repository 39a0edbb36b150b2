<script setup lang="ts">
import { Download } from '@lucide/vue';
import { computed, ref, watch } from 'vue';

import { useExport, useImport } from '@/api/journal';
import { askAllAnew, useJob } from '@/api/queries';
import Button from '@/kit/Button.vue';
import ChooseFile from '@/kit/ChooseFile.vue';
import JobState from '@/kit/JobState.vue';
import Notice from '@/kit/Notice.vue';

import Erase from './Erase.vue';

/** The whole household out and in, tables for a spreadsheet, and a child erased for good. */
const outId = ref('');
const inId = ref('');
const out = useExport((job) => (outId.value = job.id));
const bring = useImport((job) => (inId.value = job.id));
const outJob = useJob(outId);
const inJob = useJob(inId);
watch(
    () => inJob.data.value?.state,
    (state) => state === 'done' && void askAllAnew(),
);
const runs = (id: string, state: string | undefined) => id !== '' && !['done', 'failed'].includes(state ?? 'waiting');
const busy = computed(() => runs(outId.value, outJob.data.value?.state) || runs(inId.value, inJob.data.value?.state));
const jobs = computed(() => [outJob.data.value, inJob.data.value]);
const tables = [
    { name: 'attempts', words: 'Every try' },
    { name: 'days', words: 'Days and their minutes' },
    { name: 'record', words: 'The record: where every step stands' },
    { name: 'facts', words: 'Facts' },
    { name: 'things', words: 'Things in the cupboard' },
];
</script>

<template>
    <div class="grid items-start gap-5 lg:grid-cols-2">
        <section class="rounded-2xl border border-hem bg-paper p-5" aria-labelledby="household">
            <h2 id="household">The whole household</h2>
            <p class="mb-3 text-soft">
                One zip of open formats, with everything in it and its photographs: to keep, to move to another machine, or for
                another program to read. The lock and safe copies stay behind.
            </p>
            <Button kind="strong" :disabled="out.isPending.value || busy" data-export @click="out.mutate()">Make it ready</Button>
            <h3 class="mt-5 font-bold">Bring one in</h3>
            <p class="mb-3 text-soft">
                Into an empty house all of it comes. Where children are here already, what was seen and done with them joins what
                is here; a second time changes nothing.
            </p>
            <ChooseFile accept=".zip,application/zip" :disabled="busy" data-import @chosen="$event[0] && bring.mutate($event[0])"
                >Choose a household file…</ChooseFile
            >
            <Notice :error="out.error.value ?? bring.error.value" class="mt-3" />
            <template v-for="(job, i) in jobs" :key="i">
                <JobState v-if="job" :job="job" :data-job="i === 0 ? 'out' : 'in'">
                    <a
                        v-if="job.file"
                        class="mt-1 inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                        :href="`/api/journal/export/${job.file}`"
                        download
                        data-fetch-export
                        ><Download :size="18" aria-hidden="true" /> Take it away</a
                    >
                </JobState>
            </template>
        </section>
        <section class="rounded-2xl border border-hem bg-paper p-5" aria-labelledby="tables">
            <h2 id="tables">Tables for a spreadsheet</h2>
            <p class="mb-2 text-soft">Each column says its unit. A list of things can be read in again, in the Cupboard.</p>
            <ul>
                <li v-for="table in tables" :key="table.name">
                    <a
                        class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                        :href="`/api/journal/tables/${table.name}.csv`"
                        download
                        :data-table="table.name"
                        ><Download :size="18" aria-hidden="true" /> {{ table.words }} (CSV)</a
                    >
                </li>
            </ul>
        </section>
        <Erase class="lg:col-span-2" />
    </div>
</template>
