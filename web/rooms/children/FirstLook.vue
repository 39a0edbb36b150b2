<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { Undo2 } from '@lucide/vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId } from '@/api/device';
import { showLook, useBeginLook, useLook, useLookAhead, useLookAnswer, useLookStop, useLookUndo } from '@/api/looks';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';
import TopBar from '@/kit/TopBar.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import Picture from '@/scene/Picture.vue';
import TurnedToChild from '@/scene/TurnedToChild.vue';

/** A first look: tiny tasks, one tap each, on a phone in one hand. It may stop at any time and go on another day. */
const props = defineProps<{ childId: string }>();
const look = useLook(() => props.childId);
const ticked = ref<string[]>([]);

const begin = useBeginLook(props.childId);
const answer = useLookAnswer(props.childId);
const undo = useLookUndo(props.childId);
const stop = useLookStop(props.childId);
const ahead = useLookAhead(
    props.childId,
    () => look.data.value?.done ?? 0,
    () => look.data.value?.state === 'open' && !answer.isPending.value,
);
function saw(outcome: Schemas['Outcome']) {
    const stepId = look.data.value!.task!.step.id;
    const next = ahead.data.value?.[camel[outcome]];
    // What comes next is shown at once; what the house says when it answers is the same.
    if (next && next.done === look.data.value!.done + 1) {
        showLook(props.childId, next);
    }
    answer.mutate({ id: newId(), stepId, outcome, deviceId: deviceId(), at: Date.now() }, { onError: () => void look.refetch() });
}
const camel = { 'at-once': 'atOnce', 'worked-it-out': 'workedItOut', 'with-help': 'withHelp', 'not-yet': 'notYet' } as const;
const turned = ref(false);
const busy = computed(() => [begin, answer, undo, stop].some((one) => one.isPending.value));
const error = computed(() => [begin, answer, undo, stop].map((one) => one.error.value).find(Boolean));
</script>

<template>
    <div class="mx-auto flex min-h-dvh w-full max-w-xl flex-col">
        <TopBar to="/children" back="Children">
            <h1 class="flex min-w-0 flex-1 items-center gap-2 text-lg">
                <ThreadKnot v-if="look.data.value" :thread="look.data.value.thread" />
                <span class="truncate"
                    >{{ look.data.value?.isRound ? 'A look round' : 'First look'
                    }}{{ look.data.value ? ': ' + look.data.value.childName : '' }}</span
                >
            </h1>
            <p v-if="look.data.value?.task" class="text-sm text-soft">
                {{ look.data.value.task.number }} of at most {{ look.data.value.most }}
            </p>
        </TopBar>
        <Wait v-if="look.isPending.value" what="Looking…" />
        <div v-else-if="look.error.value" class="p-4"><Notice :error="look.error.value" /></div>
        <div v-else-if="look.data.value" class="flex flex-1 flex-col gap-4 p-4">
            <Notice :error="error" />

            <template v-if="look.data.value.state === 'none' || (look.data.value.state === 'over' && begin.isPending.value)">
                <p>
                    Up to twelve tiny tasks, a minute each, with things you have. They find where to begin; stop whenever you
                    like, it goes on from there.
                </p>
                <fieldset>
                    <legend class="mb-1 font-bold">Surely there already? (leave out what you wonder about)</legend>
                    <ul>
                        <li v-for="tick in look.data.value.ticks" :key="tick.id">
                            <label class="flex min-h-11 items-center gap-3">
                                <input v-model="ticked" type="checkbox" :value="tick.id" class="size-6 accent-deep" />
                                {{ tick.name }}, {{ tick.reach }}
                            </label>
                        </li>
                    </ul>
                </fieldset>
                <Button kind="strong" class="sticky bottom-3 min-h-14" :disabled="busy" @click="begin.mutate(ticked)"
                    >Begin</Button
                >
            </template>

            <template v-else-if="look.data.value.task">
                <p class="text-soft">{{ look.data.value.task.step.name }}, {{ look.data.value.task.step.reach }}</p>
                <div v-if="look.data.value.task.bring.length">
                    <p><b>Lay out</b>, as in the picture: {{ look.data.value.task.bring.join('; ') }}.</p>
                    <p v-if="look.data.value.task.spare" class="text-soft">{{ look.data.value.task.spare }}</p>
                </div>
                <p v-else class="text-soft">
                    {{ look.data.value.task.onScreen ? 'Nothing to lay out: show the picture.' : 'Nothing to lay out.' }}
                </p>
                <p class="text-2xl leading-snug font-bold" data-ask>{{ look.data.value.task.ask }}</p>
                <div
                    v-if="look.data.value.task.picture"
                    class="flex min-h-36 flex-1 items-center justify-center rounded-2xl border border-hem bg-paper p-3"
                    data-picture
                >
                    <div class="h-40 w-full"><Picture :svg="look.data.value.task.picture" /></div>
                </div>
                <div class="flex items-start gap-2">
                    <p class="flex-1">
                        <span class="text-soft">Look for</span> <b>{{ look.data.value.task.answer }}</b><br /><span
                            class="text-soft"
                            >It is there when {{ look.data.value.task.lookFor }}.</span
                        >
                    </p>
                    <Button v-if="look.data.value.task.onScreen" @click="turned = true">Turn</Button>
                </div>
                <p v-if="look.data.value.isHard" class="rounded-lg border-2 border-hem bg-paper p-3">
                    Three did not go, so here comes an easy one. You may well stop here: nothing is lost, and it goes on another
                    day.
                </p>
                <p class="text-soft">Only look: do not help yet, and do not correct.</p>
                <div class="sticky bottom-0 -mx-4 mt-auto border-t border-hem bg-linen px-4 pt-3 pb-4">
                    <Outcomes :disabled="busy" @tap="saw($event)" />
                    <div class="mt-2 flex flex-wrap items-center justify-between gap-2">
                        <Button kind="quiet" :disabled="busy || !look.data.value.done" @click="undo.mutate(undefined)"
                            ><Undo2 :size="20" aria-hidden="true" /> Undo</Button
                        >
                        <RouterLink
                            to="/children"
                            class="inline-flex min-h-11 items-center px-2 font-bold text-deep underline underline-offset-4"
                            >Later</RouterLink
                        >
                        <Button kind="quiet" :disabled="busy" @click="stop.mutate(undefined)">Stop here</Button>
                    </div>
                    <p class="text-sm text-soft">
                        {{ look.data.value.leftToday }} more{{ look.data.value.isRound ? '' : ' fit into today' }}.
                    </p>
                </div>
            </template>

            <section v-else class="rounded-2xl border border-hem bg-paper p-5" data-look-over>
                <h2 class="text-xl">
                    <template v-if="look.data.value.isRound">The look round is over.</template>
                    <template v-else>{{
                        look.data.value.state === 'enough-today' ? 'That is enough for today.' : 'The first look is over.'
                    }}</template>
                </h2>
                <p v-if="look.data.value.isRound" class="mt-2">
                    {{ look.data.value.there }} of {{ look.data.value.done }} were there, and speak for all they stand on. It goes
                    on from there; ordinary sittings find out the rest.
                </p>
                <p v-else class="mt-2">
                    After {{ look.data.value.done }} {{ look.data.value.done === 1 ? 'task' : 'tasks' }}:
                    {{ look.data.value.there }} steps look as if they were there, and of {{ look.data.value.unsure }} it is not
                    sure. Ordinary sittings find out the rest.
                </p>
                <div class="mt-4 flex flex-wrap gap-2">
                    <RouterLink
                        :to="{ name: 'map', params: { childId } }"
                        class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
                        >See it on the Map</RouterLink
                    >
                    <Button v-if="look.data.value.done" kind="quiet" :disabled="busy" @click="undo.mutate(undefined)"
                        >Undo the last</Button
                    >
                    <Button
                        v-if="look.data.value.state === 'over' && !look.data.value.isRound"
                        kind="quiet"
                        :disabled="busy"
                        @click="begin.mutate(ticked)"
                        >Look once more</Button
                    >
                </div>
            </section>
        </div>
        <TurnedToChild v-if="turned && look.data.value?.task" :picture="look.data.value.task.picture" @back="turned = false" />
    </div>
</template>
