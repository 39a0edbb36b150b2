<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { ChevronDown, Eye, Undo2 } from '@lucide/vue';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';

import { api, type Schemas } from '@/api/client';
import { deviceId, listen, newId, refused, send, settle, waiting } from '@/api/outbox';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';
import TopBar from '@/kit/TopBar.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { useKeys } from '@/kit/keys';
import { outcomeWords } from '@/kit/outcomes';
import SceneDrawing from '@/scene/SceneDrawing.vue';

import Advice from './Advice.vue';
import AllAtOnce from './AllAtOnce.vue';
import Ends from './Ends.vue';
import GuessPad from './GuessPad.vue';
import HowItGoes from './HowItGoes.vue';
import TurnedToChild from './TurnedToChild.vue';

const props = defineProps<{ setUpId: string }>();

type Outcome = Schemas['Outcome'];

const queries = useQueryClient();
const table = useQuery({ queryKey: ['table', props.setUpId], queryFn: () => api.table(props.setUpId), staleTime: Infinity });

/** What was tapped here, by sitting and place; what the server knows already comes first. */
const taps = ref<Record<string, { id: string; outcome: string; key: string }>>({});
const helps = ref<Record<string, string>>({});
const method = ref<Schemas['Method'] | null>(null);
const slip = ref<Schemas['Slip'] | null>(null);
const turned = ref(false);
const allAtOnce = ref(false);
const advice = ref<Schemas['AdviceView'] | null>(null);
/** Help that an idea asks for, by question. */
const asked = ref<Record<string, Schemas['HelpLevel']>>({});
const noticing = ref(false);
const order = ref<string[]>([]);

watch(
    () => table.data.value,
    (data) => {
        if (!data) {
            return;
        }
        const known = data.turns
            .filter((turn) => turn.done)
            .map((turn) => ({ id: turn.done!.id, outcome: turn.done!.outcome, key: keyOf(turn) }));
        for (const tap of known) {
            taps.value[tap.key] ??= tap;
        }
        order.value = [...new Set([...known.map((tap) => tap.key), ...order.value])];
        for (const seat of data.seats) {
            helps.value[seat.step.id + seat.childId] ??= seat.help;
        }
    },
    { immediate: true },
);

function keyOf(turn: { sittingId: string; place: number }): string {
    return `${turn.sittingId}/${turn.place}`;
}

const turns = computed(() => table.data.value?.turns ?? []);
const current = computed(() => turns.value.find((turn) => !taps.value[keyOf(turn)]));
const seat = computed(() =>
    table.data.value?.seats.find((one) => one.sittingId === (current.value ?? turns.value[0])?.sittingId),
);
const count = computed(() => turns.value.filter((turn) => taps.value[keyOf(turn)]).length);
const lastTap = computed(() => (order.value.length ? taps.value[order.value[order.value.length - 1]!] : undefined));

/** Help for this question: the step's own ladder; a sure question is asked bare. */
const help = computed<Schemas['HelpLevel']>(() => {
    const turn = current.value;
    if (!turn || !seat.value) {
        return 'bare';
    }
    return asked.value[keyOf(turn)] ?? ((helps.value[turn.stepId + seat.value.childId] ?? 'bare') as Schemas['HelpLevel']);
});

listen((answer) => {
    const turn = turns.value.find((one) => taps.value[keyOf(one)]?.id === answer.id) ?? current.value;
    const childId = table.data.value?.seats.find((one) => one.sittingId === turn?.sittingId)?.childId;
    helps.value[answer.stepId + childId] = answer.help;
    advice.value = answer.advice ?? null;
});

function tap(outcome: Outcome, guessed?: { guess: number; counted: number }) {
    const turn = current.value;
    // A guess has its own outcome: keys do not tap one.
    if (!turn || table.data.value?.isDone || (turn.isGuess && !guessed)) {
        return;
    }
    const id = newId();
    const key = keyOf(turn);
    taps.value[key] = { id, outcome, key };
    order.value.push(key);
    send({
        setUpId: props.setUpId,
        tap: {
            id,
            sittingId: turn.sittingId,
            place: turn.place,
            outcome,
            help: help.value,
            deviceId: deviceId(),
            at: Date.now(),
            method: method.value,
            slip: slip.value,
            ...guessed,
        },
    });
    method.value = null;
    slip.value = null;
    noticing.value = false;
}

/** The parent takes an idea, lets it pass, or asks for another. */
const advise = useMutation({
    mutationFn: async ({ idea, taken }: { idea: Schemas['IdeaView']; taken: boolean }) => {
        await settle();
        return api.advice(props.setUpId, { sittingId: advice.value!.sittingId, idea: idea.idea as Schemas['Idea'], taken });
    },
    onSuccess: (data, { idea, taken }) => {
        queries.setQueryData(['table', props.setUpId], data);
        const sittingId = advice.value?.sittingId;
        const rest = advice.value?.ideas.filter((one) => one.idea !== idea.idea) ?? [];
        advice.value = !taken && rest.length && advice.value ? { ...advice.value, ideas: rest } : null;
        const next = data.turns.find((turn) => turn.sittingId === sittingId && !taps.value[keyOf(turn)]);
        if (taken && idea.help && next) {
            asked.value[keyOf(next)] = idea.help as Schemas['HelpLevel'];
        }
    },
});

function first(taken: boolean) {
    const idea = advice.value?.ideas[0];
    if (idea && !advise.isPending.value) {
        advise.mutate({ idea, taken });
    }
}

function undo() {
    const last = lastTap.value;
    if (!last || table.data.value?.isDone) {
        return;
    }
    order.value.pop();
    delete taps.value[last.key];
    advice.value = null;
    send({ takeBack: last.id });
}

const finish = useMutation({
    mutationFn: async (ending: Schemas['Ending']) => {
        await settle();
        return api.finish(props.setUpId, ending);
    },
    onSuccess: (done) => {
        queries.setQueryData(['table', props.setUpId], done);
        void queries.invalidateQueries({ queryKey: ['today'] });
        void queries.invalidateQueries({ queryKey: ['map'] });
        void queries.invalidateQueries({ queryKey: ['evidence'] });
    },
});

useKeys({
    '1': () => tap('at-once'),
    '2': () => tap('worked-it-out'),
    '3': () => tap('with-help'),
    '4': () => tap('not-yet'),
    u: undo,
    m: () => (noticing.value = !noticing.value),
    q: () => finish.mutate('had-enough'),
    e: () => first(true),
    f: () => first(true),
    o: () => first(false),
    v: () => (turned.value = !turned.value),
});

/** The screen stays awake while something is on the table. */
let lock: WakeLockSentinel | null = null;
async function stayAwake() {
    if (document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        lock = await navigator.wakeLock.request('screen').catch(() => null);
    }
}
onMounted(() => {
    void stayAwake();
    document.addEventListener('visibilitychange', stayAwake);
});
onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', stayAwake);
    void lock?.release();
    listen(() => {});
});
</script>

<template>
    <div class="flex min-h-dvh flex-col">
        <TopBar to="/" back="Today">
            <h1 class="min-w-0 flex-1 truncate text-lg">{{ table.data.value?.name ?? 'At the table' }}</h1>
            <p v-if="waiting.length" class="text-sm font-bold text-care" role="status">{{ waiting.length }} waiting</p>
            <p v-else-if="turns.length && !table.data.value?.isDone" class="text-sm text-soft">
                {{ count }} of {{ turns.length }}
            </p>
        </TopBar>

        <Wait v-if="table.isPending.value" what="Laying out…" />
        <div v-else-if="table.error.value" class="p-4"><Notice :error="table.error.value" /></div>
        <template v-else-if="table.data.value">
            <div v-if="refused" class="px-3 pt-3">
                <p role="alert" class="rounded-lg border-2 border-care bg-care-cloth px-4 py-2 text-care">
                    {{ refused }} <button type="button" class="font-bold underline" @click="refused = null">All right</button>
                </p>
            </div>

            <Ends v-if="table.data.value.isDone" :table="table.data.value" />

            <div v-else class="mx-auto flex w-full max-w-6xl flex-1 flex-col gap-3 p-3 md:flex-row md:p-5">
                <section class="flex min-w-0 flex-1 flex-col gap-3" aria-label="The question">
                    <div v-if="table.data.value.seats.length > 1" class="flex gap-2" aria-label="Whose turn">
                        <p
                            v-for="one in table.data.value.seats"
                            :key="one.sittingId"
                            class="flex flex-1 items-center gap-2 rounded-lg border-2 px-2 py-1"
                            :class="
                                one.sittingId === seat?.sittingId && current
                                    ? 'border-ink bg-cloth font-bold'
                                    : 'border-transparent text-soft'
                            "
                            :aria-current="one.sittingId === seat?.sittingId ? 'true' : undefined"
                        >
                            <ThreadKnot :thread="one.thread" /> {{ one.childName }}
                        </p>
                    </div>

                    <template v-if="current && seat">
                        <p v-if="table.data.value.seats.length === 1" class="flex items-center gap-2 text-soft">
                            <ThreadKnot :thread="seat.thread" /> {{ seat.childName }}: {{ seat.step.name }}, {{ seat.step.reach }}
                        </p>
                        <p class="text-xl leading-snug font-bold md:text-2xl" data-ask>{{ current.ask }}</p>
                        <div
                            class="flex min-h-44 flex-1 items-center justify-center rounded-2xl border border-hem bg-cloth p-3 md:min-h-72"
                        >
                            <div class="h-48 w-full md:h-80"><SceneDrawing :scene="current.scene" /></div>
                        </div>
                        <div class="flex items-start gap-2">
                            <p class="flex-1">
                                <span class="text-soft">Look for</span> <b>{{ current.answer }}</b><template
                                    v-if="help !== 'bare'"
                                    ><br /><span class="text-soft">{{
                                        help === 'shown' ? 'Show one first:' : 'Start it together:'
                                    }}</span>
                                    {{ table.data.value.helps[help] }}</template
                                >
                            </p>
                            <Button @click="turned = true"><Eye :size="20" aria-hidden="true" /> Turn</Button>
                        </div>

                        <div
                            class="sticky bottom-0 -mx-3 mt-auto border-t border-hem bg-linen px-3 pt-2 pb-3 md:static md:mx-0 md:border-0 md:p-0"
                        >
                            <Advice
                                v-if="advice"
                                :advice="advice"
                                :name="
                                    table.data.value.seats.length > 1
                                        ? (table.data.value.seats.find((one) => one.sittingId === advice!.sittingId)?.childName ??
                                          '')
                                        : ''
                                "
                                :busy="advise.isPending.value"
                                @take="first(true)"
                                @other="first(false)"
                                @close="advice = null"
                            />
                            <div v-if="!advice" class="mb-2">
                                <button
                                    type="button"
                                    class="flex min-h-11 items-center gap-1 font-bold text-deep"
                                    :aria-expanded="noticing"
                                    @click="noticing = !noticing"
                                >
                                    How did it go?
                                    <ChevronDown :size="20" :class="noticing ? 'rotate-180' : ''" aria-hidden="true" />
                                </button>
                                <div v-if="noticing" class="space-y-2 pb-1">
                                    <div class="flex flex-wrap gap-2" role="group" aria-label="How they got there">
                                        <button
                                            v-for="chip in table.data.value.methods"
                                            :key="chip.id"
                                            type="button"
                                            class="min-h-11 rounded-full border-2 border-deep px-3"
                                            :class="method === chip.id ? 'bg-deep text-white' : 'bg-cloth'"
                                            :aria-pressed="method === chip.id"
                                            @click="method = method === chip.id ? null : (chip.id as Schemas['Method'])"
                                        >
                                            {{ chip.words }}
                                        </button>
                                    </div>
                                    <div class="flex flex-wrap gap-2" role="group" aria-label="What slipped">
                                        <button
                                            v-for="chip in table.data.value.slips"
                                            :key="chip.id"
                                            type="button"
                                            class="min-h-11 rounded-full border-2 border-dashed border-wood px-3"
                                            :class="slip === chip.id ? 'bg-wood text-white' : 'bg-cloth'"
                                            :aria-pressed="slip === chip.id"
                                            @click="slip = slip === chip.id ? null : (chip.id as Schemas['Slip'])"
                                        >
                                            {{ chip.words }}
                                        </button>
                                    </div>
                                </div>
                            </div>
                            <GuessPad
                                v-if="current.isGuess"
                                :turn="keyOf(current)"
                                :exact="Number(current.exact)"
                                @counted="(guess, counted) => tap('at-once', { guess, counted })"
                            />
                            <Outcomes v-else wide @tap="tap" />
                            <div class="mt-2 flex items-center justify-between gap-2">
                                <Button kind="quiet" :disabled="!lastTap" @click="undo">
                                    <Undo2 :size="20" aria-hidden="true" />
                                    {{ lastTap ? 'Undo: ' + outcomeWords[lastTap.outcome] : 'Undo' }}
                                </Button>
                                <Button kind="quiet" :disabled="finish.isPending.value" @click="finish.mutate('had-enough')"
                                    >Had enough</Button
                                >
                            </div>
                            <button
                                v-if="!count"
                                type="button"
                                class="min-h-11 text-sm text-soft underline underline-offset-4"
                                @click="allAtOnce = true"
                            >
                                Hands were full? Log it all at once
                            </button>
                            <Notice :error="finish.error.value" />
                        </div>
                    </template>

                    <div
                        v-else
                        class="flex flex-1 flex-col items-start justify-center gap-4 rounded-2xl border border-hem bg-cloth p-6"
                    >
                        <h2 class="text-2xl">That was the last question.</h2>
                        <p><b>They check:</b> {{ table.data.value.check }}</p>
                        <p><b>Tidy up:</b> {{ table.data.value.tidy }}</p>
                        <Notice :error="finish.error.value" />
                        <div class="flex flex-wrap gap-2">
                            <Button kind="strong" :disabled="finish.isPending.value" @click="finish.mutate('done')"
                                >Finish</Button
                            >
                            <Button :disabled="finish.isPending.value" @click="finish.mutate('asked-for-more')"
                                >Finish: asked for more</Button
                            >
                            <Button kind="quiet" @click="undo"><Undo2 :size="20" aria-hidden="true" /> Undo</Button>
                        </div>
                    </div>
                </section>

                <section class="hidden w-80 shrink-0 md:block" aria-label="How it goes">
                    <HowItGoes :table="table.data.value" />
                </section>
                <Disclosure
                    v-slot="{ open }"
                    as="section"
                    class="rounded-2xl border border-hem bg-cloth md:hidden"
                    aria-label="How it goes"
                >
                    <DisclosureButton class="flex min-h-12 w-full items-center justify-between px-4 font-bold">
                        Lay out, say, look for <ChevronDown :size="20" :class="open ? 'rotate-180' : ''" aria-hidden="true" />
                    </DisclosureButton>
                    <DisclosurePanel class="px-4 pb-4"><HowItGoes :table="table.data.value" bare /></DisclosurePanel>
                </Disclosure>
            </div>
            <AllAtOnce
                v-if="allAtOnce"
                :table="table.data.value"
                @close="allAtOnce = false"
                @logged="
                    allAtOnce = false;
                    finish.mutate('done');
                "
            />
            <TurnedToChild v-if="turned && current" :scene="current.scene" @back="turned = false" />
        </template>
    </div>
</template>
