<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { ChevronDown, Eye, Undo2 } from '@lucide/vue';
import { useSessionStorage, useTitle, useWakeLock } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { waiting } from '@/api/outbox/items';
import { outcomes as outcomeWords } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';
import Refused from '@/kit/Refused.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import TopBar from '@/kit/TopBar.vue';
import Wait from '@/kit/Wait.vue';
import { useKeys } from '@/kit/keys';
import Picture from '@/scene/Picture.vue';
import TurnedToChild from '@/scene/TurnedToChild.vue';

import Advice from './Advice.vue';

import Closing from './Closing.vue';
import Ends from './Ends.vue';
import GuessPad from './GuessPad.vue';
import HowItGoes from './HowItGoes.vue';
import LastQuestion from './LastQuestion.vue';
import Noticing from './Noticing.vue';
import Seats from './Seats.vue';

import { type Closed, doneCount, newest, seatOf } from './table';
import { useAdvice, useEnd, useTable, useTaps } from './useTable';

const props = defineProps<{ setUpId: string }>();

const { document, table } = useTable(props.setUpId);
const taps = useTaps(props.setUpId, table);
const { method, slip, help } = taps;
const { advice, busy, answer } = useAdvice(props.setUpId);
const end = useEnd(props.setUpId, table);

/** The picture the screen is turned to the child with: as it is asked, or as it is done, to check by. */
const shown = ref<string | null>(null);
/** Where nothing is noted before the child, the questions are gone through first and tapped afterwards. */
const goneThrough = useSessionStorage(`gone-through-${props.setUpId}`, 0);
const goingThrough = computed(() => (table.value?.notesAfter ? table.value.turns[goneThrough.value] : undefined));
const goOn = () => goneThrough.value++;
const turn = computed(() => goingThrough.value ?? taps.turn.value);

const closing = ref(false);
const noticing = ref(false);
const count = computed(() => (table.value ? doneCount(table.value) : 0));
const last = computed(() => table.value && newest(table.value));
const seat = computed(() => table.value && seatOf(table.value, turn.value?.sittingId));
/** The step of the question: a sitting may have two. */
const stepNow = computed(() =>
    seat.value?.second && seat.value.second.id === turn.value?.stepId ? seat.value.second : seat.value!.step,
);
const several = computed(() => (table.value?.seats.length ?? 0) > 1);

function tap(outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }) {
    if (goingThrough.value) {
        return;
    }
    taps.tap(outcome, guessed);
    noticing.value = false;
}

/** One mark for all that was not tapped, and the end. */
async function closeAll(closed: Closed[]) {
    closing.value = false;
    await end.close(closed);
    await end.finish('done');
}

useTitle(computed(() => `${table.value?.name ?? 'At the table'} · Pindle`));
useKeys({
    '1': () => tap('at-once'),
    '2': () => tap('worked-it-out'),
    '3': () => tap('with-help'),
    '4': () => tap('not-yet'),
    u: taps.undo,
    m: () => (noticing.value = !noticing.value),
    q: () => end.finish('had-enough'),
    ' ': () => (goingThrough.value ? goOn() : taps.next()),
    e: () => answer(true),
    o: () => answer(false),
    v: () => (shown.value = shown.value || !table.value?.showsScreen ? null : (turn.value?.picture ?? null)),
});

/** The screen stays awake while something is on the table. */
const awake = useWakeLock();
onMounted(() => awake.isSupported.value && awake.request('screen').catch(() => {}));
onBeforeUnmount(() => awake.release());
</script>

<template>
    <div class="flex min-h-dvh flex-col">
        <TopBar to="/" back="Today">
            <h1 class="min-w-0 flex-1 truncate text-lg">{{ table?.name ?? 'At the table' }}</h1>
            <p v-if="waiting.length" class="text-sm font-bold text-care" role="status">{{ waiting.length }} waiting</p>
            <p v-else-if="table?.turns.length && !table.isDone" class="text-sm text-soft">
                {{ count }} of {{ table.turns.length }}
            </p>
        </TopBar>

        <Wait v-if="document.isPending.value || (!table && !document.error.value)" what="Laying out…" />
        <div v-else-if="!table" class="p-4"><Notice :error="document.error.value" /></div>
        <template v-else>
            <div class="px-3 pt-3 empty:hidden"><Refused /></div>

            <Ends v-if="table.isDone" :table="table" />

            <div v-else class="mx-auto flex w-full max-w-6xl flex-1 flex-col gap-3 p-3 md:flex-row md:p-5">
                <section class="flex min-w-0 flex-1 flex-col gap-3" aria-label="The question">
                    <Seats v-if="several" :seats="table.seats" :turn="turn?.sittingId" />

                    <template v-if="turn && seat">
                        <p v-if="!several" class="flex items-center gap-2 text-soft">
                            <ThreadKnot :thread="seat.thread" /> {{ seat.childName }}: {{ stepNow.name }}, {{ stepNow.reach
                            }}{{ turn.level === 'check' ? ', a short check: without help' : '' }}
                        </p>
                        <p class="text-xl leading-snug font-bold md:text-2xl" data-ask>{{ turn.ask }}</p>
                        <div
                            v-if="turn.picture"
                            class="flex min-h-44 flex-1 items-center justify-center rounded-2xl border border-hem bg-paper p-3 md:min-h-72"
                        >
                            <div class="h-48 w-full md:h-80"><Picture :svg="turn.picture" /></div>
                        </div>
                        <div class="flex items-start gap-2">
                            <p class="flex-1">
                                <span class="text-soft">Look for</span> <b>{{ turn.answer }}</b><br /><span class="text-soft">{{
                                    help === 'shown'
                                        ? 'Show one first:'
                                        : help === 'part-done'
                                          ? 'Start it together:'
                                          : 'No help:'
                                }}</span>
                                {{ table.helps[help] }}
                            </p>
                            <Button v-if="turn.finished && table.showsScreen" kind="quiet" @click="shown = turn.finished"
                                >Check</Button
                            >
                            <Button v-if="turn.picture && table.showsScreen" @click="shown = turn.picture"
                                ><Eye :size="20" aria-hidden="true" /> Turn</Button
                            >
                        </div>
                        <p v-if="seat.saysAlong" class="text-[0.95rem]">
                            Say it along together. Tap only what they do before you say it.
                        </p>
                        <p v-if="turn.forParent" class="text-[0.95rem] text-soft" data-for-parent>{{ turn.forParent }}</p>

                        <div
                            class="sticky bottom-0 -mx-3 mt-auto border-t border-hem bg-linen px-3 pt-2 pb-3 md:static md:mx-0 md:border-0 md:p-0"
                        >
                            <Advice
                                v-if="advice"
                                :advice="advice"
                                :name="several ? (seatOf(table, advice.sittingId)?.childName ?? '') : ''"
                                :busy="busy"
                                @take="answer(true)"
                                @other="answer(false)"
                                @close="advice = null"
                            />
                            <p v-else-if="table.notesAfter && !goingThrough" class="mb-2 font-bold">
                                Now that you are by yourself: how did this one go?
                            </p>
                            <Noticing
                                v-if="!advice && !goingThrough"
                                v-model:open="noticing"
                                v-model:method="method"
                                v-model:slip="slip"
                                :methods="turn.methods"
                                :slips="turn.slips"
                            />
                            <Button v-if="goingThrough" class="w-full" @click="goOn">Next</Button>
                            <GuessPad
                                v-else-if="turn.isGuess"
                                :turn="turn.questionId"
                                :exact="turn.amount ?? 1"
                                @counted="(guess, counted) => tap('at-once', { guess, counted })"
                            />
                            <Outcomes v-else wide @tap="tap" />
                            <div class="mt-2 flex items-center justify-between gap-2">
                                <Button kind="quiet" :disabled="!last" @click="taps.undo">
                                    <Undo2 :size="20" aria-hidden="true" />
                                    {{ last ? 'Undo: ' + outcomeWords[last.outcome] : 'Undo' }}
                                </Button>
                                <Button v-if="!goingThrough" @click="taps.next">Next, without a word</Button>
                                <Button kind="quiet" :disabled="end.waits.value" @click="end.finish('had-enough')"
                                    >Had enough</Button
                                >
                            </div>
                            <button
                                type="button"
                                class="min-h-11 text-sm text-soft underline underline-offset-4"
                                @click="closing = true"
                            >
                                Hands were full? One mark for all the rest
                            </button>
                        </div>
                    </template>

                    <LastQuestion
                        v-else
                        :table="table"
                        :busy="end.waits.value"
                        @finish="end.finish($event)"
                        @close="end.close"
                        @undo="taps.undo"
                    />
                </section>

                <section class="hidden w-80 shrink-0 md:block" aria-label="How it goes"><HowItGoes :table="table" /></section>
                <Disclosure
                    v-slot="{ open }"
                    as="section"
                    class="rounded-2xl border border-hem bg-paper md:hidden"
                    aria-label="How it goes"
                >
                    <DisclosureButton class="flex min-h-12 w-full items-center justify-between px-4 font-bold">
                        Lay out, say, look for <ChevronDown :size="20" :class="open ? 'rotate-180' : ''" aria-hidden="true" />
                    </DisclosureButton>
                    <DisclosurePanel class="px-4 pb-4"><HowItGoes :table="table" bare /></DisclosurePanel>
                </Disclosure>
            </div>
            <Dialog v-if="closing" open title="How did it go on the whole?" @close="closing = false">
                <Closing :table="table" :busy="end.waits.value" @close="closeAll" />
            </Dialog>
            <TurnedToChild v-if="shown" :picture="shown" @back="shown = null" />
        </template>
    </div>
</template>
