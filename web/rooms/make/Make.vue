<script setup lang="ts">
import { Printer } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

import { Problem, type Schemas } from '@/api/client';
import { sheetFile, type SheetKind, useMake, useSheet, type Wish } from '@/api/sheets';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';

import Kept from './Kept.vue';
import MarkMade from './MarkMade.vue';
import Pages from './Pages.vue';
import { usePrinter } from './printer';
import SheetForm from './SheetForm.vue';
import Wanted from './Wanted.vue';

/** Props to print at true size: what is wanted, what is made, or any sheet by hand. What is chosen stands in the address. */
const make = useMake();
const route = useRoute();
const router = useRouter();
const printer = usePrinter();
/** On a phone the long list folds away once something is chosen. */
const isWide = useMediaQuery('(min-width: 64rem)');
const find = ref('');
const shown = ref<HTMLElement | null>(null);

const kind = computed(() => (typeof route.query.sheet === 'string' ? (route.query.sheet as SheetKind) : null));
const card = computed(() => make.data.value?.sheets.find((one) => one.kind === kind.value));
const wish = ref<Wish>({});
watch(
    () => route.query,
    ({ sheet, ...query }) => {
        if (sheet) {
            wish.value = Object.fromEntries(
                Object.entries(query).filter((one): one is [string, string] => typeof one[1] === 'string'),
            );
        }
    },
    { immediate: true },
);
/** Only what this sheet asks for is asked of the house. */
const given = computed<Wish>(() =>
    Object.fromEntries(
        Object.entries(wish.value).filter(([name, value]) => value !== '' && (name !== 'unit' || card.value?.isSized)),
    ),
);
const asked = computed<Wish>(() => ({ ...given.value, ...printer.wish.value }));
const known = computed(() => (card.value ? card.value.kind : null));
const sheet = useSheet(known, asked);
const fields = computed(() => (sheet.error.value instanceof Problem ? sheet.error.value.fields : {}));
const pdf = computed(() => (kind.value ? sheetFile(kind.value, asked.value, 'pdf') : ''));
const listed = computed(() => {
    const words = find.value.trim().toLowerCase();
    return (make.data.value?.sheets ?? []).filter((one) => [one.name, ...one.activities].join(' ').toLowerCase().includes(words));
});

function pick(one: SheetKind, as: Wish = {}) {
    void router.replace({ query: { sheet: one, ...as } });
    // On a phone it stands below the list.
    void nextTick(() => setTimeout(() => shown.value?.scrollIntoView({ block: 'start', behavior: 'smooth' })));
}
function byHand(one: Schemas['SheetCardView']) {
    const thing = make.data.value?.things.find(({ millimetres }) => millimetres);
    const same = wish.value.setUpId ? '' : (wish.value.thingId ?? '');
    pick(one.kind, one.isSized ? { thingId: same || (thing?.id ?? '') } : {});
}
const wanted = (want: Schemas['WantView']) => pick(want.kind!, { setUpId: want.setUpId, propId: want.propId });
const goOn = (one: Schemas['KeptView']) =>
    pick(one.kind!, { ...one.as, ...(one.state === 'half-made' ? { from: String(one.pagesDone + 1) } : {}) });
</script>

<template>
    <Wait v-if="make.isPending.value" what="Sharpening the pencil…" />
    <Notice v-else-if="make.error.value" :error="make.error.value" />
    <div v-else-if="make.data.value" class="grid gap-5 lg:grid-cols-[21rem_1fr]">
        <div class="min-w-0 space-y-5">
            <h1>What do we make?</h1>
            <Wanted :wanted="make.data.value.wanted" @pick="wanted" />
            <Kept :kept="make.data.value.kept" @go-on="goOn" />
            <details class="rounded-2xl border border-hem bg-paper p-4" :open="isWide || !card" data-any-sheet>
                <summary class="mb-2 min-h-8 cursor-pointer"><h2 class="inline">Any sheet</h2></summary>
                <label class="mb-3 block"
                    ><span class="sr-only">Find a sheet or the game it is for</span
                    ><input v-model="find" type="search" class="w-full" placeholder="a sheet, or the game it is for"
                /></label>
                <p v-if="!listed.length" class="text-soft">No sheet is called so, and no game that wants one.</p>
                <ul class="space-y-2 lg:max-h-[34rem] lg:overflow-y-auto">
                    <li v-for="one in listed" :key="one.kind">
                        <button
                            type="button"
                            class="w-full rounded-xl border-2 bg-paper px-3 py-2 text-left"
                            :class="one.kind === kind ? 'border-ink' : 'border-hem'"
                            :aria-pressed="one.kind === kind"
                            :data-sheet="one.kind"
                            @click="byHand(one)"
                        >
                            <b>{{ one.name }}</b>
                            <span v-if="one.activities.length" class="block text-sm text-soft"
                                >{{ one.activities.slice(0, 3).join(', ')
                                }}{{ one.activities.length > 3 ? ` and ${one.activities.length - 3} more` : '' }}</span
                            >
                        </button>
                    </li>
                </ul>
            </details>
        </div>
        <section v-if="card" ref="shown" class="min-w-0 scroll-mt-3" aria-label="The sheet">
            <h2 class="mb-3 text-xl">{{ card.name }}</h2>
            <SheetForm
                v-model="wish"
                :card="card"
                :things="make.data.value.things"
                :fields="fields"
                :usual-reach="sheet.data.value?.reach ?? 10"
            />
            <Notice v-if="!Object.keys(fields).length" :error="sheet.error.value" />
            <template v-if="sheet.data.value && !sheet.error.value">
                <div class="mb-3 flex flex-wrap items-center gap-4">
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
                <p v-if="wish.from" class="mb-3 font-bold">Printed from page {{ wish.from }} on: what comes before is done.</p>
                <p v-if="sheet.data.value.lacking.length" class="mb-3 font-bold text-care" data-lacking>
                    The printed letters lack: {{ sheet.data.value.lacking.join(', ') }}. On paper they are written in plain
                    letters, or left out.
                </p>
                <p class="mb-4 text-soft">
                    Print at 100 %, not “fit to page”, and measure the bar at the foot.<template v-if="sheet.data.value.isCut">
                        Cutting, folding and piercing is for an adult; what is cut out is a small part for anyone under
                        three.</template
                    >
                </p>
                <Pages :sheet="sheet.data.value" :kind="card.kind" :wish="asked" />
                <MarkMade
                    :key="card.kind + wish.setUpId"
                    :kind="card.kind"
                    :wish="given"
                    :pages="sheet.data.value.pages.length"
                />
            </template>
        </section>
        <p v-else class="text-soft">Choose a sheet. It is drawn to the size of what will lie on it, true to the millimetre.</p>
    </div>
</template>
