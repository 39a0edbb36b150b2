<script setup lang="ts">
import { TabPanel } from '@headlessui/vue';
import { Minus, Plus } from '@lucide/vue';
import { computed, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useCount, useCupboard, useKeepThing, useLacking, usePutAway, useReadLine, useTick } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Cautions from '@/kit/Cautions.vue';
import Notice from '@/kit/Notice.vue';
import Tabs from '@/kit/Tabs.vue';
import Wait from '@/kit/Wait.vue';
import Picture from '@/scene/Picture.vue';

import TakeList from './TakeList.vue';
import ThingForm from './ThingForm.vue';

const route = useRoute();
const cupboard = useCupboard();
const editing = ref<Schemas['ThingView'] | 'new' | null>(null);
const ticked = ref<Set<string>>(new Set());
const tab = ref(route.query.tick ? 1 : 0);

const tick = useTick(() => {
    ticked.value = new Set();
    tab.value = 0;
});
const amount = useCount();
const putAway = usePutAway();

/** One line is read, shown, and put in the cupboard only when it is right. */
const line = ref('');
const understood = ref<Schemas['LineView'] | null>(null);
const readLine = useReadLine((read) => (understood.value = read));
const addLine = useKeepThing(() => {
    line.value = '';
    understood.value = null;
});
function keepLine() {
    const { name, amount, size, shape } = understood.value!;
    addLine.mutate({ id: null, body: { name, amount, size: size ?? null, shape, traits: [], allergens: [], colours: 1 } });
}
const lacking = useLacking(() => tab.value === 2);

function toggle(id: string) {
    if (!ticked.value.delete(id)) {
        ticked.value.add(id);
    }
}

/** Drawn to relative size: the square root keeps a button visible beside a wooden spoon. */
const drawn = (size: number[] | null | undefined) =>
    `${Math.min(92, Math.round(22 + 4.6 * Math.sqrt(Math.max(...(size ?? [30])))))}px`;
const things = computed(() => cupboard.data.value?.things ?? []);
const toTick = computed(() => cupboard.data.value?.shipped.filter((shipped) => !shipped.ticked) ?? []);
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-center justify-between gap-3">
            <h1>What have we got?</h1>
            <div class="flex flex-wrap items-center gap-2">
                <TakeList />
                <Button kind="strong" @click="editing = 'new'">Add a thing</Button>
            </div>
        </div>
        <form class="mb-4 max-w-2xl" @submit.prevent="readLine.mutate(line)">
            <label for="quick-line" class="mb-1 block font-bold">Add in one line</label>
            <div class="flex gap-2">
                <input
                    id="quick-line"
                    v-model="line"
                    type="text"
                    placeholder="12 corks, 25 mm"
                    maxlength="120"
                    autocomplete="off"
                />
                <Button type="submit" :disabled="!line.trim() || readLine.isPending.value">Read</Button>
            </div>
            <div
                v-if="understood"
                class="mt-2 flex flex-wrap items-center gap-3 rounded-xl border border-hem bg-paper px-3 py-2"
                role="status"
                data-understood
            >
                <Picture :svg="understood.picture" class="size-9 shrink-0" />
                <p>
                    <b>{{ understood.amount }} {{ understood.name }}</b
                    >,
                    {{
                        understood.size
                            ? understood.size.join(' × ') + ' mm' + (understood.sizeIsUsual ? ' (the usual size)' : '')
                            : 'not measured: counts as small'
                    }}
                </p>
                <Button kind="strong" :disabled="addLine.isPending.value" @click="keepLine">That is right</Button>
                <Button kind="quiet" @click="understood = null">No</Button>
            </div>
            <Notice :error="readLine.error.value ?? addLine.error.value" class="mt-2" />
        </form>
        <Wait v-if="cupboard.isPending.value" what="Opening the cupboard…" />
        <Notice v-else-if="cupboard.error.value" :error="cupboard.error.value" />
        <Tabs
            v-else-if="cupboard.data.value"
            v-model="tab"
            :names="[`In the cupboard (${things.length})`, `Ordinary things to tick (${toTick.length})`, 'What is missing']"
        >
            <TabPanel>
                <Notice :error="amount.error.value ?? putAway.error.value" class="mb-3" />
                <div v-if="!things.length" class="max-w-xl space-y-3">
                    <p>
                        The cupboard is empty. Tick a few ordinary things, or add your own; the first plan needs no more than
                        corks and lids.
                    </p>
                    <Button kind="strong" @click="tab = 1">Tick what you have</Button>
                </div>
                <p v-else-if="route.query.tick" class="mb-4" role="status">
                    That is enough to begin.
                    <RouterLink to="/" class="font-bold text-deep underline underline-offset-4">Plan today</RouterLink>
                </p>
                <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
                    <li v-for="thing in things" :key="thing.id" class="flex flex-col rounded-2xl border border-hem bg-paper p-3">
                        <div class="flex items-center gap-3">
                            <div class="flex size-24 shrink-0 items-center justify-center rounded-xl bg-linen">
                                <Picture
                                    :svg="thing.picture"
                                    class="shrink-0"
                                    :style="{ width: drawn(thing.size), height: drawn(thing.size) }"
                                />
                            </div>
                            <div class="min-w-0 flex-1">
                                <h2 class="break-words">{{ thing.name }}</h2>
                                <p class="text-sm text-soft">
                                    {{ thing.size ? thing.size.join(' × ') + ' mm' : 'not measured: counts as small' }}
                                </p>
                                <div class="mt-1 flex items-center gap-1">
                                    <button
                                        type="button"
                                        class="flex size-10 items-center justify-center rounded-lg border-2 border-hem"
                                        :aria-label="`One fewer ${thing.single}`"
                                        @click="amount.mutate({ id: thing.id, by: -1 })"
                                    >
                                        <Minus :size="18" />
                                    </button>
                                    <span class="min-w-10 text-center font-numeral text-xl font-bold">{{ thing.amount }}</span>
                                    <button
                                        type="button"
                                        class="flex size-10 items-center justify-center rounded-lg border-2 border-hem"
                                        :aria-label="`One more ${thing.single}`"
                                        @click="amount.mutate({ id: thing.id, by: 1 })"
                                    >
                                        <Plus :size="18" />
                                    </button>
                                </div>
                            </div>
                        </div>
                        <Cautions :cautions="thing.safety" class="mt-2" />
                        <div class="mt-auto flex gap-1 pt-2">
                            <Button kind="quiet" @click="editing = thing">Change</Button>
                            <Button kind="quiet" @click="putAway.mutate(thing.id)">Not here any more</Button>
                        </div>
                    </li>
                </ul>
                <p v-if="things.length" class="mt-4 text-sm text-soft">
                    These are the usual cautions. They do not replace watching, product labels, local rules or a doctor.
                </p>
            </TabPanel>
            <TabPanel>
                <div class="sticky top-0 z-10 mb-3 flex flex-wrap items-center gap-3 bg-linen py-2">
                    <Button kind="strong" :disabled="ticked.size === 0 || tick.isPending.value" @click="tick.mutate([...ticked])"
                        >Put {{ ticked.size || '' }} in the cupboard</Button
                    >
                    <p class="text-soft">Amounts are a usual guess; change them any time.</p>
                </div>
                <Notice :error="tick.error.value" class="mb-3" />
                <ul class="grid grid-cols-1 gap-2 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
                    <li v-for="shipped in toTick" :key="shipped.id">
                        <label
                            class="flex min-h-14 items-center gap-3 rounded-xl border-2 bg-paper px-3"
                            :class="ticked.has(shipped.id) ? 'border-deep' : 'border-hem'"
                        >
                            <input
                                type="checkbox"
                                class="size-5 accent-deep"
                                :checked="ticked.has(shipped.id)"
                                @change="toggle(shipped.id)"
                            />
                            <Picture :svg="shipped.picture" class="size-9 shrink-0" />
                            <span class="flex-1 leading-tight">{{ shipped.name }}</span>
                            <span class="text-sm text-soft">{{ shipped.amount }}</span>
                        </label>
                    </li>
                </ul>
            </TabPanel>
            <TabPanel>
                <Wait v-if="lacking.isPending.value" what="Going through the activities…" />
                <Notice v-else-if="lacking.error.value" :error="lacking.error.value" />
                <template v-else-if="lacking.data.value">
                    <p class="mb-3">
                        {{ lacking.data.value.activities }} activities can be laid out with what is here.
                        <span v-if="!lacking.data.value.lacking.length">Nothing is missing.</span>
                    </p>
                    <ul class="grid gap-2 sm:grid-cols-2">
                        <li
                            v-for="one in lacking.data.value.lacking"
                            :key="one.activityId"
                            class="rounded-xl border border-hem bg-paper px-4 py-2"
                        >
                            <RouterLink
                                :to="{ name: 'activities', query: { open: one.activityId } }"
                                class="font-bold text-deep underline underline-offset-4"
                                >{{ one.name }}</RouterLink
                            >
                            <p class="text-sm">{{ one.lacks }}</p>
                        </li>
                    </ul>
                </template>
            </TabPanel>
        </Tabs>
        <ThingForm v-if="editing" :thing="editing === 'new' ? null : editing" @close="editing = null" @saved="editing = null" />
    </div>
</template>
