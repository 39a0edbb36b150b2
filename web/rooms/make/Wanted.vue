<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { setFile, type Until, useKeep, useSet } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';

import { usePrinter } from './printer';

/** What today, tomorrow and this week want and nobody has made: each by itself, or all as one set. */
const props = defineProps<{ wanted: Schemas['DayWantsView'][] }>();
const emit = defineEmits<{ pick: [want: Schemas['WantView']] }>();

const printer = usePrinter();
const keep = useKeep();
const first = props.wanted.find(({ wants }) => wants.length)?.until ?? 'today';
const until = ref<Until>(first);
const day = computed(() => props.wanted.find((one) => one.until === until.value));
const printable = computed(() => day.value?.wants.filter(({ kind }) => kind) ?? []);
const asSet = ref(false);
const wish = computed(() => ({ until: until.value, ...printer.wish.value }));
const set = useSet(wish, asSet);

type Ready = { url: string; kilobytes: number };
const file = ref<Ready | null>(null);
const drawing = ref(false);
const failed = ref<Error | null>(null);
function choose(one: Until) {
    until.value = one;
    file.value = null;
}
/** The set is drawn while a line says so, and then lies ready to be opened. */
async function draw() {
    drawing.value = true;
    failed.value = null;
    try {
        const answer = await fetch(setFile(wish.value));
        if (!answer.ok) {
            const problem = (await answer.json()) as { detail?: string };
            throw new Error(problem.detail ?? 'The set could not be drawn. Nothing was lost; try it once more.');
        }
        const blob = await answer.blob();
        file.value = { url: URL.createObjectURL(blob), kilobytes: Math.ceil(blob.size / 1000) };
    } catch (error) {
        failed.value = error instanceof Error ? error : new Error(String(error));
    } finally {
        drawing.value = false;
    }
}
const isThere = (want: Schemas['WantView']) =>
    keep.mutate({
        state: 'made',
        as: { setUpId: want.setUpId, propId: want.propId },
        keptAt: want.keptAt ?? null,
    } as Schemas['KeptInput']);
const pages = (count: number) => (count === 1 ? 'one page' : `${count} pages`);
const minutes = (count: number) => (count === 1 ? 'about a minute' : `about ${count} minutes`);
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="Wanted">
        <h2 class="mb-2">Wanted</h2>
        <div class="mb-3 flex flex-wrap gap-2" role="group" aria-label="For when">
            <button
                v-for="one in wanted"
                :key="one.until"
                type="button"
                class="min-h-11 rounded-lg border-2 px-3 text-left font-bold"
                :class="one.until === until ? 'border-ink bg-linen' : 'border-hem'"
                :aria-pressed="one.until === until"
                :data-until="one.until"
                @click="choose(one.until)"
            >
                {{ one.name }} <span class="font-normal text-soft">{{ one.wants.length }}</span>
            </button>
        </div>
        <p v-if="until === 'week'" class="mb-2 text-sm text-soft">Of the days that are planned so far.</p>
        <p v-if="!day?.wants.length" class="text-soft">
            Nothing is wanting: what is planned is made, or needs nothing made. Plan a day and look again.
        </p>
        <ul v-else class="space-y-2">
            <li v-for="want in day.wants" :key="want.setUpId + want.propId" class="flex items-start justify-between gap-2">
                <button
                    v-if="want.kind"
                    type="button"
                    class="min-h-11 flex-1 rounded-lg px-1 text-left hover:bg-linen"
                    :data-want="want.propId"
                    @click="emit('pick', want)"
                >
                    <b class="underline underline-offset-4">{{ want.name }}</b>
                    <span class="block text-sm text-soft">
                        {{ want.activity
                        }}<template v-if="want.state === 'half-made'"> · half made, {{ want.pagesDone }} done</template
                        ><template v-if="want.state === 'worn-out'"> · worn out</template>
                    </span>
                </button>
                <p v-else class="flex-1 px-1">
                    <b>{{ want.name }}</b> <span class="block text-sm text-soft">{{ want.activity }} · made by hand</span>
                </p>
                <Button
                    kind="quiet"
                    class="shrink-0 px-2!"
                    :data-is-there="want.propId"
                    :disabled="keep.isPending.value"
                    :aria-label="`${want.name}: I have it`"
                    @click="isThere(want)"
                    >I have it</Button
                >
            </li>
        </ul>
        <Notice :error="keep.error.value" class="mt-2" />
        <template v-if="printable.length">
            <Button v-if="!asSet" class="mt-3 w-full" data-set @click="asSet = true">All of it as one set</Button>
            <div v-else class="mt-3 border-t-2 border-hem pt-3" data-set-shown>
                <p v-if="set.isPending.value" role="status">Choosing as few sheets as do…</p>
                <Notice :error="set.error.value" />
                <template v-if="set.data.value">
                    <ul class="mb-2 list-disc pl-5">
                        <li v-for="sheet in set.data.value.sheets" :key="sheet.setUpId + sheet.propId">
                            {{ sheet.name }}, {{ pages(sheet.pages) }}
                            <span v-if="sheet.refused" class="font-bold text-care">{{ sheet.refused }}</span>
                        </li>
                    </ul>
                    <p class="mb-2">
                        {{ pages(set.data.value.pages) }} in all, {{ minutes(set.data.value.minutes) }} to make.
                        <template v-if="set.data.value.without.length"
                            >Not on paper: {{ set.data.value.without.join(', ') }}.</template
                        >
                    </p>
                    <p v-if="drawing" role="status" class="flex items-center gap-2">
                        <progress class="h-3 w-24 accent-deep" /> Drawing {{ pages(set.data.value.pages) }}…
                    </p>
                    <a
                        v-else-if="file"
                        :href="file.url"
                        target="_blank"
                        class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
                        data-set-file
                        >Open the set (PDF, {{ file.kilobytes }} kB)</a
                    >
                    <Button v-else kind="strong" :disabled="!set.data.value.pages" data-draw-set @click="draw"
                        >Put it together</Button
                    >
                    <Notice :error="failed" class="mt-2" />
                </template>
            </div>
        </template>
    </section>
</template>
