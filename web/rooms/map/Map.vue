<script setup lang="ts">
import { Pin } from '@lucide/vue';
import { computed, nextTick, ref, watch } from 'vue';
import { useSessionStorage } from '@vueuse/core';
import { RouterLink, useRoute, useRouter } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useChildren, useMap, useWanted } from '@/api/queries';
import { marks as markNames } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Notice from '@/kit/Notice.vue';
import Spindle from '@/kit/Spindle.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { useKeys } from '@/kit/keys';
import { usePaper } from '@/kit/paper';

import AtAGlance from './AtAGlance.vue';
import Evidence from './Evidence.vue';
import { inWords as standingInWords } from './standing';

const props = defineProps<{ childId?: string }>();
const route = useRoute();
const router = useRouter();

const children = useChildren();
const childId = computed(() => props.childId || children.data.value?.present[0]?.id || '');
const map = useMap(childId);
const open = ref<string | null>(null);
const near = ref<string | null>(null);
const only = ref<string | null>(null);
const onlyStrand = ref('');
/** The grid of spindles is one tap below the lines; a link to a step opens it. */
const grid = useSessionStorage('map-grid', false);

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

/** The needs of the step in question as fine threads from cell to cell. */
const board = ref<HTMLElement | null>(null);
const threads = ref<string[]>([]);
watch(near, async (stepId) => {
    await nextTick();
    const box = board.value?.getBoundingClientRect();
    const middle = (id: string) => {
        const cell = board.value?.querySelector(`[data-step="${id}"]`)?.getBoundingClientRect();
        return cell && box ? { x: cell.left + 12 - box.left, y: cell.top + cell.height / 2 - box.top } : null;
    };
    const to = stepId ? middle(stepId) : null;
    threads.value = to
        ? [...needed.value].flatMap((id) => {
              const from = middle(id);
              return from ? [`M${from.x} ${from.y}Q${(from.x + to.x) / 2 + 18} ${(from.y + to.y) / 2 - 12} ${to.x} ${to.y}`] : [];
          })
        : [];
});

const paper = usePaper();
const focus = useWanted(childId);
const strandOptions = computed(() => [
    { value: '', words: 'All strands' },
    ...(map.data.value?.strands ?? []).map((strand) => ({ value: strand.id, words: strand.name })),
]);

const marks: Schemas['Mark'][] = ['can-do', 'nearly', 'begun', 'not-met'];
/** A cell for those who hear it. */
function inWords(skill: string, cell: Schemas['CellView']): string {
    const more = [cell.unsure && 'not sure', cell.pinned && 'pinned'];
    return [`${skill}, ${cell.reach}: ${standingInWords(cell.standing)}`, ...more.filter((one) => one)].join(', ');
}
const shown = (cell: Schemas['CellView']) => only.value === null || cell.standing.mark === only.value;

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
    <section v-else-if="!children.data.value?.present.length" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
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
                    class="flex min-h-11 items-center gap-2 rounded-lg border-2 bg-paper px-3 font-bold"
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
            <p v-if="map.data.value.unsure" class="mb-3 rounded-lg border border-hem bg-paper px-4 py-2">
                A first look is not sure of {{ map.data.value.unsure }}
                {{ map.data.value.unsure === 1 ? 'step' : 'steps' }} (marked ?); ordinary sittings find out.
            </p>
            <AtAGlance :map="map.data.value" @open="open = $event" />
            <a
                :href="`/api/map/${childId}/record.pdf?paper=${paper}`"
                target="_blank"
                class="inline-flex min-h-11 items-center font-bold text-deep underline underline-offset-4"
                data-record
                >The record on one page (PDF)</a
            >
            <Button class="my-4" :aria-expanded="grid" @click="grid = !grid">{{
                grid ? 'Only at a glance' : 'Every step, as spindles'
            }}</Button>
            <div v-if="grid" class="mb-4 flex flex-wrap items-end gap-x-1 gap-y-2" role="group" aria-label="What is shown">
                <Choice v-model="onlyStrand" label="Strand" :options="strandOptions" class="mr-3 w-52" />
                <button
                    v-for="mark in marks"
                    :key="mark"
                    type="button"
                    class="flex min-h-11 items-center gap-2 rounded-lg border-2 px-3"
                    :class="only === mark ? 'border-ink bg-paper font-bold' : 'border-transparent'"
                    :aria-pressed="only === mark"
                    @click="only = only === mark ? null : mark"
                >
                    <Spindle :mark="mark" :size="20" quiet /> {{ markNames[mark] }}
                    <span class="text-soft">{{ map.data.value.counts[mark] ?? 0 }}</span>
                </button>
                <span class="flex min-h-11 items-center gap-2 px-3 text-soft"
                    ><Spindle mark="not-met" taken :size="20" quiet /> taken as known</span
                >
                <span class="flex min-h-11 items-center gap-2 px-3 text-soft"
                    ><Spindle mark="can-do" look :size="20" quiet /> worth a look</span
                >
            </div>
            <Notice :error="focus.error.value" class="mb-3" />
            <div v-if="grid" ref="board" class="relative gap-4" :class="onlyStrand ? 'max-w-2xl' : 'lg:columns-2'">
                <svg class="pointer-events-none absolute inset-0 z-10 size-full overflow-visible" aria-hidden="true">
                    <path
                        v-for="thread in threads"
                        :key="thread"
                        :d="thread"
                        fill="none"
                        stroke="var(--color-wood)"
                        stroke-width="1.6"
                    />
                </svg>
                <section
                    v-for="strand in map.data.value.strands.filter((one) => !onlyStrand || one.id === onlyStrand)"
                    :key="strand.id"
                    class="mb-4 break-inside-avoid rounded-2xl border border-hem bg-paper p-3"
                    :aria-labelledby="'strand-' + strand.id"
                >
                    <div class="mb-1 flex items-center justify-between gap-2 px-1">
                        <h2 :id="'strand-' + strand.id">{{ strand.name }}</h2>
                        <button
                            type="button"
                            class="min-h-9 rounded-lg px-2 text-sm"
                            :class="
                                map.data.value.focus.includes(strand.id)
                                    ? 'bg-deep font-bold text-white'
                                    : 'text-soft hover:underline'
                            "
                            :aria-pressed="map.data.value.focus.includes(strand.id)"
                            @click="focus.mutate({ strand: strand.id, on: !map.data.value.focus.includes(strand.id) })"
                        >
                            {{ map.data.value.focus.includes(strand.id) ? 'More of this' : 'more of this?' }}
                        </button>
                    </div>
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
                                :aria-label="inWords(skill.name, cell)"
                                :data-step="cell.stepId"
                                :data-mark="cell.standing.mark"
                                @click="open = cell.stepId"
                                @mouseenter="near = cell.stepId"
                                @mouseleave="near = null"
                                @focus="near = cell.stepId"
                                @blur="near = null"
                            >
                                <Spindle
                                    :mark="cell.standing.mark"
                                    :taken="cell.standing.taken"
                                    :look="cell.standing.look"
                                    :size="20"
                                    quiet
                                />
                                <span :class="cell.ready || cell.attempts ? 'text-ink' : 'text-soft'"
                                    >{{ cell.reach }}{{ cell.unsure ? ' ?' : '' }}</span
                                >
                                <Pin v-if="cell.pinned" :size="14" fill="currentColor" aria-hidden="true" />
                            </button>
                        </div>
                    </div>
                </section>
            </div>
            <p v-if="grid" class="mt-4 text-sm text-soft">
                Rest on a step to see what it needs (threads, dashed) and what builds on it (dotted). <kbd>[</kbd> and
                <kbd>]</kbd> turn to the other children.
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
