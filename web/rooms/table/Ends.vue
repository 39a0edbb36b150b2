<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { ArrowRight } from '@lucide/vue';
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';

import { nowMinute } from '@/api/changes';
import { ask, client, type Schemas } from '@/api/client';
import { changed, keepTable } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Spindle from '@/kit/Spindle.vue';
import TakePhotograph from '@/kit/TakePhotograph.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { longDay } from '@/kit/words';
import { decisionNames, marks as markNames } from '@/generated/words';

/** What follows for each child, with the evidence it stands on. */
const props = defineProps<{ table: Schemas['TableView']; ending: string }>();
const router = useRouter();
const kinds = Object.entries(decisionNames) as [Schemas['DecisionKind'], string][];
const accepted = ref<string[]>([]);
const choosing = ref<string | null>(null);
const choose = useMutation({
    mutationFn: (body: Schemas['ChoiceInput']) =>
        ask(client.POST('/api/table/{setUpId}/choose', { params: { path: { setUpId: props.table.id } }, body })),
    onSuccess: (table, { stepId }) => {
        keepTable(table);
        changed('plan');
        choosing.value = null;
        accepted.value.push(stepId);
    },
});
const five = useMutation({
    mutationFn: (childId: string) => ask(client.POST('/api/today/five-minutes', { body: { childId, at: nowMinute() } })),
    onSuccess: ({ setUpId }) => {
        changed('plan');
        void router.push({ name: 'table', params: { setUpId } });
    },
});
const about = computed(() => ({ setUpId: props.table.id, childIds: props.table.seats.map((seat) => seat.childId) }));
const guesses = computed(() => props.table.turns.filter((turn) => turn.done?.guess != null));
const thread = (childId: string) => props.table.seats.find((seat) => seat.childId === childId)?.thread ?? 0;
</script>

<template>
    <section class="mx-auto w-full max-w-2xl space-y-4 p-4" aria-label="What follows">
        <p v-if="!ending" class="rounded-xl border border-hem bg-linen p-3" role="status" data-ended-elsewhere>
            This was ended on another device. What was tapped here is kept too, and counts.
        </p>
        <table v-if="guesses.length" class="w-full rounded-2xl border border-hem bg-paper text-left">
            <caption class="p-3 text-left text-xl font-bold">
                The guesses
            </caption>
            <thead>
                <tr>
                    <th class="p-3">Guess</th>
                    <th class="p-3">Counted</th>
                    <th class="p-3">Apart</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="turn in guesses" :key="turn.questionId" class="border-t border-hem">
                    <td class="p-3">{{ turn.done?.guess }}</td>
                    <td class="p-3">{{ turn.done?.counted }}</td>
                    <td class="p-3">{{ Math.abs((turn.done?.guess ?? 0) - (turn.done?.counted ?? 0)) }}</td>
                </tr>
            </tbody>
        </table>
        <p v-if="guesses.length" class="px-1 text-soft">Were the later ones closer? Why?</p>
        <article v-for="end in table.ends" :key="end.childId" class="rounded-2xl border border-hem bg-paper p-5">
            <p class="flex items-center gap-2">
                <ThreadKnot :thread="thread(end.childId)" />
                <span
                    ><b>{{ end.childName }}:</b> {{ end.step.name }}, {{ end.step.reach }}</span
                >
            </p>
            <h2 class="mt-3 text-2xl" data-decision>{{ end.name }}</h2>
            <p class="mt-1 text-lg">{{ end.sentence }}</p>
            <p v-if="end.remedy" class="mt-2"><b>For next time:</b> {{ end.remedy }}</p>
            <div class="mt-4 flex items-center gap-3">
                <span class="flex items-center gap-2"
                    ><Spindle :mark="end.markBefore" :size="36" quiet /> {{ markNames[end.markBefore] }}</span
                >
                <template v-if="end.markAfter !== end.markBefore">
                    <ArrowRight :size="22" aria-label="then" />
                    <span class="flex items-center gap-2 font-bold"
                        ><Spindle :mark="end.markAfter" :size="36" quiet /> {{ markNames[end.markAfter] }}</span
                    >
                </template>
            </div>
            <p v-if="end.comes" class="mt-2" data-comes>It comes back from {{ longDay(end.comes) }} on.</p>
            <p v-if="end.opens.length" class="mt-3"><b>Ready now:</b> {{ end.opens.join('; ') }}</p>
            <div class="mt-3 flex flex-wrap items-center gap-2">
                <Button v-if="!accepted.includes(end.step.id)" kind="strong" data-accept @click="accepted.push(end.step.id)"
                    >So be it</Button
                >
                <p v-else role="status">So be it: the next plan does that.</p>
                <Button
                    kind="quiet"
                    :aria-expanded="choosing === end.step.id"
                    data-otherwise
                    @click="choosing = choosing === end.step.id ? null : end.step.id"
                    >Otherwise…</Button
                >
            </div>
            <div v-if="choosing === end.step.id" class="mt-2 flex flex-wrap gap-2" role="group" aria-label="What comes instead">
                <Button
                    v-for="[kind, words] in kinds"
                    :key="kind"
                    :disabled="kind === end.kind || choose.isPending.value"
                    :data-choose="kind"
                    @click="choose.mutate({ childId: end.childId, stepId: end.step.id, kind })"
                    >{{ words }}</Button
                >
            </div>
            <RouterLink
                :to="{ name: 'map', params: { childId: end.childId }, query: { step: end.step.id } }"
                class="mt-3 inline-flex min-h-11 items-center font-bold text-deep underline underline-offset-4"
            >
                The evidence on the map
            </RouterLink>
        </article>
        <Notice :error="choose.error.value ?? five.error.value" />
        <TakePhotograph :about="about" words="A photograph for the Journal" />
        <div
            v-if="ending === 'asked-for-more'"
            class="flex flex-wrap items-center gap-2 rounded-2xl border border-hem bg-paper p-4"
        >
            <p class="flex-1">They asked for more. Five more minutes, with nothing to fetch?</p>
            <Button
                v-for="seat in table.seats"
                :key="seat.sittingId"
                :disabled="five.isPending.value"
                :data-five-more="seat.childId"
                @click="five.mutate(seat.childId)"
                >With {{ seat.childName }}</Button
            >
        </div>
        <RouterLink
            to="/"
            class="flex min-h-14 items-center justify-center rounded-xl border-2 border-deep bg-deep px-5 text-lg font-bold text-white hover:bg-deep-dark"
            >Back to Today</RouterLink
        >
    </section>
</template>
