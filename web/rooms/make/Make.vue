<script setup lang="ts">
import { Printer } from '@lucide/vue';
import { useLocalStorage } from '@vueuse/core';
import { computed, nextTick, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useChildren } from '@/api/queries';
import { useMake, useSheet } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import Picture from '@/scene/Picture.vue';

/** Props to print at true size: the thing is picked, the sheet is drawn to it. */
const make = useMake();
const children = useChildren();
const kind = ref<Schemas['SheetKind'] | null>(null);
const wish = ref({ reach: 10, thingId: '', childId: '', copies: 1, seed: 1, onFloor: false });
/** Of this printer: its paper, and what it makes of a bar of 50 mm. */
const paper = useLocalStorage<Schemas['Paper']>('pindle.paper', 'a4');
const savesInk = useLocalStorage('pindle.saves-ink', false);
const bar = useLocalStorage('pindle.bar', 50);

const shown = ref<HTMLElement | null>(null);
const card = computed(() => make.data.value?.sheets.find((one) => one.kind === kind.value));
const query = computed(() => ({
    reach: Number(wish.value.reach) || 1,
    copies: Number(wish.value.copies) || 1,
    seed: wish.value.seed,
    paper: paper.value,
    savesInk: savesInk.value ? 1 : 0,
    onFloor: wish.value.onFloor ? 1 : 0,
    bar: Number(bar.value) || 50,
    ...(card.value?.isSized && wish.value.thingId ? { thingId: wish.value.thingId } : {}),
    ...(wish.value.childId ? { childId: wish.value.childId } : {}),
}));
const sheet = useSheet(kind, query);
const pdf = computed(
    () =>
        `/api/make/${kind.value}.pdf?` +
        new URLSearchParams(Object.entries(query.value).map(([name, value]) => [name, String(value)])),
);

/** Upright or lying, as the page itself says. */
function ratio(page: string): string {
    const [, wide, high] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(page) ?? [];
    return `${wide ?? 210} / ${high ?? 297}`;
}

function choose(one: Schemas['SheetCardView']) {
    kind.value = one.kind;
    wish.value.reach = Math.min(wish.value.reach, one.mostReach);
    wish.value.thingId ||= make.data.value?.things[0]?.id ?? '';
    // On a phone it stands below the list.
    void nextTick(() => shown.value?.scrollIntoView({ block: 'start', behavior: 'smooth' }));
}
</script>

<template>
    <Wait v-if="make.isPending.value" what="Sharpening the pencil…" />
    <Notice v-else-if="make.error.value" :error="make.error.value" />
    <div v-else-if="make.data.value" class="grid gap-5 lg:grid-cols-[20rem_1fr]">
        <section>
            <h1 class="mb-3">What do we make?</h1>
            <ul class="space-y-2">
                <li v-for="one in make.data.value.sheets" :key="one.kind">
                    <button
                        type="button"
                        class="w-full rounded-xl border-2 bg-paper px-4 py-2 text-left"
                        :class="one.kind === kind ? 'border-ink' : 'border-hem'"
                        :aria-pressed="one.kind === kind"
                        :data-sheet="one.kind"
                        @click="choose(one)"
                    >
                        <b>{{ one.name }}</b>
                        <span v-if="make.data.value.wanted.includes(one.kind)" class="ml-2 text-sm font-bold text-care"
                            >wanted today or tomorrow</span
                        >
                        <span v-if="one.activities.length" class="block text-sm text-soft"
                            >{{ one.activities.slice(0, 3).join(', ')
                            }}{{ one.activities.length > 3 ? ` and ${one.activities.length - 3} more` : '' }}</span
                        >
                    </button>
                </li>
            </ul>
        </section>
        <section v-if="card" ref="shown" class="scroll-mt-3" aria-label="The sheet">
            <h2 class="mb-3 text-xl">{{ card.name }}</h2>
            <div class="mb-4 flex flex-wrap items-end gap-3">
                <Field
                    v-if="card.mostReach < 1000"
                    v-slot="{ control }"
                    id="sheet-reach"
                    :label="`Up to (${card.mostReach})`"
                    class="w-28"
                    ><input v-bind="control" v-model="wish.reach" type="number" min="1" :max="card.mostReach"
                /></Field>
                <Field v-if="card.isSized" v-slot="{ control }" id="sheet-thing" label="What lies on it" class="w-60"
                    ><select v-bind="control" v-model="wish.thingId">
                        <option v-for="thing in make.data.value.things" :key="thing.id" :value="thing.id">
                            {{ thing.name }}, {{ thing.millimetres }} mm
                        </option>
                    </select></Field
                >
                <Field v-slot="{ control }" id="sheet-child" label="Taught as" class="w-44"
                    ><select v-bind="control" v-model="wish.childId">
                        <option value="">the house</option>
                        <option v-for="child in children.data.value?.present ?? []" :key="child.id" :value="child.id">
                            {{ child.name }}
                        </option>
                    </select></Field
                >
                <Field v-slot="{ control }" id="sheet-copies" label="Copies" class="w-24"
                    ><input v-bind="control" v-model="wish.copies" type="number" min="1" max="20"
                /></Field>
                <Field v-slot="{ control }" id="sheet-paper" label="Paper" class="w-32"
                    ><select v-bind="control" v-model="paper">
                        <option value="a4">A4</option>
                        <option value="letter">Letter</option>
                    </select></Field
                >
                <Field v-slot="{ control }" id="sheet-bar" label="The bar measured (mm)" class="w-44"
                    ><input v-bind="control" v-model="bar" type="number" min="40" max="60" step="0.5"
                /></Field>
                <label class="flex min-h-11 items-center gap-2"
                    ><input v-model="savesInk" type="checkbox" class="size-5 accent-deep" /> Save ink</label
                >
                <label v-if="card.kind === 'numeral-cards'" class="flex min-h-11 items-center gap-2"
                    ><input v-model="wish.onFloor" type="checkbox" class="size-5 accent-deep" /> For the floor</label
                >
                <Button v-if="['trail', 'dot-cards'].includes(card.kind)" @click="wish.seed++">Another one</Button>
            </div>
            <Notice :error="sheet.error.value" />
            <template v-if="sheet.data.value && !sheet.error.value">
                <div class="mb-4 flex flex-wrap items-center gap-4">
                    <a
                        :href="pdf"
                        target="_blank"
                        class="inline-flex min-h-11 items-center gap-2 rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white hover:bg-deep-dark"
                        data-print
                        ><Printer :size="18" aria-hidden="true" /> Print it (PDF)</a
                    >
                    <p>
                        {{ sheet.data.value.pages.length === 1 ? 'One page' : `${sheet.data.value.pages.length} pages` }}, about
                        {{ sheet.data.value.minutes }} {{ sheet.data.value.minutes === 1 ? 'minute' : 'minutes' }} to
                        make<template v-if="sheet.data.value.tools.length">: {{ sheet.data.value.tools.join(', ') }}</template
                        >.
                    </p>
                </div>
                <p class="mb-4 text-soft">
                    Print at 100 %, not “fit to page”, and measure the bar at the foot. Cutting and folding is for an adult; what
                    is cut out is a small part for anyone under three.
                </p>
                <div class="grid gap-4 sm:grid-cols-2">
                    <div
                        v-for="(page, i) in sheet.data.value.pages"
                        :key="i"
                        class="border border-hem bg-white"
                        :style="{ aspectRatio: ratio(page) }"
                        data-page
                    >
                        <Picture :svg="page" />
                    </div>
                </div>
            </template>
        </section>
        <p v-else class="text-soft">Choose a sheet. It is drawn to the size of what will lie on it, true to the millimetre.</p>
    </div>
</template>
