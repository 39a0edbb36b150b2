<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';

import { api, type Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Spindle from '@/kit/Spindle.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { useKeys } from '@/kit/keys';
import { markNames } from '@/kit/words';

import Evidence from './Evidence.vue';

const props = defineProps<{ childId?: string }>();
const route = useRoute();
const router = useRouter();

const children = useQuery({ queryKey: ['children'], queryFn: api.children });
const childId = computed(() => props.childId || children.data.value?.present[0]?.id || '');
const map = useQuery({ queryKey: ['map', childId], queryFn: () => api.map(childId.value), enabled: () => childId.value !== '' });
const open = ref<string | null>(null);
const near = ref<string | null>(null);
const only = ref<string | null>(null);

watch(
    () => route.query.step,
    (step) => (open.value = typeof step === 'string' ? step : null),
    { immediate: true },
);

/** What the step under the pointer or the focus needs, and what needs it. */
const cells = computed(
    () =>
        new Map(
            (map.data.value?.strands ?? [])
                .flatMap((strand) => strand.skills.flatMap((skill) => skill.cells))
                .map((cell) => [cell.stepId, cell]),
        ),
);
const needed = computed(() => new Set(near.value ? (cells.value.get(near.value)?.needs ?? []) : []));
const builds = computed(
    () =>
        new Set(
            near.value
                ? [...cells.value.values()].filter((cell) => cell.needs.includes(near.value!)).map((cell) => cell.stepId)
                : [],
        ),
);

const marks = ['secure', 'look-again', 'steady', 'trying', 'new'];
const shown = (cell: Schemas['CellView']) => only.value === null || cell.mark === only.value;

function turn(by: number) {
    const list = children.data.value?.present ?? [];
    const at = list.findIndex((child) => child.id === childId.value);
    const next = list[(at + by + list.length) % list.length];
    if (next) {
        void router.push({ name: 'map', params: { childId: next.id } });
    }
}

useKeys({ ']': () => turn(1), '[': () => turn(-1) });
</script>

<template>
    <Wait v-if="children.isPending.value" what="Winding…" />
    <Notice v-else-if="children.error.value" :error="children.error.value" />
    <section v-else-if="!children.data.value?.present.length" class="max-w-xl rounded-2xl border border-hem bg-cloth p-6">
        <h1>Map</h1>
        <p class="mt-2 mb-4">The map shows what each child can do. Add a child to begin one.</p>
        <RouterLink
            :to="{ name: 'children', query: { add: '1' } }"
            class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
            >Add a child</RouterLink
        >
    </section>
    <div v-else>
        <div class="mb-3 flex flex-wrap items-center justify-between gap-3">
            <h1>What can {{ map.data.value?.childName ?? '…' }} do?</h1>
            <nav aria-label="Children" class="flex flex-wrap gap-2">
                <RouterLink
                    v-for="child in children.data.value.present"
                    :key="child.id"
                    :to="{ name: 'map', params: { childId: child.id } }"
                    class="flex min-h-11 items-center gap-2 rounded-lg border-2 bg-cloth px-3 font-bold"
                    :class="child.id === childId ? 'border-ink' : 'border-hem text-soft'"
                    :aria-current="child.id === childId ? 'true' : undefined"
                >
                    <ThreadKnot :thread="child.thread" /> {{ child.name }}
                </RouterLink>
            </nav>
        </div>
        <Wait v-if="map.isPending.value" what="Winding…" />
        <Notice v-else-if="map.error.value" :error="map.error.value" />
        <template v-else-if="map.data.value">
            <div class="mb-4 flex flex-wrap gap-x-1 gap-y-2" role="group" aria-label="Show one mark only">
                <button
                    v-for="mark in marks"
                    :key="mark"
                    type="button"
                    class="flex min-h-11 items-center gap-2 rounded-lg border-2 px-3"
                    :class="only === mark ? 'border-ink bg-cloth font-bold' : 'border-transparent'"
                    :aria-pressed="only === mark"
                    @click="only = only === mark ? null : mark"
                >
                    <Spindle :mark="mark" :size="20" quiet /> {{ markNames[mark] }}
                    <span class="text-soft">{{ map.data.value.counts[mark] ?? 0 }}</span>
                </button>
                <span class="flex items-center gap-2 px-3 text-soft"
                    ><Spindle mark="new" implied :size="20" quiet /> implied by harder work</span
                >
            </div>
            <div class="gap-4 lg:columns-2">
                <section
                    v-for="strand in map.data.value.strands"
                    :key="strand.id"
                    class="mb-4 break-inside-avoid rounded-2xl border border-hem bg-cloth p-3"
                    :aria-labelledby="'strand-' + strand.id"
                >
                    <h2 :id="'strand-' + strand.id" class="mb-1 px-1">{{ strand.name }}</h2>
                    <div
                        v-for="skill in strand.skills"
                        :key="skill.id"
                        class="flex items-center gap-2 border-t border-hem/60 py-0.5"
                    >
                        <p class="w-40 shrink-0 px-1 text-[0.95rem] leading-tight">{{ skill.name }}</p>
                        <div class="flex flex-1 flex-wrap gap-1">
                            <button
                                v-for="cell in skill.cells"
                                :key="cell.stepId"
                                type="button"
                                class="flex min-h-9 items-center gap-0.5 rounded-lg border-2 px-1 text-sm"
                                :class="[
                                    shown(cell) ? '' : 'opacity-25',
                                    near === cell.stepId
                                        ? 'border-ink'
                                        : needed.has(cell.stepId)
                                          ? 'border-dashed border-wood bg-care-cloth'
                                          : builds.has(cell.stepId)
                                            ? 'border-dotted border-deep'
                                            : 'border-transparent hover:border-hem',
                                ]"
                                :aria-label="`${skill.name}, ${cell.reach}: ${markNames[cell.mark]}${cell.implied ? ', implied' : ''}`"
                                :data-step="cell.stepId"
                                :data-mark="cell.mark"
                                @click="open = cell.stepId"
                                @mouseenter="near = cell.stepId"
                                @mouseleave="near = null"
                                @focus="near = cell.stepId"
                                @blur="near = null"
                            >
                                <Spindle :mark="cell.mark" :implied="cell.implied" :size="20" quiet />
                                <span :class="cell.ready || cell.tries ? 'text-ink' : 'text-soft'">{{ cell.reach }}</span>
                            </button>
                        </div>
                    </div>
                </section>
            </div>
            <p class="mt-4 text-sm text-soft">
                Rest on a step to see what it needs (dashed) and what builds on it (dotted). <kbd>[</kbd> and <kbd>]</kbd> turn to
                the other children.
                <Button v-if="only" kind="quiet" @click="only = null">Show all marks</Button>
            </p>
            <Evidence
                v-if="open"
                :child-id="childId"
                :child-name="map.data.value.childName"
                :step-id="open"
                @close="open = null"
                @open="open = $event"
            />
        </template>
    </div>
</template>
