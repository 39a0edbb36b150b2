<script setup lang="ts">
import { TabPanel } from '@headlessui/vue';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useActivities } from '@/api/queries';
import { occasions, parts as partWords, places as placeWords, waysIn } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Notice from '@/kit/Notice.vue';
import Tabs from '@/kit/Tabs.vue';
import Toggle from '@/kit/Toggle.vue';
import Wait from '@/kit/Wait.vue';
import Picture from '@/scene/Picture.vue';

import ActivityDetail from './ActivityDetail.vue';
import Repertoire from './Repertoire.vue';
import WriteOwn from './WriteOwn.vue';

/** What activities are there? Filtered by what a parent asks for, each one press away from its whole text. */
const route = useRoute();
const router = useRouter();
const activities = useActivities();
const all = computed(() => activities.data.value?.activities ?? []);

const strand = ref<Schemas['Strand'] | ''>('');
const step = ref('');
const place = ref<Schemas['Place'] | ''>('');
const part = ref<Schemas['Part'] | ''>('');
const way = ref<Schemas['WayIn'] | ''>('');
const occasion = ref<Schemas['Occasion'] | ''>('');
const possible = ref(false);
const together = ref(false);
const open = ref<string | null>(null);
const writing = ref<'new' | string | null>(null);
const page = ref(route.query.page === 'ours' ? 1 : 0);

watch(
    () => route.query.open,
    (id) => (open.value = typeof id === 'string' ? id : null),
    { immediate: true },
);
watch(strand, () => (step.value = ''));

const strandNames = computed(() => activities.data.value?.strands ?? {});
const option = <T extends string>(value: T, words: string) => ({ value, words });
/** What may be chosen, as the words begin a line. */
const choices = <T extends string>(any: string, words: Record<T, string>) => [
    option<T | ''>('', any),
    ...(Object.entries(words) as [T, string][]).map(([id, name]) => option<T | ''>(id, name[0]!.toUpperCase() + name.slice(1))),
];
const strands = computed(() => choices('Any strand', strandNames.value as Record<Schemas['Strand'], string>));
const steps = computed(() => {
    const found = new Map<string, string>();
    for (const activity of all.value) {
        for (const one of activity.steps) {
            if (!strand.value || activity.strands.includes(strand.value)) {
                found.set(one.id, `${one.name}, ${one.reach}`);
            }
        }
    }
    return [
        option('', 'Any step'),
        ...[...found].sort((a, b) => a[1].localeCompare(b[1])).map(([id, words]) => option(id, words)),
    ];
});
const places = choices('Any place', placeWords);
const parts = choices('Any part of mine', partWords);
const ways = choices('Any way in', waysIn);
const times = choices('Any time', occasions);
const shown = computed(() =>
    all.value.filter(
        (activity) =>
            (!strand.value || activity.strands.includes(strand.value)) &&
            (!step.value || activity.steps.some((one) => one.id === step.value)) &&
            (!place.value || activity.places.includes(place.value)) &&
            (!part.value || activity.part === part.value) &&
            (!way.value || activity.waysIn.includes(way.value)) &&
            (!occasion.value || activity.occasions.includes(occasion.value)) &&
            (!possible.value || !activity.lacks) &&
            (!together.value || activity.together),
    ),
);
/** Under the strand asked for, else under the first strand of the map that each serves. */
const groups = computed(() =>
    Object.keys(strandNames.value)
        .map((id) => ({
            strand: id,
            activities: shown.value.filter((activity) => (strand.value || activity.strands[0]) === id),
        }))
        .filter((group) => group.activities.length > 0),
);
function show(id: string | null) {
    void router.replace({ query: id ? { open: id } : {} });
}
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-center justify-between gap-3">
            <h1>What can we do?</h1>
            <Button @click="writing = 'new'">Write your own</Button>
        </div>
        <Wait v-if="activities.isPending.value" what="Leafing through…" />
        <Notice v-else-if="activities.error.value" :error="activities.error.value" />
        <Tabs v-else v-model="page" :names="['All there are', 'The games we know']">
            <TabPanel>
                <p
                    v-for="broken in activities.data.value?.broken ?? []"
                    :key="broken"
                    role="alert"
                    class="mb-3 rounded-lg bg-care-cloth px-4 py-2 text-care"
                >
                    One of your own can not be read any more and is left out: {{ broken }}
                </p>
                <div class="mb-3 grid grid-cols-2 gap-3 sm:grid-cols-3 xl:grid-cols-6" role="group" aria-label="Narrow it down">
                    <Choice v-model="strand" label="Strand" :options="strands" />
                    <Choice v-model="step" label="Step" :options="steps" />
                    <Choice v-model="place" label="Place" :options="places" />
                    <Choice v-model="part" label="My part" :options="parts" />
                    <Choice v-model="way" label="Way in" :options="ways" />
                    <Choice v-model="occasion" label="Good for" :options="times" />
                </div>
                <div class="mb-4 flex flex-wrap items-center gap-x-8 gap-y-1">
                    <Toggle v-model="possible" label="Only with what we have" />
                    <Toggle v-model="together" label="Only for several children" />
                    <p class="text-soft" role="status">{{ shown.length }} of {{ all.length }} activities</p>
                </div>
                <p v-if="!shown.length" class="max-w-xl">
                    None fits all of that. Take one wish back, or
                    <button type="button" class="font-bold text-deep underline" @click="writing = 'new'">write your own</button>.
                </p>
                <section v-for="group in groups" :key="group.strand" class="mb-6">
                    <h2 class="mb-2">{{ strandNames[group.strand] }}</h2>
                    <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
                        <li v-for="activity in group.activities" :key="activity.id">
                            <button
                                type="button"
                                class="flex h-full w-full flex-col rounded-2xl border border-hem bg-paper p-3 text-left hover:border-deep"
                                :data-activity="activity.id"
                                @click="show(activity.id)"
                            >
                                <span class="mb-2 block h-24 w-full rounded-xl bg-linen p-1"
                                    ><Picture :svg="activity.picture"
                                /></span>
                                <span class="block font-bold break-words">{{ activity.name }}</span>
                                <span class="block text-sm text-soft">{{ activity.inShort }}</span>
                                <span class="mt-1 block text-sm">
                                    {{ activity.own ? 'Your own, ' : '' }}{{ partWords[activity.part]
                                    }}{{ activity.together ? ', for several' : ''
                                    }}{{ activity.occasions.map((one) => ', ' + occasions[one]).join('') }}
                                </span>
                                <span
                                    v-if="activity.lacksShort"
                                    class="mt-1 inline-block rounded-lg bg-care-cloth px-2 py-0.5 text-sm text-care"
                                    >{{ activity.lacksShort }}</span
                                >
                            </button>
                        </li>
                    </ul>
                </section>
            </TabPanel>
            <TabPanel><Repertoire @show="show" /></TabPanel>
        </Tabs>
        <ActivityDetail v-if="open && !writing" :id="open" @close="show(null)" @change="writing = open" />
        <WriteOwn v-if="writing" :id="writing === 'new' ? null : writing" :from="all" @close="writing = null" />
    </div>
</template>
