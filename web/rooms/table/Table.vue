<script setup lang="ts">
import { Ellipsis, Eye, Volume2 } from '@lucide/vue';
import { refDebounced, useNow, useSessionStorage, useTitle, useWakeLock } from '@vueuse/core';
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';

import type { Schemas } from '@/api/client';
import { refused, trouble, waiting } from '@/api/outbox/items';
import { standInKinds } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Refused from '@/kit/Refused.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import TopBar from '@/kit/TopBar.vue';
import Wait from '@/kit/Wait.vue';
import { useKeys } from '@/kit/keys';
import Picture from '@/scene/Picture.vue';
import TurnedToChild from '@/scene/TurnedToChild.vue';

import Advice from './Advice.vue';
import Besides from './Besides.vue';
import Ends from './Ends.vue';
import Gather from './Gather.vue';
import Interrupted from './Interrupted.vue';
import HelpWith from './HelpWith.vue';
import Rehearsal from './Rehearsal.vue';
import LastQuestion from './LastQuestion.vue';
import Noting from './Noting.vue';
import Seats from './Seats.vue';
import { type Closed, doneCount, type Help, pictureOf, seatOf } from './table';
import { useAdvice, useEnd, useTable, useTaps } from './useTable';

const StandIn = defineAsyncComponent(() => import('@/standins/StandIn.vue'));
const Elsewhere = defineAsyncComponent(() => import('./Elsewhere.vue'));

const props = defineProps<{ setUpId: string }>();
const route = useRoute();

const { document, table } = useTable(props.setUpId);
/** Where nothing is noted before the child, the questions are gone through first and tapped afterwards. */
const goneThrough = useSessionStorage(`gone-through-${props.setUpId}`, 0);
const goingThrough = computed(() => (table.value?.notesAfter ? table.value.turns[goneThrough.value] : undefined));
const taps = useTaps(props.setUpId, table, () => goingThrough.value?.questionId);
const { method, slip, turn, passed, lids, undoes } = taps;
const { advice, take, takeFirst, other, close: closeAdvice } = useAdvice(props.setUpId, table, taps);
const end = useEnd(props.setUpId, table, () => passed.value);

/** From gather to tidy-up, with a way back to any. */
type Stage = 'gather' | 'questions' | 'tidy-up';
const stages: [Stage, string][] = [
    ['gather', 'Lay out'],
    ['questions', 'Questions'],
    ['tidy-up', 'Tidy up'],
];
const chosenStage = useSessionStorage<Stage | ''>(`stage-${props.setUpId}`, '');
const stage = computed<Stage>(() => {
    const begun = table.value && (doneCount(table.value, passed.value) > 0 || goneThrough.value > 0);
    const at = chosenStage.value || (begun ? 'questions' : 'gather');
    return at === 'questions' && table.value && !turn.value ? 'tidy-up' : at;
});

/** Whether this device ended it, or heard of it. */
const endedHere = useSessionStorage<Schemas['Ending'] | ''>(`ended-${props.setUpId}`, '');
function finish(ending: Schemas['Ending']) {
    endedHere.value = ending;
    return end.finish(ending);
}

/** A house that answers is not worth a word; one that does not is told after a moment. */
const MOMENT_MS = 1200;
const waitsLong = refDebounced(end.waits, MOMENT_MS);

const noticing = ref(false);
const elsewhere = ref(false);
const count = computed(() => (table.value ? (goingThrough.value ? goneThrough.value : doneCount(table.value, passed.value)) : 0));
const seat = computed(() => table.value && seatOf(table.value, turn.value?.sittingId));
/** The step of the question: a sitting may have two. */
const stepNow = computed(() =>
    seat.value?.second && seat.value.second.id === turn.value?.stepId ? seat.value.second : seat.value!.step,
);
const several = computed(() => (table.value?.seats.length ?? 0) > 1);
const help = computed<Help>({
    get: () => taps.help.value,
    set: (value) => turn.value && (taps.chosen.value = { ...taps.chosen.value, [turn.value.questionId]: value }),
});

/** What the child sees: the picture as it is asked or as it is done, or a thing on the screen; and whether the screen is turned. */
const standIn = ref<Schemas['StandInView'] | null>(null);
const shown = ref<string | null>(null);
watch(
    () => turn.value?.questionId,
    () => {
        // The same kind of thing goes on standing in, set anew.
        standIn.value = turn.value?.standIns.find((one) => one.kind === standIn.value?.kind) ?? null;
    },
);
const thing = computed(() => table.value?.gather.find((one) => one.picture)?.picture ?? null);

function tap(outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }) {
    taps.tap(outcome, guessed);
    noticing.value = false;
}
function next(alone = false) {
    if (goingThrough.value) {
        goneThrough.value++;
    } else {
        taps.next(alone);
        closeAdvice();
        noticing.value = false;
    }
}

/** One mark for all that was not tapped. */
async function close(closed: Closed[]) {
    await end.close(closed);
}

const canRead = 'speechSynthesis' in window;
function readAloud() {
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(turn.value?.ask ?? ''));
}

/** The minutes, shown gently: since the first question here, of so many planned. */
const began = useSessionStorage(`began-${props.setUpId}`, 0);
const now = useNow({ interval: 20_000 });
watch(stage, (at) => at === 'questions' && (began.value ||= Date.now()));
const minutes = computed(() =>
    began.value && table.value
        ? `${Math.max(0, Math.floor((now.value.getTime() - began.value) / 60_000))} of about ${table.value.end - table.value.start} min`
        : '',
);

/** Handed over from another device: what was gone past there is gone past here. */
watch(table, (is) => {
    const from = typeof route.query.from === 'string' ? is?.turns.findIndex((one) => one.questionId === route.query.from) : -1;
    if (is && from !== undefined && from > 0 && !passed.value.without.length) {
        const before = is.turns.slice(0, from).filter((one) => !one.done);
        passed.value = { ...passed.value, without: before.map((one) => one.questionId) };
        chosenStage.value = 'questions';
    }
});

useTitle(computed(() => `${table.value?.name ?? 'At the table'} · Pindle`));
const asks = (act: () => void) => () => stage.value === 'questions' && !table.value?.isDone && act();
const outcome = (of: Schemas['Outcome']) => asks(() => tap(of));
useKeys({
    a: outcome('at-once'),
    s: outcome('worked-it-out'),
    d: outcome('with-help'),
    f: outcome('not-yet'),
    u: taps.undo,
    m: asks(() => (noticing.value = !noticing.value)),
    q: () => table.value?.isDone || finish('had-enough'),
    ' ': asks(() => next()),
    e: takeFirst,
    o: other,
    v: asks(() => (shown.value = shown.value || !table.value?.showsScreen ? null : pictureOf(turn.value!, help.value) || null)),
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
            <p v-if="waiting.length" class="text-sm font-bold text-care" role="status" data-kept>
                {{ waiting.length }} kept here
            </p>
            <p v-if="table?.turns.length && !table.isDone && stage === 'questions'" class="text-right text-sm text-soft">
                {{ count }} of {{ table.turns.length }}<br />{{ minutes }}
            </p>
            <button
                v-if="table && !table.isDone"
                type="button"
                class="flex size-11 shrink-0 items-center justify-center rounded-lg hover:bg-linen"
                aria-label="Hand over, a note"
                data-elsewhere
                @click="elsewhere = true"
            >
                <Ellipsis :size="24" />
            </button>
        </TopBar>

        <Wait v-if="document.isPending.value || (!table && !document.error.value)" what="Laying out…" />
        <div v-else-if="!table" class="p-4"><Notice :error="document.error.value" /></div>
        <template v-else>
            <div :class="refused.length || trouble ? 'px-3 pt-3' : ''"><Refused /></div>

            <Ends v-if="table.isDone" :table="table" :ending="endedHere" />
            <section v-else-if="waitsLong" class="mx-auto w-full max-w-2xl space-y-4 p-6" data-waits>
                <h2 class="text-2xl">Kept; what follows comes when the house is reachable.</h2>
                <p>
                    Nothing is lost: {{ waiting.length }} {{ waiting.length === 1 ? 'thing waits' : 'things wait' }} on this
                    device.
                </p>
                <RouterLink to="/" class="font-bold text-deep underline underline-offset-4">Back to Today</RouterLink>
            </section>

            <Rehearsal v-else-if="route.query.read" :table="table" />

            <template v-else>
                <nav class="flex border-b border-hem bg-paper" aria-label="From laying out to tidying up">
                    <button
                        v-for="[of, words] in stages"
                        :key="of"
                        type="button"
                        class="min-h-11 flex-1 border-b-4 px-2 font-bold"
                        :class="stage === of ? 'border-wood' : 'border-transparent text-soft'"
                        :aria-current="stage === of ? 'step' : undefined"
                        :data-stage="of"
                        @click="chosenStage = of"
                    >
                        {{ words }}
                    </button>
                </nav>

                <Gather
                    v-if="stage === 'gather'"
                    :table="table"
                    :awake="awake.isSupported.value"
                    @ready="chosenStage = 'questions'"
                />

                <div
                    v-else-if="stage === 'questions' && turn && seat"
                    class="questions mx-auto flex w-full max-w-6xl flex-1 flex-col gap-3 p-3 md:grid md:gap-6 md:p-5"
                >
                    <section class="flex min-w-0 flex-1 flex-col gap-3" aria-label="The question">
                        <Seats
                            v-if="several"
                            :table="table"
                            :turn="turn.sittingId"
                            :passed="passed"
                            @give="taps.to.value = $event"
                        />
                        <p class="flex items-center gap-2 text-soft">
                            <ThreadKnot v-if="!several" :thread="seat.thread" />
                            {{ several ? '' : seat.childName + ': ' }}{{ stepNow.name }}, {{ stepNow.reach
                            }}{{ turn.level === 'check' ? ', a short check: without help' : '' }}
                        </p>
                        <div class="flex items-start gap-1">
                            <p class="flex-1 text-xl leading-snug font-bold md:text-2xl" data-ask>{{ turn.ask }}</p>
                            <button
                                v-if="canRead"
                                type="button"
                                class="flex size-11 shrink-0 items-center justify-center rounded-lg hover:bg-hem/50"
                                aria-label="Read it aloud"
                                @click="readAloud"
                            >
                                <Volume2 :size="22" />
                            </button>
                        </div>
                        <div
                            v-if="turn.picture || standIn"
                            class="flex min-h-44 flex-1 items-center justify-center rounded-2xl border border-hem bg-paper p-3 md:min-h-72"
                        >
                            <StandIn v-if="standIn" :key="turn.questionId + standIn.kind" :stand-in="standIn" :thing="thing" />
                            <div v-else class="h-48 w-full md:h-80"><Picture :svg="pictureOf(turn, help)" /></div>
                        </div>
                        <div v-if="table.showsScreen && (turn.picture || turn.standIns.length)" class="flex flex-wrap gap-2">
                            <Button
                                v-for="one in turn.standIns"
                                :key="one.kind"
                                :aria-pressed="standIn === one"
                                :data-stand-in="one.kind"
                                @click="standIn = standIn === one ? null : one"
                                >{{ standIn === one ? 'The picture' : standInKinds[one.kind] }}</Button
                            >
                            <Button v-if="turn.picture" data-turn @click="shown = pictureOf(turn, help)"
                                ><Eye :size="20" aria-hidden="true" /> Turn to child</Button
                            >
                            <Button v-if="turn.finished" kind="quiet" @click="shown = turn.finished">They check</Button>
                        </div>
                        <div class="flex items-center justify-between gap-2">
                            <p class="text-lg">
                                <span class="text-soft">Look for</span> <b data-answer>{{ turn.answer }}</b>
                            </p>
                            <Button
                                v-if="!goingThrough && !turn.isGuess"
                                kind="quiet"
                                class="shrink-0"
                                :aria-expanded="noticing"
                                data-noticing
                                @click="noticing = !noticing"
                                >How did it go?</Button
                            >
                        </div>
                        <HelpWith v-if="turn.level !== 'check'" v-model="help" :table="table" />
                        <p v-if="seat.saysAlong" class="text-[0.95rem]">
                            Say it along together. Tap only what they do before you say it.
                        </p>
                        <p v-if="turn.forParent" class="text-[0.95rem] text-soft" data-for-parent>{{ turn.forParent }}</p>
                        <Besides
                            v-if="!goingThrough"
                            :table="table"
                            :seat="seat"
                            :turn="turn"
                            @take="take(seat.sittingId, $event)"
                            @leave-out="taps.leaveOut"
                        />
                        <Interrupted />
                    </section>

                    <section
                        class="seen sticky bottom-0 -mx-3 mt-auto border-t border-hem bg-linen px-3 pt-2 pb-3"
                        aria-label="What you saw"
                    >
                        <Advice
                            v-if="advice && !goingThrough"
                            :advice="advice"
                            :name="several ? (seatOf(table, advice.sittingId)?.childName ?? '') : ''"
                            @take="takeFirst"
                            @other="other"
                            @close="closeAdvice"
                        />
                        <p v-else-if="table.notesAfter && !goingThrough" class="mb-2 font-bold">
                            Now that you are by yourself: how did this one go?
                        </p>
                        <Noting
                            v-model:method="method"
                            v-model:slip="slip"
                            :turn="turn"
                            :noticing="noticing"
                            :lids="lids[turn.sittingId] ?? 0"
                            :undoes="undoes"
                            :busy="end.waits.value"
                            :only-next="!!goingThrough"
                            @tap="tap"
                            @next="next"
                            @undo="taps.undo"
                            @enough="finish('had-enough')"
                        />
                    </section>
                </div>

                <section v-else class="mx-auto w-full max-w-3xl flex-1 p-3 md:p-5" aria-label="Tidy up">
                    <LastQuestion
                        :table="table"
                        :busy="end.waits.value"
                        :passed="passed"
                        :lids="lids"
                        :undoes="undoes"
                        @finish="finish"
                        @close="close"
                        @undo="taps.undo"
                    />
                </section>
            </template>
            <Elsewhere
                :about="{ setUpId: table.id, childIds: table.seats.map((seat) => seat.childId) }"
                v-if="elsewhere"
                :at="turn?.questionId"
                :note="table.note ?? null"
                @note="end.note"
                @close="elsewhere = false"
            />
            <TurnedToChild v-if="shown" :picture="shown" @back="shown = null" />
        </template>
    </div>
</template>

<style scoped>
/* Wide enough, what was seen stands beside the question; on a phone it is at the thumb. */
@media (min-width: 48rem) {
    .questions {
        grid-template-columns: minmax(0, 1fr) 20rem;
    }

    .seen {
        align-self: start;
        background: var(--color-paper);
        border: 1px solid var(--color-hem);
        border-radius: 1rem;
        bottom: auto;
        margin: 0;
        padding: 1rem;
        top: 1rem;
    }
}

@media (min-width: 64rem) {
    .questions {
        grid-template-columns: minmax(0, 1fr) 24rem;
    }
}
</style>
