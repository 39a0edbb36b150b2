<script setup lang="ts">
import { Download, Printer } from '@lucide/vue';
import { computed, ref } from 'vue';

import { useYear, useYearStart } from '@/api/journal';
import Arrow from '@/kit/Arrow.vue';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { usePaper } from '@/kit/paper';

const paper = usePaper();
/** Minutes and days of a year, for those whose rules ask for them. */
const of = ref('');
const query = useYear(of);
const year = computed(() => query.data.value);
const setting = ref(false);
const month = ref('9');
const day = ref(1);
const start = useYearStart(() => {
    setting.value = false;
    of.value = '';
});
const months = Array.from({ length: 12 }, (_, i) => ({
    value: String(i + 1),
    words: new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' }).format(new Date(Date.UTC(2026, i, 1))),
}));
const files = computed(() => new URLSearchParams({ ...(of.value ? { of: of.value } : {}), paper: paper.value }));
function begin() {
    month.value = String(year.value!.startMonth);
    day.value = year.value!.startDay;
    setting.value = true;
}
const days = (count: number) => (count === 1 ? '1 day' : `${count} days`);
</script>

<template>
    <Wait v-if="query.isPending.value" what="Adding it up…" />
    <Notice v-else-if="query.error.value" :error="query.error.value" />
    <div v-else-if="year">
        <div class="mb-3 flex flex-wrap items-center gap-2">
            <Arrow v-if="year.before" to="before" label="The year before" @click="of = year.before" />
            <h2 data-year>{{ year.title }}</h2>
            <Arrow v-if="year.after" to="after" label="The year after" @click="of = year.after" />
            <Button kind="quiet" data-begin @click="begin">When the year begins…</Button>
        </div>
        <p v-if="!year.children.length" class="mb-4">Nothing was done in this year yet.</p>
        <template v-else>
            <p class="mb-3">
                <b>{{ days(year.daysOfAll) }}</b> on which anything was done with anyone.
            </p>
            <div class="grid gap-5 xl:grid-cols-2">
                <div
                    class="overflow-x-auto rounded-2xl border border-hem bg-paper p-4"
                    tabindex="0"
                    role="region"
                    aria-label="Days and minutes by month"
                >
                    <table class="w-full text-left text-sm sm:text-base" data-months>
                        <caption class="mb-2 text-left font-bold">
                            Days and minutes by month
                        </caption>
                        <thead>
                            <tr>
                                <th class="py-1 pr-3"><span class="sr-only">Month</span></th>
                                <th v-for="one in year.children" :key="one.child.id" class="py-1 pr-3">
                                    <span class="flex items-center gap-1.5"
                                        ><ThreadKnot :thread="one.child.thread" :size="18" /> {{ one.child.name }}</span
                                    >
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr v-for="(name, key) in year.months" :key="key" class="border-t border-hem">
                                <th class="py-1 pr-3 font-normal">{{ name }}</th>
                                <td v-for="one in year.children" :key="one.child.id" class="py-1 pr-3">
                                    <template v-if="one.months[key]"
                                        ><span class="block sm:inline">{{ days(one.months[key]![0]!) }}</span
                                        ><span class="hidden sm:inline">, </span
                                        ><span class="block sm:inline">{{ one.months[key]![1] }} min</span></template
                                    >
                                </td>
                            </tr>
                        </tbody>
                        <tfoot>
                            <tr class="border-t-2 border-field font-bold whitespace-nowrap">
                                <th class="py-1 pr-3">The year</th>
                                <td v-for="one in year.children" :key="one.child.id" class="py-1 pr-3">
                                    <span class="block sm:inline">{{ days(one.days) }}</span><span class="hidden sm:inline"
                                        >, </span
                                    ><span class="block sm:inline">{{ one.minutes }} min</span>
                                </td>
                            </tr>
                        </tfoot>
                    </table>
                </div>
                <div
                    class="overflow-x-auto rounded-2xl border border-hem bg-paper p-4"
                    tabindex="0"
                    role="region"
                    aria-label="Minutes by strand"
                >
                    <table class="w-full text-left text-sm sm:text-base" data-strands>
                        <caption class="mb-2 text-left font-bold">
                            Minutes by strand
                        </caption>
                        <thead>
                            <tr>
                                <th class="py-1 pr-3"><span class="sr-only">Strand</span></th>
                                <th v-for="one in year.children" :key="one.child.id" class="py-1 pr-3">{{ one.child.name }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr v-for="(name, key) in year.strands" :key="key" class="border-t border-hem">
                                <th class="py-1 pr-3 font-normal">{{ name }}</th>
                                <td v-for="one in year.children" :key="one.child.id" class="py-1 pr-3">
                                    {{ one.strands[key] ?? '' }}
                                </td>
                            </tr>
                        </tbody>
                    </table>
                </div>
            </div>
            <div class="mt-4 flex flex-wrap gap-4">
                <a
                    class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                    :href="`/api/journal/year.pdf?${files}`"
                    target="_blank"
                    data-year-pdf
                    ><Printer :size="18" aria-hidden="true" /> The log, to print</a
                >
                <a
                    class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                    :href="`/api/journal/year.csv?${files}`"
                    download
                    data-year-csv
                    ><Download :size="18" aria-hidden="true" /> As a table (CSV)</a
                >
            </div>
        </template>
        <p class="mt-4 max-w-prose text-sm text-soft" data-rules-differ>{{ year.rulesDiffer }}</p>
        <Dialog :open="setting" title="When the year begins" @close="setting = false">
            <form class="space-y-4" @submit.prevent="start.mutate({ month: Number(month), day })">
                <Choice v-model="month" label="Month" :options="months" />
                <Field id="year-day" v-slot="{ control }" label="Day" hint="A day that every month has: 1 to 28.">
                    <input
                        v-bind="control"
                        v-model.number="day"
                        type="number"
                        min="1"
                        max="28"
                        class="min-h-11 w-28 rounded-lg border-[1.5px] border-field px-3"
                    />
                </Field>
                <Notice :error="start.error.value" />
                <Button type="submit" kind="strong" :disabled="start.isPending.value">Keep</Button>
            </form>
        </Dialog>
    </div>
</template>
