<script setup lang="ts">
import { TabPanel } from '@headlessui/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useCupboard } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Tabs from '@/kit/Tabs.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { clock, minutes } from '@/kit/words';

import Allows from './Allows.vue';
import { nowMinute, type Changes } from '@/api/changes';

/** The day turned: what is other now, who is not there, and what the day allows. */
const props = defineProps<{ day: Schemas['DayView']; changes: Changes }>();
const emit = defineEmits<{ close: []; else: [] }>();

const WEEK_MS = 7 * 24 * 60 * 60 * 1000;
const tab = ref(0);
const at = ref(clock(nowMinute()).padStart(5, '0'));
const long = ref(20);
const thing = ref('');
const cupboard = useCupboard();
const things = computed(() => (cupboard.data.value?.things ?? []).filter((one) => one.amount > 4));
const done = () => emit('close');
const weekOn = new Date(Date.parse(props.day.date) + WEEK_MS).toISOString().slice(0, 10);
const sleeping = ref<Record<string, string>>({});
</script>

<template>
    <Dialog open wide title="Change the day" @close="$emit('close')">
        <Tabs v-model="tab" :names="['Right now', 'The children', 'What the day allows']">
            <TabPanel>
                <div class="grid gap-4 sm:grid-cols-2">
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">Twenty minutes is all we have</h3>
                        <p class="mb-2 text-soft">From now, a turn for everyone.</p>
                        <Button data-change="twenty" :disabled="changes.busy.value" @click="changes.twenty(done)"
                            >Twenty minutes</Button
                        >
                    </section>
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">One pile, everyone</h3>
                        <label class="mb-2 block"
                            >Of
                            <select v-model="thing" class="max-w-48">
                                <option value="">whatever suits</option>
                                <option v-for="one in things" :key="one.id" :value="one.id">{{ one.name }}</option>
                            </select></label
                        >
                        <Button data-change="pile" :disabled="changes.busy.value" @click="changes.pile(15, thing || null, done)"
                            >One pile, now</Button
                        >
                    </section>
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">It is later than planned</h3>
                        <label class="mb-2 block">We begin at <input v-model="at" type="time" required /></label>
                        <Button data-change="later" :disabled="changes.busy.value" @click="changes.later(minutes(at), done)"
                            >Begin then</Button
                        >
                    </section>
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">Less of me for a while</h3>
                        <label class="mb-2 block"
                            >From {{ at }} for
                            <input v-model.number="long" type="number" min="5" max="240" step="5" class="w-20" /> minutes</label
                        >
                        <div class="flex flex-wrap gap-2">
                            <Button data-change="arms-full" @click="changes.less('arms-full', minutes(at), long, done)"
                                >Arms full</Button
                            >
                            <Button @click="changes.less('settling', minutes(at), long, done)">Feeding or settling</Button>
                            <Button @click="changes.less('away', minutes(at), long, done)">Not there</Button>
                        </div>
                    </section>
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">We did something else</h3>
                        <p class="mb-2 text-soft">A game, or in your words, with how it went.</p>
                        <Button data-change="else" @click="$emit('else')">Write it down</Button>
                    </section>
                    <section class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">A low week</h3>
                        <p class="mb-2 text-soft">One thing a day at most, looks wait, nothing is counted as missed.</p>
                        <Button v-if="day.lowUntil" @click="changes.lowWeek(null, done)">It is over</Button>
                        <Button v-else data-change="low" @click="changes.lowWeek(weekOn, done)">For seven days</Button>
                    </section>
                    <section v-if="day.wanted.length" class="rounded-xl border border-hem p-3">
                        <h3 class="font-bold">You asked for</h3>
                        <p v-for="wish in day.wanted" :key="wish.activityId" class="flex flex-wrap items-center gap-2">
                            {{ wish.name }}
                            <Button kind="quiet" @click="changes.takeBack(wish.activityId)">Not today after all</Button>
                        </p>
                    </section>
                </div>
            </TabPanel>
            <TabPanel>
                <ul class="divide-y divide-hem/60">
                    <li v-for="child in day.children" :key="child.id" class="py-3">
                        <p class="mb-2 flex items-center gap-2 font-bold">
                            <ThreadKnot :thread="child.thread" /> {{ child.name }}
                            <span v-if="child.absent" class="font-normal text-soft">{{ child.absent }} today</span>
                        </p>
                        <div class="flex flex-wrap gap-2">
                            <template v-if="!child.absent">
                                <Button :data-ill="child.id" @click="changes.child(child.id, 'ill', done)">Ill today</Button>
                                <Button @click="changes.child(child.id, 'away', done)">Away today</Button>
                                <label class="flex items-center gap-2"
                                    >Sleeps until
                                    <input v-model="sleeping[child.id]" type="time" :aria-label="`${child.name} sleeps until`" />
                                </label>
                                <Button
                                    :disabled="!sleeping[child.id]"
                                    @click="changes.asleep(child.id, nowMinute(), minutes(sleeping[child.id]!), done)"
                                    >Asleep now</Button
                                >
                            </template>
                            <Button v-else @click="changes.child(child.id, 'back', done)">Here and well again</Button>
                        </div>
                    </li>
                </ul>
            </TabPanel>
            <TabPanel>
                <Allows :day="day" :busy="changes.busy.value" @plan="changes.allow($event, done)" />
            </TabPanel>
        </Tabs>
        <Notice :error="changes.error.value" class="mt-3" />
    </Dialog>
</template>
