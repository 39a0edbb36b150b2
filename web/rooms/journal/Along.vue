<script setup lang="ts">
import { Printer } from '@lucide/vue';
import { computed, ref } from 'vue';

import { useAlong } from '@/api/journal';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Toggle from '@/kit/Toggle.vue';
import Wait from '@/kit/Wait.vue';
import { usePaper } from '@/kit/paper';
import { shortDay } from '@/kit/words';

import FactSquares from './FactSquares.vue';
import GuessPlot from './GuessPlot.vue';
import ThenAndNow from './ThenAndNow.vue';
import WaysPlot from './WaysPlot.vue';
import Who from './Who.vue';
import { useWhose } from './whose';

const paper = usePaper();
/** How one child has come along: then and now, facts, guesses, ways of working; and the record on one page. */
const { childId } = useWhose();
const then = ref('');
const query = useAlong(childId, then);
const along = computed(() => query.data.value);
const withEvidence = ref(false);
const record = computed(
    () =>
        `/api/map/${childId.value}/record.pdf?${new URLSearchParams({ paper: paper.value, ...(withEvidence.value ? { evidence: '1' } : {}) })}`,
);
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-center gap-x-5 gap-y-2">
            <Who v-model="childId" />
            <a
                v-if="along"
                class="inline-flex min-h-11 items-center gap-2 font-bold text-deep underline underline-offset-4"
                :href="record"
                target="_blank"
                data-record-pdf
                ><Printer :size="18" aria-hidden="true" /> The record on one page</a
            >
            <Toggle v-if="along" v-model="withEvidence" label="with the evidence" />
        </div>
        <Wait v-if="query.isPending.value && childId" what="Looking back…" />
        <Notice :error="query.error.value" />
        <p v-if="!childId">Nobody is at the table yet.</p>
        <div v-if="along" class="grid items-start gap-5 lg:grid-cols-2">
            <section class="min-w-0 rounded-2xl border border-hem bg-paper p-4 lg:col-span-2" aria-labelledby="then-and-now">
                <div class="mb-3 flex flex-wrap items-end justify-between gap-3">
                    <h2 id="then-and-now">Then and now</h2>
                    <Field id="then" v-slot="{ control }" label="Then">
                        <input
                            v-bind="control"
                            :value="along.then"
                            type="date"
                            :min="along.first"
                            :max="along.today"
                            class="min-h-11 rounded-lg border-[1.5px] border-field px-3"
                            data-then
                            @change="then = ($event.target as HTMLInputElement).value"
                        />
                    </Field>
                </div>
                <ThenAndNow :strands="along.strands" :then="shortDay(along.then)" />
            </section>
            <FactSquares :child-id="childId" :squares="along.squares" />
            <div class="min-w-0 space-y-5">
                <section class="min-w-0 rounded-2xl border border-hem bg-paper p-4" aria-labelledby="guesses">
                    <h2 id="guesses" class="mb-2">Guesses</h2>
                    <GuessPlot :guesses="along.guesses" />
                </section>
                <section class="rounded-2xl border border-hem bg-paper p-4" aria-labelledby="ways">
                    <h2 id="ways" class="mb-2">Ways of working sums</h2>
                    <WaysPlot :weeks="along.ways" :words="along.wayWords as Record<string, string>" :says="along.waysSay" />
                </section>
            </div>
        </div>
    </div>
</template>
