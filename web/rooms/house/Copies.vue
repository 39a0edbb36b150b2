<script setup lang="ts">
import { Download } from '@lucide/vue';
import { computed, ref, watch } from 'vue';

import { askAllAnew, useCopies, useJob, useMakeCopy, usePutBack } from '@/api/queries';
import Button from '@/kit/Button.vue';
import ChooseFile from '@/kit/ChooseFile.vue';
import Dialog from '@/kit/Dialog.vue';
import JobState from '@/kit/JobState.vue';
import Notice from '@/kit/Notice.vue';

/** Safe copies: made, taken away, put back. */
const copies = useCopies();
const make = useMakeCopy();
const wanted = ref<string | File | null>(null);
const jobId = ref('');
const restore = usePutBack((job) => {
    jobId.value = job.id;
    wanted.value = null;
});
const job = useJob(jobId);
watch(
    () => job.data.value?.state,
    (state) => state === 'done' && void askAllAnew(),
);
const busy = computed(() => jobId.value !== '' && !['done', 'failed'].includes(job.data.value?.state ?? 'waiting'));
const latest = computed(() => copies.data.value?.copies[0]);
const why: Record<string, string> = {
    daily: 'of the day',
    asked: 'asked for',
    renewal: 'before Pindle was renewed',
    restore: 'before a copy was put in place',
};
const when = (made: number) =>
    new Intl.DateTimeFormat('en-GB', {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
    }).format(made);
</script>

<template>
    <section class="mt-6 rounded-2xl border border-hem bg-paper p-5" aria-labelledby="copies">
        <h2 id="copies">Safe copies</h2>
        <p class="mb-3 text-soft">
            One is made every day that Pindle runs, and fourteen are kept beside your data. One that you take away is a single
            file with everything in it: carry it to another machine or a stick now and then.
        </p>
        <p v-if="latest" data-latest>
            The last: <b>{{ when(latest.made) }}</b>, {{ latest.size }}, {{ why[latest.why] }}.
        </p>
        <p v-else-if="copies.data.value">None yet.</p>
        <p v-if="latest" class="text-soft" data-takes>{{ copies.data.value?.takes }}</p>
        <p v-if="copies.data.value?.full" class="mt-2 rounded-xl border-2 border-care p-3" role="status" data-full>
            {{ copies.data.value.full }}
        </p>
        <Notice :error="copies.error.value ?? make.error.value ?? restore.error.value" class="my-3" />
        <JobState v-if="job.data.value" :job="job.data.value" data-job />
        <div class="my-3 flex flex-wrap gap-2">
            <Button kind="strong" :disabled="make.isPending.value || busy" @click="make.mutate()">Make one now</Button>
            <ChooseFile accept=".zip,application/zip" :disabled="busy" @chosen="wanted = $event[0] ?? null"
                >Put back from a file…</ChooseFile
            >
        </div>
        <details v-if="copies.data.value?.copies.length">
            <summary class="min-h-11 cursor-pointer py-2 font-bold text-deep">
                {{ copies.data.value.copies.length === 1 ? 'The one' : `All ${copies.data.value.copies.length}` }} beside your
                data
            </summary>
            <ul class="divide-y divide-hem border-t border-hem">
                <li v-for="copy in copies.data.value.copies" :key="copy.name" class="flex flex-wrap items-center gap-x-4 py-1">
                    <span class="flex-1">{{ when(copy.made) }}, {{ copy.size }}, {{ why[copy.why] }}</span>
                    <a
                        class="inline-flex min-h-11 items-center gap-1 font-bold text-deep underline underline-offset-4"
                        :href="`/api/house/copies/${copy.name}`"
                        download
                        ><Download :size="18" aria-hidden="true" /> Take it away</a
                    >
                    <Button kind="quiet" :disabled="busy" @click="wanted = copy.name">Put it back…</Button>
                </li>
            </ul>
        </details>
        <Dialog :open="wanted !== null" title="Put this copy in place?" @close="wanted = null">
            <p>
                Everything becomes as it is in
                <b>{{ typeof wanted === 'string' ? wanted : wanted?.name }}</b>. What is there now is kept as a safe copy first,
                so you can go back.
            </p>
            <Notice :error="restore.error.value" class="mt-3" />
            <div class="mt-4 flex flex-wrap gap-2">
                <Button kind="strong" :disabled="restore.isPending.value" @click="wanted && restore.mutate(wanted)"
                    >Put it in place</Button
                >
                <Button kind="quiet" @click="wanted = null">Leave it</Button>
            </div>
        </Dialog>
    </section>
</template>
