<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import TakePhotograph from '@/kit/TakePhotograph.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { clock } from '@/kit/words';

/** One day as it was. */
const props = defineProps<{ day: Schemas['PastDayView']; children: Schemas['WhoView'][]; isToday: boolean }>();
defineEmits<{ look: [photograph: Schemas['PhotographView']] }>();
const who = (id: string) => props.children.find((child) => child.id === id);
const named = (ids: string[]) => ids.map((id) => who(id)?.name ?? '').filter((name) => name !== '');
/** In the order of the children, on every day. */
const minutes = computed(() => props.children.flatMap(({ id }) => props.day.minutes.filter(({ childId }) => childId === id)));
const done = computed(() => props.day.setUps.filter(({ state }) => state === 'done'));
const left = computed(() => props.day.setUps.filter(({ state }) => state !== 'done'));
</script>

<template>
    <li class="rounded-2xl border border-hem bg-paper p-4" :data-day="day.date">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2>{{ day.called }}</h2>
            <p v-if="minutes.length" class="flex flex-wrap gap-x-4 text-soft">
                <span v-for="one in minutes" :key="one.childId" class="flex items-center gap-1"
                    ><ThreadKnot :thread="who(one.childId)?.thread ?? 0" :size="16" /> {{ who(one.childId)?.name }}
                    {{ one.minutes }} min</span
                >
            </p>
        </div>
        <ul class="mt-2 space-y-1.5">
            <li v-for="setUp in done" :key="setUp.id" :data-done="setUp.id">
                <b>{{ setUp.name }}</b><span class="text-soft">, {{ clock(setUp.start) }}, {{ setUp.minutes }} min</span>
                <span v-for="one in setUp.children" :key="one.childId" class="block pl-4"
                    >{{ who(one.childId)?.name }}: {{ one.steps.join('; ') }}</span
                >
                <span v-if="setUp.note" class="block border-l-4 border-wood pl-3 italic">{{ setUp.note }}</span>
            </li>
            <li v-for="(instead, i) in day.instead" :key="i">
                <b>Something else:</b> {{ instead.words
                }}<span v-if="instead.childIds.length" class="text-soft">, {{ named(instead.childIds).join(', ') }}</span>
            </li>
            <li v-for="(seen, i) in day.elsewhere" :key="`seen-${i}`">
                <b>Seen elsewhere:</b> {{ who(seen.childId)?.name }}, {{ seen.step }}
                <span class="text-soft">({{ seen.what.toLowerCase() }})</span>
                <span v-if="seen.note" class="block border-l-4 border-wood pl-3 italic">{{ seen.note }}</span>
            </li>
            <li v-if="left.length" class="text-soft" data-left>
                {{ isToday ? 'Still to come:' : 'Left:' }}
                {{ left.map((setUp) => setUp.name + (setUp.state === 'begun' ? ' (begun)' : '')).join('; ') }}
            </li>
        </ul>
        <ul v-if="day.photographs.length" class="mt-3 flex flex-wrap gap-3">
            <li v-for="photograph in day.photographs" :key="photograph.id" class="w-36">
                <button
                    type="button"
                    class="block w-full rounded-lg text-left"
                    :data-photograph="photograph.id"
                    @click="$emit('look', photograph)"
                >
                    <img
                        :src="`${photograph.src}?small=1`"
                        :alt="photograph.words ? '' : `Photograph of ${day.called}`"
                        loading="lazy"
                        class="h-28 w-36 rounded-lg border border-hem object-cover"
                    />
                    <span class="mt-1 line-clamp-2 text-sm">{{ photograph.words }}</span>
                </button>
            </li>
        </ul>
        <TakePhotograph v-if="!isToday" quiet class="mt-1" :about="{ day: day.date }" words="Add a photograph" />
    </li>
</template>
