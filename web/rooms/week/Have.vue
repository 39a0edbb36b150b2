<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { setFile } from '@/api/sheets';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { usePaper } from '@/kit/paper';

/** What these days want that is not there: to make, to save up; and what waits, and why. */
const props = defineProps<{ end: Schemas['OutlookEndView']; children: Schemas['WeekChildView'][] }>();

const paper = usePaper();
/** The same for other questions is said once. */
const toMake = computed(() => [...new Map(props.end.make.map((want) => [want.name + want.activity, want])).values()]);
const printable = computed(() => props.end.make.filter(({ kind }) => kind));
const thread = (childId: string) => props.children.find(({ id }) => id === childId)?.thread ?? 0;
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="What to have" data-have>
        <h2 class="mb-2">What to have</h2>
        <p v-if="!end.make.length" class="text-soft">Nothing has to be made for these days.</p>
        <ul v-else class="space-y-1">
            <li v-for="want in toMake" :key="want.name + want.activity">
                <b class="inline-block first-letter:uppercase">{{ want.name }}</b>
                <span class="text-sm text-soft">{{ ' ' }}for {{ want.activity }}</span>
            </li>
        </ul>
        <a
            v-if="printable.length"
            :href="setFile({ until: 'likely', paper })"
            target="_blank"
            class="mt-2 flex min-h-11 items-center font-bold text-deep underline underline-offset-4"
            data-print-likely
            >Print {{ printable.length === 1 ? 'it' : 'them as one set' }}</a
        >
        <RouterLink :to="{ name: 'make' }" class="flex min-h-11 items-center text-deep underline underline-offset-4"
            >Tick off what is there, in Make</RouterLink
        >
        <template v-if="end.save.length">
            <h3 class="mt-3 mb-1 font-bold">Worth buying or saving up</h3>
            <ul class="space-y-2">
                <li v-for="one in end.save" :key="one.activityId">
                    <b>{{ one.name }}</b> <span class="block text-sm text-soft">{{ one.lacks }}</span>
                </li>
            </ul>
        </template>
    </section>
    <section v-if="end.waits.length" class="rounded-2xl border border-hem bg-paper p-4" aria-label="What waits" data-waits>
        <h2 class="mb-2">What waits</h2>
        <ul class="space-y-2">
            <li v-for="one in end.waits" :key="one.childId + one.why" class="flex items-start gap-2">
                <ThreadKnot :thread="thread(one.childId)" :size="18" class="mt-1" />
                <span
                    ><b>{{ one.child }}:</b> {{ one.strands }}. <span class="text-soft">{{ one.why }}</span></span
                >
            </li>
        </ul>
    </section>
</template>
