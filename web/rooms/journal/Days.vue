<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { Search } from '@lucide/vue';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useDays } from '@/api/journal';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import TakePhotograph from '@/kit/TakePhotograph.vue';
import Wait from '@/kit/Wait.vue';

import DayCard from './DayCard.vue';
import PhotographDialog from './PhotographDialog.vue';
import Who from './Who.vue';

/** Day by day, newest first: what was planned, what was done, what was left, what was written down beside it. */
const child = ref('');
const typed = ref('');
const find = refDebounced(typed, 250);
const query = useDays(child, find);
const days = computed(() => query.data.value?.pages.flatMap((page) => page.days) ?? []);
const first = computed(() => query.data.value?.pages[0]);
const children = computed(() => first.value?.children ?? []);
const open = ref<Schemas['PhotographView'] | null>(null);
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-center gap-3">
            <Who v-model="child" all="All" :children="children" />
            <label class="relative min-w-56 flex-1">
                <span class="sr-only">Find in what was written down</span>
                <Search :size="18" class="pointer-events-none absolute top-3 left-3 text-soft" aria-hidden="true" />
                <input
                    v-model="typed"
                    type="search"
                    maxlength="100"
                    placeholder="Find: ducks, corks, a game, a step"
                    class="min-h-11 w-full rounded-lg border-[1.5px] border-field bg-paper pr-3 pl-10"
                    data-find-days
                />
            </label>
            <TakePhotograph
                v-if="first"
                :about="{ day: first.today, childIds: child ? [child] : [] }"
                words="Add a photograph of today"
            />
        </div>
        <Wait v-if="query.isPending.value" what="Turning the pages back…" />
        <Notice :error="query.error.value" />
        <p v-if="first && !days.length" class="max-w-prose">
            {{
                find
                    ? 'Nothing written down has these words in it.'
                    : 'Nothing yet. What is done at the table, told on Today or seen elsewhere comes to stand here by itself.'
            }}
        </p>
        <ol class="space-y-4">
            <DayCard
                v-for="day in days"
                :key="day.date"
                :day="day"
                :children="children"
                :is-today="day.date === first?.today"
                @look="open = $event"
            />
        </ol>
        <Button
            v-if="query.hasNextPage.value"
            class="mt-4"
            :disabled="query.isFetchingNextPage.value"
            data-earlier
            @click="query.fetchNextPage()"
            >Earlier days</Button
        >
        <PhotographDialog v-if="open" :photograph="open" :children="children" @close="open = null" />
    </div>
</template>
