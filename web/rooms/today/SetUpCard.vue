<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { Ellipsis } from '@lucide/vue';

import type { Schemas } from '@/api/client';
import Spindle from '@/kit/Spindle.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { formsWith, marks as markNames } from '@/generated/words';
import { clock } from '@/kit/words';
import Picture from '@/scene/Picture.vue';
import Cautions from '@/kit/Cautions.vue';

import type { Changes } from '@/api/changes';

const RefusedDialog = defineAsyncComponent(() => import('./RefusedDialog.vue'));
const SetUpMenu = defineAsyncComponent(() => import('./SetUpMenu.vue'));
const SwapDialog = defineAsyncComponent(() => import('./SwapDialog.vue'));
const TimeDialog = defineAsyncComponent(() => import('./TimeDialog.vue'));
const WhyThis = defineAsyncComponent(() => import('./WhyThis.vue'));

const why = ref<Schemas['SittingView'] | null>(null);
const menu = ref(false);
const asking = ref<'swap' | 'time' | 'refused' | null>(null);
defineProps<{ setUp: Schemas['SetUpView']; number: number; day: Schemas['DayView']; changes: Changes | null }>();
</script>

<template>
    <article :id="'set-up-' + setUp.id" class="rounded-2xl border border-hem bg-paper p-4" :aria-labelledby="'name-' + setUp.id">
        <div class="flex flex-col gap-4 sm:flex-row">
            <div class="hidden h-36 shrink-0 rounded-xl bg-linen p-2 sm:block sm:w-48">
                <Picture :svg="setUp.picture" />
            </div>
            <div class="min-w-0 flex-1">
                <p class="text-sm text-soft">
                    <span
                        class="mr-1 inline-flex size-6 items-center justify-center rounded-full bg-ink text-sm font-bold text-white"
                        >{{ number }}</span
                    >
                    {{ clock(setUp.start) }}, {{ setUp.end - setUp.start }} minutes, {{ setUp.place }}, {{ setUp.partWords }}
                </p>
                <h3 :id="'name-' + setUp.id" class="mt-1 text-lg leading-tight font-bold">
                    {{ setUp.name }}
                    <span v-if="setUp.isNew" class="ml-1 rounded-full border border-wood px-2 text-sm font-normal"
                        >new to you</span
                    >
                    <span v-if="setUp.held" class="ml-1 rounded-full border border-deep px-2 text-sm font-normal">kept</span>
                </h3>
                <p class="text-soft">{{ setUp.inShort }}</p>
                <p class="mt-2">
                    <span class="font-bold">Lay out:</span>
                    {{
                        [...setUp.laid.map((laid) => laid.count + ' ' + laid.name), ...setUp.props].join(', ') || 'nothing at all'
                    }}
                </p>
                <ul class="mt-2 space-y-2">
                    <li v-for="sitting in setUp.sittings" :key="sitting.id" class="flex gap-2">
                        <ThreadKnot :thread="sitting.thread" class="mt-0.5" />
                        <div>
                            <p>
                                <b>{{ sitting.childName }}</b>: {{ sitting.step.name }}, {{ sitting.step.reach
                                }}{{ sitting.form ? ', ' + formsWith[sitting.form] : ''
                                }}<template v-if="sitting.second"
                                    >; and {{ sitting.second.name.toLowerCase() }}, {{ sitting.second.reach }}</template
                                >
                            </p>
                            <p v-if="!sitting.decision" class="text-soft">
                                <span class="hidden sm:inline">
                                    {{ sitting.reason }}
                                    <template v-if="sitting.secondReason">And: {{ sitting.secondReason }}</template>
                                </span>
                                <button
                                    v-if="sitting.worth.length"
                                    type="button"
                                    class="min-h-9 px-1 text-sm underline underline-offset-4"
                                    :data-why="sitting.id"
                                    @click="why = sitting"
                                >
                                    Why this?
                                </button>
                            </p>
                            <p v-else class="flex flex-wrap items-center gap-2">
                                <Spindle :mark="sitting.decision.markAfter" :size="20" />
                                <span
                                    ><b>{{ sitting.decision.name }}.</b> {{ sitting.decision.sentence }}
                                    <span class="text-soft">Now {{ markNames[sitting.decision.markAfter] }}.</span></span
                                >
                            </p>
                            <p v-for="also in sitting.alsoDecided" :key="also.sentence" class="text-soft">
                                The other: <b>{{ also.name }}.</b> {{ also.sentence }}
                            </p>
                        </div>
                    </li>
                </ul>
                <p v-if="setUp.note" class="mt-2">“{{ setUp.note }}”</p>
                <p v-if="setUp.wentHard && changes" class="mt-2">
                    This went hard today.
                    <button type="button" class="min-h-11 underline underline-offset-4" @click="asking = 'swap'">
                        See another
                    </button>
                </p>
                <Cautions :cautions="setUp.cautions" class="mt-3" />
            </div>
            <div class="flex shrink-0 items-end gap-2 sm:w-44">
                <RouterLink
                    :to="{ name: 'table', params: { setUpId: setUp.id }, query: day.isToday ? {} : { read: 1 } }"
                    class="flex min-h-11 w-full items-center justify-center rounded-lg border-2 border-deep px-3 font-bold"
                    :class="setUp.state === 'done' ? 'bg-paper text-deep' : 'bg-deep text-white hover:bg-deep-dark'"
                >
                    {{
                        setUp.state === 'done'
                            ? 'Look back'
                            : !day.isToday
                              ? 'Read it through'
                              : setUp.state === 'begun'
                                ? 'Go on'
                                : 'To the table'
                    }}
                </RouterLink>
                <button
                    v-if="changes && setUp.state === 'planned' && !menu"
                    type="button"
                    class="flex size-11 shrink-0 items-center justify-center rounded-lg border-2 border-hem bg-paper hover:bg-linen"
                    aria-haspopup="menu"
                    :aria-label="`Change ${setUp.name}`"
                    :data-menu="setUp.id"
                    @click="menu = true"
                >
                    <Ellipsis :size="22" aria-hidden="true" />
                </button>
                <SetUpMenu
                    v-if="changes && setUp.state === 'planned' && menu"
                    :set-up="setUp"
                    :day="day"
                    :changes="changes"
                    @swap="asking = 'swap'"
                    @time="asking = 'time'"
                    @refused="asking = 'refused'"
                />
            </div>
        </div>
        <WhyThis v-if="why" :sitting="why" @close="why = null" />
        <template v-if="changes">
            <SwapDialog v-if="asking === 'swap'" :set-up="setUp" :changes="changes" @close="asking = null" />
            <TimeDialog v-if="asking === 'time'" :set-up="setUp" :changes="changes" @close="asking = null" />
            <RefusedDialog
                v-if="asking === 'refused'"
                :set-up="setUp"
                :changes="changes"
                @close="asking = null"
                @swap="asking = 'swap'"
            />
        </template>
    </article>
</template>
