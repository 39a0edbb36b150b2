<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import { computed, watch } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { ArrowLeft } from '@lucide/vue';

import { Problem, type Schemas } from '@/api/client';
import { useEvening, useEveningBack, useEveningGo, useEveningWho } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';

import Cards from './Cards.vue';
import Offer from './Offer.vue';
import Things from './Things.vue';
import Who from './Who.vue';

/** From nothing to a known first activity, a screen at a time; it can be left at any of them and goes on from there. */
const evening = useEvening();
const who = useEveningWho();
const go = useEveningGo();
const back = useEveningBack();
const router = useRouter();
const left = useSessionStorage('left-the-evening', false);

const screen = computed(() => evening.data.value?.screen);
const busy = computed(() => [who, go, back].some((one) => one.isPending.value));
const error = computed(() => [who, go, back].map((one) => one.error.value).find(Boolean));
const fields = computed(() => (who.error.value instanceof Problem ? who.error.value.fields : {}));
const choose = (chosen: Partial<Schemas['StepInput']>) =>
    go.mutate({ screen: screen.value!, things: [], ...chosen } as Schemas['StepInput'], {
        // What went on elsewhere goes on from there.
        onError: () => void evening.refetch(),
    });
const mark = (closing: Schemas['MorningMark']) => choose({ mark: closing });
function leave() {
    left.value = true;
    void router.push('/');
}
// Started at once: on to the table.
watch(
    () => evening.data.value?.tableId,
    (id) => go.isSuccess.value && id && void router.push({ name: 'table', params: { setUpId: id } }),
);
const print = () => window.print();
const marks: [Schemas['MorningMark'], string][] = [
    ['all-alone', 'All alone'],
    ['mostly-alone', 'Mostly alone'],
    ['mostly-with-me', 'Mostly with me'],
    ['not-yet', 'Not yet'],
];
</script>

<template>
    <div class="mx-auto flex min-h-dvh w-full max-w-xl flex-col">
        <div class="flex items-center justify-between gap-2 border-b-2 border-hem bg-paper px-3 py-1 print:hidden">
            <Button
                v-if="screen === 'cards' || screen === 'tomorrow' || screen === 'done'"
                kind="quiet"
                :disabled="busy"
                @click="back.mutate({ screen, things: [] } as Schemas['StepInput'])"
                ><ArrowLeft :size="20" aria-hidden="true" /> Back</Button
            >
            <p v-else class="flex min-h-11 items-center gap-2 font-bold text-deep">
                <img :src="'/icon.svg'" alt="" class="size-7" /> Pindle
            </p>
            <Button kind="quiet" @click="leave">Leave it for now</Button>
        </div>
        <Wait v-if="evening.isPending.value" what="Looking…" />
        <div v-else-if="!evening.data.value" class="p-4"><Notice :error="evening.error.value" /></div>
        <div v-else class="flex flex-1 flex-col gap-4 p-4" :data-screen="screen">
            <Notice v-if="!Object.keys(fields).length" :error="error" />

            <Who
                v-if="screen === 'who'"
                :allergens="evening.data.value.allergens"
                :fields="fields"
                :busy="busy"
                @next="who.mutate($event)"
            />
            <Things
                v-else-if="screen === 'things'"
                :things="evening.data.value.things"
                :busy="busy"
                @next="choose({ things: $event })"
            />
            <Cards
                v-else-if="screen === 'cards' && evening.data.value.card"
                :card="evening.data.value.card"
                :name="evening.data.value.childName ?? ''"
                :busy="busy"
                @seen="choose({ card: evening.data.value.card?.stepId ?? null, seen: $event })"
                @skip="choose({ card: null })"
            />
            <template v-else-if="screen === 'tomorrow'">
                <h1 class="text-2xl">Tomorrow, five minutes</h1>
                <template v-if="evening.data.value.offer">
                    <Offer :offer="evening.data.value.offer" />
                    <div class="mt-auto grid gap-2">
                        <Button kind="strong" class="min-h-14" :disabled="busy" @click="choose({ take: 'try-tomorrow' })"
                            >I’ll try it</Button
                        >
                        <div class="grid grid-cols-2 gap-2">
                            <Button :disabled="busy" @click="choose({ take: 'another' })">Another one</Button>
                            <Button :disabled="busy" @click="choose({ take: 'now' })">They are awake: start now</Button>
                        </div>
                    </div>
                </template>
                <template v-else>
                    <p>
                        That was all there is for what is in sight. Begin again with the first one, or go back and tap other
                        things.
                    </p>
                    <Button kind="strong" class="min-h-14" :disabled="busy" @click="choose({ take: 'another' })"
                        >Begin with the first one</Button
                    >
                </template>
            </template>

            <template v-else-if="screen === 'done'">
                <h1 class="text-2xl print:hidden">
                    {{
                        evening.data.value.offer?.putOut.length
                            ? 'Put it out now, then you are done.'
                            : 'Nothing to put out: you are done.'
                    }}
                </h1>
                <Offer v-if="evening.data.value.offer" :offer="evening.data.value.offer" />
                <div class="mt-auto grid gap-2 print:hidden">
                    <Button class="min-h-14" @click="print">Write it on paper for me</Button>
                    <Button kind="strong" class="min-h-14" @click="leave">Close</Button>
                </div>
            </template>

            <template v-else-if="screen === 'morning'">
                <h1 class="text-2xl">How did it go?</h1>
                <p v-if="evening.data.value.offer" class="text-lg">
                    {{ evening.data.value.offer.name
                    }}{{ evening.data.value.childName ? ', with ' + evening.data.value.childName : '' }}
                </p>
                <div class="grid grid-cols-2 gap-2">
                    <Button v-for="[id, words] in marks" :key="id" class="min-h-16 text-lg" :disabled="busy" @click="mark(id)">{{
                        words
                    }}</Button>
                </div>
                <Button kind="quiet" :disabled="busy" @click="mark('did-not-happen')">It did not happen</Button>
            </template>

            <section v-else class="grid gap-4">
                <h1 class="text-2xl">{{ evening.data.value.after ?? 'You have begun.' }}</h1>
                <p>Now there is time for the rest, whenever you like:</p>
                <ul class="grid gap-2">
                    <li>
                        <RouterLink to="/children" class="font-bold text-deep underline">The others at your table</RouterLink>
                    </li>
                    <li><RouterLink to="/cupboard" class="font-bold text-deep underline">What is in the cupboard</RouterLink></li>
                    <li><RouterLink to="/" class="font-bold text-deep underline">The day</RouterLink></li>
                </ul>
            </section>
        </div>
    </div>
</template>
