<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

import { api } from '@/api/client';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Notice from '@/kit/Notice.vue';
import Toggle from '@/kit/Toggle.vue';
import Wait from '@/kit/Wait.vue';
import SceneDrawing from '@/scene/SceneDrawing.vue';

import FamilyDetail from './FamilyDetail.vue';
import WriteOwn from './WriteOwn.vue';

/** What activities are there? Filtered by what a parent asks for, each one press away from its whole text. */
const route = useRoute();
const router = useRouter();
const families = useQuery({ queryKey: ['families'], queryFn: api.families, staleTime: 30_000 });
const all = computed(() => families.data.value?.families ?? []);

const strand = ref('');
const step = ref('');
const place = ref('');
const part = ref('');
const way = ref('');
const possible = ref(false);
const together = ref(false);
const open = ref<string | null>(null);
const writing = ref<'new' | string | null>(null);

watch(
    () => route.query.open,
    (id) => (open.value = typeof id === 'string' ? id : null),
    { immediate: true },
);
watch(strand, () => (step.value = ''));

const strandNames = computed(() => families.data.value?.strands ?? {});
const option = (value: string, words: string) => ({ value, words });
const strands = computed(() => [
    option('', 'Any strand'),
    ...Object.entries(strandNames.value).map(([id, words]) => option(id, words)),
]);
const steps = computed(() => {
    const found = new Map<string, string>();
    for (const family of all.value) {
        for (const one of family.steps) {
            if (!strand.value || family.strands.includes(strand.value)) {
                found.set(one.id, `${one.name}, ${one.reach}`);
            }
        }
    }
    return [
        option('', 'Any step'),
        ...[...found].sort((a, b) => a[1].localeCompare(b[1])).map(([id, words]) => option(id, words)),
    ];
});
const places = [
    option('', 'Anywhere'),
    option('table', 'At the table'),
    option('floor', 'On the floor'),
    option('outdoors', 'Outside'),
    option('anywhere', 'With nothing to fetch'),
];
const parts = [
    option('', 'Any part of mine'),
    option('with', 'With me'),
    option('near', 'Near me'),
    option('alone', 'On their own'),
];
const ways = [
    option('', 'Any way in'),
    option('see-it', 'See it'),
    option('touch-and-count', 'Touch and count'),
    option('bars', 'Bars'),
    option('move-and-tell', 'Move and tell'),
];
const shown = computed(() =>
    all.value.filter(
        (family) =>
            (!strand.value || family.strands.includes(strand.value)) &&
            (!step.value || family.steps.some((one) => one.id === step.value)) &&
            (!place.value || family.places.includes(place.value)) &&
            (!part.value || family.part === part.value) &&
            (!way.value || family.waysIn.includes(way.value)) &&
            (!possible.value || !family.lacks) &&
            (!together.value || family.together),
    ),
);
/** Under the strand asked for, else under the first strand of the map that each serves. */
const groups = computed(() =>
    Object.keys(strandNames.value)
        .map((id) => ({
            strand: id,
            families: shown.value.filter((family) => (strand.value || family.strands[0]) === id),
        }))
        .filter((group) => group.families.length > 0),
);
const partWords: Record<string, string> = { with: 'with you', near: 'near you', alone: 'on their own' };

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
        <Wait v-if="families.isPending.value" what="Leafing through…" />
        <Notice v-else-if="families.error.value" :error="families.error.value" />
        <template v-else>
            <p
                v-for="broken in families.data.value?.broken ?? []"
                :key="broken"
                role="alert"
                class="mb-3 rounded-lg bg-care-cloth px-4 py-2 text-care"
            >
                One of your own can not be read any more and is left out: {{ broken }}
            </p>
            <div class="mb-3 grid grid-cols-2 gap-3 lg:grid-cols-5" role="group" aria-label="Narrow it down">
                <Choice v-model="strand" label="Strand" :options="strands" />
                <Choice v-model="step" label="Step" :options="steps" />
                <Choice v-model="place" label="Place" :options="places" />
                <Choice v-model="part" label="My part" :options="parts" />
                <Choice v-model="way" label="Way in" :options="ways" />
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
                    <li v-for="family in group.families" :key="family.id">
                        <button
                            type="button"
                            class="flex h-full w-full flex-col rounded-2xl border border-hem bg-cloth p-3 text-left hover:border-deep"
                            :data-family="family.id"
                            @click="show(family.id)"
                        >
                            <span class="mb-2 block h-24 w-full rounded-xl bg-linen p-1"
                                ><SceneDrawing :scene="family.scene"
                            /></span>
                            <span class="block font-bold break-words">{{ family.name }}</span>
                            <span class="block text-sm text-soft">{{ family.inShort }}</span>
                            <span class="mt-1 block text-sm">
                                {{ family.own ? 'Your own, ' : '' }}{{ partWords[family.part]
                                }}{{ family.together ? ', for several' : ''
                                }}{{ family.needsNothing ? ', nothing to fetch' : '' }}
                            </span>
                            <span v-if="family.lacks" class="mt-1 block text-sm text-care">{{ family.lacks }}</span>
                        </button>
                    </li>
                </ul>
            </section>
        </template>
        <FamilyDetail v-if="open && !writing" :id="open" @close="show(null)" @change="writing = open" />
        <WriteOwn v-if="writing" :id="writing === 'new' ? null : writing" :from="all" @close="writing = null" />
    </div>
</template>
