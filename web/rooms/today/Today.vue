<script setup lang="ts">
import { Printer, Zap } from '@lucide/vue';
import { computed, defineAsyncComponent, nextTick, onMounted, ref, watch } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';

import type { Schemas } from '@/api/client';
import { keepTables, useDay, usePlan, useToday } from '@/api/queries';
import { useTomorrow } from '@/api/sheets';
import Arrow from '@/kit/Arrow.vue';
import Button from '@/kit/Button.vue';
import { useKeys } from '@/kit/keys';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { longDay } from '@/kit/words';
import { usePaper } from '@/kit/paper';

import AnyTime from './AnyTime.vue';
import Bring from './Bring.vue';
import HaveReady from './HaveReady.vue';
import { nowMinute, useChanges } from '@/api/changes';
import DayThreads from './DayThreads.vue';
import SetUpCard from './SetUpCard.vue';
import './sent';

/** What opens on a press comes when it is wanted. */
const ChangeDay = defineAsyncComponent(() => import('./ChangeDay.vue'));
const CloseTheDay = defineAsyncComponent(() => import('./CloseTheDay.vue'));
const FiveMinutes = defineAsyncComponent(() => import('./FiveMinutes.vue'));
const SomethingElse = defineAsyncComponent(() => import('./SomethingElse.vue'));
const WhyDay = defineAsyncComponent(() => import('./WhyDay.vue'));
const WokeDialog = defineAsyncComponent(() => import('@/kit/Woke.vue'));

const DAY_MS = 24 * 60 * 60 * 1000;
const route = useRoute();
const router = useRouter();
const today = useToday();
const other = computed(() => (typeof route.query.day === 'string' ? route.query.day : ''));
const another = useDay(other);
const shown = computed(() => (other.value ? another : today));
const day = computed(() => shown.value.data.value);
const paper = usePaper();
const changes = useChanges(() => today.data.value);
const plan = usePlan(() => undefined);

const open = ref<'change' | 'close' | 'five' | 'else' | 'why' | null>(null);
const woke = ref<Schemas['WokenView'][] | null>(null);

const ahead = computed(() => day.value?.setUps.filter((setUp) => setUp.state !== 'done') ?? []);
const done = computed(() => day.value?.setUps.filter((setUp) => setUp.state === 'done') ?? []);
const told = computed(() => day.value?.otherwise.filter(({ words }) => words !== null) ?? []);
const number = (setUpId: string) => (day.value?.setUps.findIndex((setUp) => setUp.id === setUpId) ?? 0) + 1;
const nothing = computed(() => day.value?.children.filter((child) => child.nothing) ?? []);
const sleepers = computed(() => day.value?.children.filter((child) => child.sleeps && !child.absent) ?? []);
const isOver = computed(() => !!day.value && !!today.data.value && day.value.date < today.data.value.date);

function go(days: number) {
    const to = new Date(Date.parse(day.value!.date) + days * DAY_MS).toISOString().slice(0, 10);
    void router.replace({ query: to === today.data.value?.date ? {} : { day: to } });
}
const settled = ref(false);
const onPaper = (what: 'day' | 'card') =>
    `/api/today/${what}.pdf?` + new URLSearchParams({ day: day.value!.date, paper: paper.value });
watch(open, () => changes.forget());

/** What is not looked at at once comes when the screen has settled. */
const SETTLED_MS = 4000;
onMounted(() => setTimeout(() => (settled.value = true), SETTLED_MS));

/** From then on there is an evening left to make what tomorrow wants. */
const EVENING = 16 * 60;
const tomorrow = useTomorrow(nowMinute() >= EVENING);

/** On a phone what is now is in sight. */
const PHONE = 640;
watch(
    () => day.value?.date,
    (date) => {
        const now = nowMinute();
        const current = day.value?.setUps.find((setUp) => setUp.state !== 'done' && setUp.start <= now && now < setUp.end);
        if (date && current && window.innerWidth < PHONE) {
            void nextTick(() => document.getElementById(`set-up-${current.id}`)?.scrollIntoView({ block: 'center' }));
        }
    },
    { immediate: true },
);
/** Once the screen has settled, what is on today is fetched: the table goes on without the house. */
watch([ahead, settled], () => day.value?.isToday && settled.value && keepTables(ahead.value.map(({ id }) => id)));
useKeys({
    n: () => day.value?.isToday && (open.value = 'five'),
    c: () => day.value?.isToday && day.value.planned && (open.value = 'change'),
    u: () => day.value?.undo && changes.undo(),
    '<': () => day.value && go(-1),
    '>': () => day.value && go(1),
});
</script>

<template>
    <Wait v-if="shown.isPending.value" what="Laying the table…" />
    <Notice v-else-if="shown.error.value" :error="shown.error.value" />
    <div v-else-if="day" class="pb-16 sm:pb-0">
        <div>
            <div class="mb-4 flex flex-wrap items-end justify-between gap-3">
                <div class="flex items-center gap-1">
                    <Arrow to="before" label="The day before" @click="go(-1)" />
                    <div>
                        <h1>{{ longDay(day.date) }}</h1>
                        <p v-if="day.planned && ahead.length" class="text-soft">
                            <template v-if="!day.isToday && !isOver">Tomorrow and after. </template>
                            {{ ahead.length }} {{ ahead.length === 1 ? 'activity' : 'activities' }} {{ isOver ? 'left' : 'ahead'
                            }}<template v-if="done.length">, {{ done.length }} done</template>
                        </p>
                    </div>
                    <Arrow to="after" label="The day after" @click="go(1)" />
                    <RouterLink v-if="!day.isToday" to="/" class="flex min-h-11 items-center px-2 underline underline-offset-4"
                        >Today</RouterLink
                    >
                </div>
                <div v-if="day.planned" class="flex flex-wrap gap-2">
                    <span v-if="day.isToday && day.children.length" class="hidden sm:contents">
                        <Button data-five-minutes @click="open = 'five'"
                            ><Zap :size="18" aria-hidden="true" /> Five minutes now</Button
                        >
                    </span>
                    <Button v-if="day.isToday" data-change-day @click="open = 'change'">Change the day</Button>
                    <Button v-if="day.isToday && ahead.length" @click="open = 'close'">Close the day</Button>
                    <template v-if="day.isToday && ahead.length">
                        <Button
                            v-for="child in sleepers"
                            :key="child.id"
                            :data-woke="child.id"
                            @click="changes.woke(child.id, (said) => (woke = said.atTable))"
                            >{{ child.name }} woke</Button
                        >
                    </template>
                    <a
                        v-if="day.setUps.length"
                        :href="onPaper('day')"
                        target="_blank"
                        class="inline-flex min-h-11 items-center gap-2 px-2 font-bold text-deep underline underline-offset-4"
                        data-day-paper
                        ><Printer :size="18" aria-hidden="true" /> The day on paper</a
                    >
                    <a
                        v-if="day.setUps.length"
                        :href="onPaper('card')"
                        target="_blank"
                        class="inline-flex min-h-11 items-center px-2 text-deep underline underline-offset-4"
                        data-card
                        >A card for whoever steps in</a
                    >
                </div>
            </div>

            <p v-if="day.asKept" class="mb-4 max-w-3xl rounded-2xl border-2 border-care bg-paper p-4" role="status" data-as-kept>
                {{ day.asKept }}
            </p>
            <p v-if="day.back" class="mb-4 max-w-3xl rounded-2xl border border-hem bg-linen p-4" data-back>
                {{ day.back }}
                <RouterLink :to="{ name: 'week' }" class="inline-flex min-h-11 items-center underline underline-offset-4"
                    >Look round, in Week</RouterLink
                >
            </p>
            <section v-if="day.children.length === 0" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
                <h2>Who is at the table?</h2>
                <p class="mt-1 mb-4">
                    A first name and a birth date are enough. Then tick what is in the cupboard, and the day is planned.
                </p>
                <RouterLink
                    :to="{ name: 'children', query: { add: '1' } }"
                    class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
                >
                    Add a child
                </RouterLink>
            </section>
            <section v-else-if="!day.hasThings" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
                <h2>What is in the cupboard?</h2>
                <p class="mt-1 mb-4">Corks, lids, socks: tick what the house has, and Pindle picks from it.</p>
                <RouterLink
                    :to="{ name: 'cupboard', query: { tick: '1' } }"
                    class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
                >
                    Tick what you have
                </RouterLink>
            </section>
            <section v-else-if="!day.planned" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
                <template v-if="isOver">
                    <h2>Nothing was planned then</h2>
                </template>
                <template v-else>
                    <h2 v-if="!day.windows.length">A day off</h2>
                    <h2 v-else>{{ day.isToday ? 'Today is not planned yet' : 'This day is not planned yet' }}</h2>
                    <p v-if="!day.windows.length" class="mt-1 mb-4" data-day-off>
                        Nothing is planned, and nothing is missed. If they ask for it all the same, one press plans it.
                    </p>
                    <p v-else class="mt-1 mb-4">
                        {{ day.children.map((child) => child.name).join(', ') }}: one press plans the day for everyone.
                    </p>
                    <Notice :error="plan.error.value" class="mb-3" />
                    <Button
                        kind="strong"
                        :disabled="plan.isPending.value"
                        @click="plan.mutate(day.isToday ? {} : { day: day.date })"
                        >{{ day.isToday ? 'Plan today' : 'Plan this day' }}</Button
                    >
                </template>
            </section>

            <template v-else>
                <section
                    v-if="changes.pending.value"
                    class="mb-4 rounded-2xl border-2 border-care bg-paper p-4"
                    role="alert"
                    data-stale
                >
                    <p class="font-bold">The day was changed on another device meanwhile; this is how it is now.</p>
                    <p class="mb-2">You asked for: {{ changes.pending.value.words }}. Nothing of that was done.</p>
                    <div class="flex flex-wrap gap-2">
                        <Button @click="changes.pending.value.again()">Do it all the same</Button>
                        <Button kind="quiet" @click="changes.leave()">Leave it as it is</Button>
                    </div>
                </section>
                <section
                    v-if="day.undo"
                    class="mb-4 flex flex-wrap items-start justify-between gap-3 rounded-2xl border border-hem bg-linen p-3"
                    role="status"
                    data-moved
                >
                    <ul>
                        <li v-for="words in day.undo.said" :key="words">{{ words }}</li>
                    </ul>
                    <Button kind="quiet" data-undo :disabled="changes.busy.value" @click="changes.undo()">Take it back</Button>
                </section>
                <Notice v-if="!open" :error="changes.error.value" class="mb-4" />
                <p v-if="!day.windows.length && !ahead.length" class="mb-4" data-day-off>
                    A day off: nothing is planned, and nothing is missed.
                    <Button
                        v-if="!isOver"
                        kind="quiet"
                        :disabled="plan.isPending.value"
                        @click="plan.mutate(day.isToday ? {} : { day: day.date })"
                        >Plan it all the same</Button
                    >
                </p>
                <p v-if="day.lowUntil" class="mb-4">A low week: one thing a day is enough, and nothing is missed.</p>
                <DayThreads
                    :day="day"
                    class="mb-5 hidden sm:block"
                    @open="router.push({ name: 'table', params: { setUpId: $event } })"
                    @move="(id, start) => day?.isToday && changes.move(id, start)"
                    @block="(block, start) => day?.isToday && changes.less(block.state, start, block.end - block.start)"
                />
                <div class="grid gap-5 lg:grid-cols-[1fr_17rem]">
                    <section aria-label="Activities" class="road space-y-4">
                        <h2 class="sr-only">Ahead</h2>
                        <p v-for="child in nothing" :key="child.id" class="flex items-start gap-2">
                            <ThreadKnot :thread="child.thread" class="mt-0.5" />
                            <span
                                ><b>{{ child.name }}</b> {{ child.nothing }}</span
                            >
                        </p>
                        <SetUpCard
                            v-for="setUp in ahead"
                            :key="setUp.id"
                            :set-up="setUp"
                            :number="number(setUp.id)"
                            :day="day"
                            :changes="day.isToday ? changes : null"
                        />
                        <template v-if="done.length || told.length">
                            <h2 class="pt-2">Done</h2>
                            <div v-for="setUp in done" :key="setUp.id">
                                <SetUpCard :set-up="setUp" :number="number(setUp.id)" :day="day" :changes="null" />
                                <Button
                                    v-if="day.isToday && day.otherwise.some(({ id }) => id === setUp.id)"
                                    kind="quiet"
                                    data-not-done
                                    @click="changes.notDone(setUp.id)"
                                    >Take it back</Button
                                >
                            </div>
                            <div
                                v-for="{ id, words } in told"
                                :key="id"
                                class="flex flex-wrap items-start justify-between gap-3 rounded-2xl border border-hem bg-paper p-4"
                            >
                                <p>{{ words }}</p>
                                <Button v-if="day.isToday" kind="quiet" data-not-done @click="changes.notDone(id)"
                                    >Take it back</Button
                                >
                            </div>
                        </template>
                    </section>
                    <aside class="space-y-5">
                        <Bring :day="day" @tick="changes.gather($event, day)" />
                        <HaveReady v-if="day.make.length" :wants="day.make" title="Have ready" />
                        <HaveReady
                            v-if="day.isToday && tomorrow.data.value?.make.length"
                            :wants="tomorrow.data.value.make"
                            title="To make for tomorrow"
                            data-for-tomorrow
                        />
                        <AnyTime :moments="day.moments" @happened="changes.happened" />
                        <Button v-if="day.goal.length" kind="quiet" @click="open = 'why'">Why this day?</Button>
                    </aside>
                </div>
            </template>
            <div
                v-if="day.isToday && day.planned && day.children.length"
                class="fixed inset-x-0 bottom-15 z-10 border-t-2 border-hem bg-paper p-2 sm:hidden"
            >
                <Button kind="strong" class="w-full" data-five-now @click="open = 'five'"
                    ><Zap :size="18" aria-hidden="true" /> Five minutes now</Button
                >
            </div>
        </div>
        <ChangeDay v-if="open === 'change'" :day="day" :changes="changes" @close="open = null" @else="open = 'else'" />
        <CloseTheDay v-if="open === 'close'" :set-ups="ahead" @close="open = null" />
        <FiveMinutes v-if="open === 'five'" :children="day.children.filter((child) => !child.absent)" @close="open = null" />
        <SomethingElse v-if="open === 'else'" :day="day" :changes="changes" @close="open = null" />
        <WhyDay v-if="open === 'why'" :goal="day.goal" @close="open = null" />
        <WokeDialog v-if="woke" :at-table="woke" @close="woke = null" />
    </div>
</template>
