<script setup lang="ts">
import { Undo2 } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';

import { useBeginRound } from '@/api/looks';
import { usePlan } from '@/api/queries';
import { useOutlook, useWeek, useWeekChanges } from '@/api/week';
import Arrow from '@/kit/Arrow.vue';
import Button from '@/kit/Button.vue';
import { useKeys } from '@/kit/keys';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { shortDay } from '@/kit/words';

import DayRow from './DayRow.vue';
import Have from './Have.vue';
import OtherDays from './OtherDays.vue';
import TakeAway from './TakeAway.vue';
import UseDialog from './UseDialog.vue';
import UsualWeek from './UsualWeek.vue';

/** When do we do what? The days of a week down the page, the children across; what is likely to come, and what to have for it. */
const route = useRoute();
const router = useRouter();
const shown = computed(() => (typeof route.query.day === 'string' ? route.query.day : ''));
const query = useWeek(shown);
const week = computed(() => query.data.value);
const changes = useWeekChanges(() => week.value, shown);
const outlook = useOutlook(
    shown,
    () => week.value?.hasOutlook === true && week.value.children.length > 0,
    () => week.value,
);
const plan = usePlan(() => undefined);
const round = useBeginRound(({ childId }) => void router.push({ name: 'first-look', params: { childId } }));

/** A weekday of the rule, or one day by itself. */
const using = ref<{ weekday: number } | { date: string } | null>(null);
const other = ref<'holiday' | 'away' | null>(null);
const isNow = computed(() => !!week.value && week.value.from <= week.value.today && week.value.today <= week.value.to);
const noDays = computed(() => week.value?.usual.every(({ windows }) => !windows.length) ?? false);
/** On a phone what is over folds away. */
const isWide = useMediaQuery('(min-width: 40rem)');
const showOver = ref(false);
const over = computed(() => (isNow.value ? (week.value?.days.filter(({ isOver }) => isOver) ?? []) : []));
const days = computed(() => week.value?.days.filter((day) => isWide.value || showOver.value || !over.value.includes(day)) ?? []);
const told = computed(() => Object.keys(outlook.days.value).length);
const toTell = computed(() => week.value?.days.filter(({ isOver }) => !isOver).length ?? 0);
const columns = computed(() => ({ '--children': String(Math.max(1, week.value?.children.length ?? 1)) }));

const DAY_MS = 24 * 60 * 60 * 1000;
function go(weeks: number) {
    const to = new Date(Date.parse(week.value!.from) + weeks * 7 * DAY_MS).toISOString().slice(0, 10);
    void router.replace({ query: { day: to } });
}
const here = () => void router.replace({ query: {} });
function edit(one: NonNullable<typeof using.value>) {
    changes.forget();
    using.value = one;
}
useKeys({
    '<': () => week.value && go(-1),
    '>': () => week.value && go(1),
    u: () => week.value?.canGoBack && changes.undo(),
    h: () => (other.value = 'holiday'),
    y: () => (other.value = 'away'),
});
</script>

<template>
    <Wait v-if="query.isPending.value" what="Unrolling the week…" />
    <Notice v-else-if="query.error.value" :error="query.error.value" />
    <div v-else-if="week" class="week" :style="columns">
        <div class="mb-4 flex flex-wrap items-end justify-between gap-3">
            <div class="flex items-center gap-1">
                <Arrow to="before" label="The week before" @click="go(-1)" />
                <div>
                    <h1>{{ isNow ? 'This week' : 'The week' }}</h1>
                    <p class="text-soft">{{ shortDay(week.from) }} to {{ shortDay(week.to) }}</p>
                </div>
                <Arrow to="after" label="The week after" data-next-week @click="go(1)" />
                <Button v-if="!isNow" kind="quiet" @click="here">This week</Button>
            </div>
            <div class="flex flex-wrap gap-2">
                <Button data-holiday @click="other = 'holiday'">Days off</Button>
                <Button v-if="week.children.length" data-away @click="other = 'away'">Someone away</Button>
                <Button v-if="week.canGoBack" kind="quiet" :disabled="changes.busy.value" data-undo-week @click="changes.undo()"
                    ><Undo2 :size="18" aria-hidden="true" /> Take the last change back</Button
                >
            </div>
        </div>

        <Notice v-if="!using && !other" :error="changes.error.value" class="mb-4" />
        <div v-if="week.back" class="mb-4 rounded-2xl border border-hem bg-linen p-4" data-back>
            <p>{{ week.back }}</p>
            <Button
                v-for="child in week.children.filter(({ isPlanned }) => isPlanned)"
                :key="child.id"
                class="mt-2 mr-2"
                :disabled="round.isPending.value"
                :data-round="child.id"
                @click="round.mutate(child.id)"
                >Look round with {{ child.name }}</Button
            >
            <Notice :error="round.error.value" class="mt-2" />
        </div>
        <p v-if="noDays" class="mb-4 rounded-2xl border border-hem bg-linen p-4" data-no-days>
            No weekday is used as a rule, so nothing is planned by itself. Give a weekday its hours below, or one day by itself.
        </p>
        <p v-if="week.lowUntil" class="mb-4">
            A low week until {{ shortDay(week.lowUntil) }}: one thing a day is enough, looks wait, and nothing is missed.
        </p>

        <div class="grid gap-6 xl:grid-cols-[1fr_19rem]">
            <section aria-label="Days" class="min-w-0">
                <div class="threads mb-1 hidden items-end sm:grid" aria-hidden="true">
                    <span></span>
                    <p v-for="child in week.children" :key="child.id" class="flex items-center gap-2 px-3 font-bold">
                        <ThreadKnot :thread="child.thread" /> {{ child.name }}
                    </p>
                </div>
                <Button
                    v-if="!isWide && over.length && !showOver"
                    kind="quiet"
                    class="px-1!"
                    data-show-over
                    @click="showOver = true"
                    >{{ over.length === 1 ? 'One day is over' : `${over.length} days are over` }}</Button
                >
                <ol class="space-y-2">
                    <DayRow
                        v-for="day in days"
                        :key="day.date"
                        :day="day"
                        :children="week.children"
                        :likely="outlook.days.value[day.date]"
                        :waiting="outlook.busy.value && !day.isOver && !outlook.days.value[day.date]"
                        :missed="(outlook.end.value?.missed as Record<string, string> | undefined)?.[day.date]"
                        :planning="plan.isPending.value"
                        @use="edit({ date: day.date })"
                        @plan="plan.mutate(day.isToday ? {} : { day: day.date })"
                    />
                </ol>
                <p v-if="outlook.busy.value" role="status" class="mt-2 flex items-center gap-2 text-soft" data-looking>
                    <progress class="h-3 w-28 accent-deep" :value="told" :max="toTell" /> Looking ahead, {{ told }} of
                    {{ toTell }} days
                </p>
                <Notice :error="outlook.error.value ?? plan.error.value" class="mt-2" />
                <p v-if="week.hasOutlook && week.children.length" class="mt-3 text-sm text-soft" data-sure>{{ week.sure }}</p>
                <p v-else-if="!week.hasOutlook && week.from > week.today" class="mt-3 text-sm text-soft">
                    Too far ahead to say what is likely: that depends on what happens until then.
                </p>
                <div class="mt-6 grid items-start gap-5 md:grid-cols-2">
                    <UsualWeek :week="week" @use="edit({ weekday: $event })" />
                    <OtherDays :week="week" :changes="changes" :adding="other" @close="other = null" />
                </div>
            </section>
            <aside class="space-y-5" aria-label="Beside the days">
                <Have v-if="outlook.end.value" :end="outlook.end.value" :children="week.children" />
                <TakeAway :week="week" />
            </aside>
        </div>
        <UseDialog v-if="using" :week="week" :of="using" :changes="changes" @close="using = null" />
    </div>
</template>

<style scoped>
.week :deep(.threads) {
    grid-template-columns: 10.5rem repeat(var(--children), minmax(0, 1fr));
}
</style>
