<script setup lang="ts">
import { FileArchive, Printer } from '@lucide/vue';
import { computed, ref } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { usePortfolio, useRemovePage } from '@/api/journal';
import { useHouse } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import { usePaper } from '@/kit/paper';
import { shortDay } from '@/kit/words';

import PageDialog from './PageDialog.vue';
import Who from './Who.vue';

const paper = usePaper();
/** From a day to another: days, photographs and pages of one's own, each in or out; then on paper, or as plain files. */
const MONTHS = 3;
const from = ref('');
const to = ref('');
const child = ref('');
const house = useHouse();
const known = computed(() => {
    const today = house.data.value?.today ?? '';
    const before = today ? new Date(today) : null;
    before?.setUTCMonth(before.getUTCMonth() - MONTHS);
    return { from: before?.toISOString().slice(0, 10) ?? '', to: today };
});
const without = ref<Set<string>>(new Set());
const chosen = computed(() => ({
    from: from.value || known.value.from,
    to: to.value || known.value.to,
    child: child.value,
    without: [...without.value].join(','),
}));
const query = usePortfolio(chosen);
const portfolio = computed(() => query.data.value);
const toggle = (id: string) => without.value.delete(id) || without.value.add(id);
const isIn = (id: string) => !without.value.has(id);
const address = computed(
    () => new URLSearchParams({ ...chosen.value, without: [...without.value].join(','), paper: paper.value }),
);
const parts = computed(() => portfolio.value?.parts ?? 1);
const page = ref<Schemas['PageView'] | 'new' | null>(null);
const remove = useRemovePage();
const fieldError = (field: string) => (query.error.value instanceof Problem ? query.error.value.fields[field] : undefined);
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-end gap-4">
            <Who v-model="child" all="All" />
            <Field id="portfolio-from" v-slot="{ control }" label="From" :error="fieldError('from')">
                <input
                    v-bind="control"
                    :value="chosen.from"
                    type="date"
                    class="min-h-11 rounded-lg border-[1.5px] border-field bg-paper px-3"
                    data-from
                    @change="from = ($event.target as HTMLInputElement).value"
                />
            </Field>
            <Field id="portfolio-to" v-slot="{ control }" label="To" :error="fieldError('to')">
                <input
                    v-bind="control"
                    :value="chosen.to"
                    type="date"
                    class="min-h-11 rounded-lg border-[1.5px] border-field bg-paper px-3"
                    data-to
                    @change="to = ($event.target as HTMLInputElement).value"
                />
            </Field>
            <Button data-write-page @click="page = 'new'">Write a page</Button>
        </div>
        <Wait v-if="query.isPending.value" what="Laying the pages out…" />
        <Notice v-else-if="query.error.value && !fieldError('from') && !fieldError('to')" :error="query.error.value" />
        <div v-if="portfolio" class="grid items-start gap-5 lg:grid-cols-[1fr_19rem]">
            <div>
                <section
                    v-if="portfolio.pages.length"
                    class="mb-4 rounded-2xl border border-hem bg-paper p-4"
                    aria-labelledby="pages"
                >
                    <h2 id="pages" class="mb-1">Pages of your own</h2>
                    <ul class="divide-y divide-hem">
                        <li v-for="one in portfolio.pages" :key="one.id" class="flex flex-wrap items-center gap-x-3">
                            <label class="flex min-h-11 flex-1 items-center gap-3">
                                <input
                                    type="checkbox"
                                    class="size-5 accent-deep"
                                    :checked="isIn(one.id)"
                                    @change="toggle(one.id)"
                                />
                                <span
                                    ><b>{{ one.title }}</b
                                    ><span class="text-soft">, {{ shortDay(one.day) }}</span></span
                                >
                            </label>
                            <Button kind="quiet" @click="page = one">Change</Button>
                            <Button kind="quiet" :disabled="remove.isPending.value" @click="remove.mutate(one.id)"
                                >Take out for good</Button
                            >
                        </li>
                    </ul>
                    <Notice :error="remove.error.value" />
                </section>
                <p v-if="!portfolio.days.length">Nothing was done or written down in this time.</p>
                <ol class="space-y-3">
                    <li
                        v-for="day in portfolio.days"
                        :key="day.date"
                        class="rounded-2xl border border-hem bg-paper p-4"
                        :class="isIn(day.date) ? '' : 'opacity-60'"
                        :data-choose-day="day.date"
                    >
                        <label class="flex min-h-11 items-center gap-3 font-bold">
                            <input
                                type="checkbox"
                                class="size-5 accent-deep"
                                :checked="isIn(day.date)"
                                @change="toggle(day.date)"
                            />
                            {{ day.called }}
                        </label>
                        <p class="pl-8">
                            {{
                                [
                                    ...day.setUps.map(({ name }) => name),
                                    ...day.instead.map(({ words }) => words),
                                    ...day.elsewhere.map(({ step }) => `seen elsewhere: ${step}`),
                                ].join('; ')
                            }}
                        </p>
                        <ul v-if="day.photographs.length && isIn(day.date)" class="mt-2 flex flex-wrap gap-3 pl-8">
                            <li v-for="photograph in day.photographs" :key="photograph.id">
                                <label class="block">
                                    <img
                                        :src="`${photograph.src}?small=1`"
                                        :alt="photograph.words ? '' : 'A photograph'"
                                        loading="lazy"
                                        class="h-24 w-32 rounded-lg border border-hem object-cover"
                                        :class="isIn(photograph.id) ? '' : 'opacity-40'"
                                    />
                                    <span class="flex min-h-11 items-center gap-2 text-sm">
                                        <input
                                            type="checkbox"
                                            class="size-5 accent-deep"
                                            :checked="isIn(photograph.id)"
                                            :data-choose-photograph="photograph.id"
                                            @change="toggle(photograph.id)"
                                        />
                                        {{ photograph.words || 'in' }}
                                    </span>
                                </label>
                            </li>
                        </ul>
                    </li>
                </ol>
            </div>
            <aside class="rounded-2xl border border-hem bg-paper p-4 lg:sticky lg:top-4" aria-label="Take it away">
                <p>
                    {{ portfolio.title }}.
                    {{ portfolio.photographs === 1 ? 'One photograph' : `${portfolio.photographs} photographs` }} in it.
                </p>
                <p v-if="parts > 1" class="mt-2 text-sm text-soft">
                    At most {{ portfolio.most }} photographs go into one PDF: it comes in {{ parts }} parts.
                </p>
                <ul class="mt-3 space-y-1">
                    <li v-for="part in parts" :key="part">
                        <a
                            class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                            :href="`/api/journal/portfolio.pdf?${address}&part=${part}`"
                            target="_blank"
                            :data-portfolio-pdf="part"
                            ><Printer :size="18" aria-hidden="true" />
                            {{ parts === 1 ? 'To print (PDF)' : `Part ${part} to print (PDF)` }}</a
                        >
                    </li>
                    <li>
                        <a
                            class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                            :href="`/api/journal/portfolio.zip?${address}`"
                            download
                            data-portfolio-zip
                            ><FileArchive :size="18" aria-hidden="true" /> As plain files (zip)</a
                        >
                    </li>
                </ul>
                <p class="mt-2 text-sm text-soft">
                    The files are a page that opens in any browser, a table, and the photographs.
                </p>
            </aside>
        </div>
        <PageDialog v-if="page" :page="page === 'new' ? null : page" :day="chosen.to" @close="page = null" />
    </div>
</template>
