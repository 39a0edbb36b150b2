<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { useChildren } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';

import { usePrinter } from './printer';

/** How a sheet is wanted: only what this sheet asks for. */
const props = defineProps<{
    card: Schemas['SheetCardView'];
    things: Schemas['ToScaleView'][];
    fields: Record<string, string>;
    /** How far it goes where nothing is chosen. */
    usualReach: number;
}>();
const wish = defineModel<Record<string, string>>({ required: true });
const children = useChildren();
const { paper, savesInk, bar } = usePrinter();

const put = (name: string, value: string) => (wish.value = { ...wish.value, [name]: value });
const of = (name: string) => ({ get: () => wish.value[name] ?? '', set: (value: string | number) => put(name, String(value)) });
const reach = computed(of('reach'));
const variant = computed(of('variant'));
const thingId = computed(of('thingId'));
const unit = computed(of('unit'));
const childId = computed(of('childId'));
const copies = computed(of('copies'));
const words = computed(of('words'));
const thing = computed(() => props.things.find(({ id }) => id === thingId.value));
const unmeasured = computed(() => thing.value && !thing.value.millimetres);
const isPlanned = computed(() => !!wish.value.setUpId);
const another = () => put('seed', String(1 + (Number(wish.value.seed) || 1)));
</script>

<template>
    <div class="mb-4 flex flex-wrap items-start gap-3">
        <Field
            v-if="card.hasReach"
            v-slot="{ control }"
            id="sheet-reach"
            :label="`Up to (${card.mostReach} at most)`"
            :error="fields.reach"
            class="w-44"
            ><input
                v-bind="control"
                v-model="reach"
                type="number"
                min="1"
                :max="card.mostReach"
                :placeholder="String(usualReach)"
        /></Field>
        <Field
            v-if="card.variants.length > 1"
            v-slot="{ control }"
            id="sheet-variant"
            label="Drawn"
            class="w-60"
            :error="fields.variant"
            ><select v-bind="control" v-model="variant">
                <option v-for="(one, i) in card.variants" :key="one.variant" :value="i === 0 && !isPlanned ? '' : one.variant">
                    {{ one.name }}
                </option>
                <option v-if="isPlanned" value="">as planned</option>
            </select></Field
        >
        <Field
            v-if="card.isSized"
            v-slot="{ control }"
            id="sheet-thing"
            label="What lies on it"
            class="w-60"
            :error="fields.thingId"
            ><select v-bind="control" v-model="thingId">
                <option v-if="isPlanned" value="">what is planned</option>
                <option v-else value="">choose, or type a size</option>
                <option v-for="one in things" :key="one.id" :value="one.id">
                    {{ one.name }}, {{ one.millimetres ? `${one.millimetres} mm` : 'not measured' }}
                </option>
            </select></Field
        >
        <Field
            v-if="card.isSized"
            v-slot="{ control }"
            id="sheet-unit"
            :label="card.isSteps ? 'Or steps of (mm)' : 'Or so long (mm)'"
            :error="fields.unit"
            class="w-44"
            ><input v-bind="control" v-model="unit" type="number" min="5" max="1000" step="0.5" />
            <Button v-if="unmeasured && thing" kind="quiet" class="px-0!" data-usual @click="unit = String(thing.usual)"
                >usual: {{ thing.usual }} mm</Button
            ></Field
        >
        <Field
            v-if="variant === 'words'"
            v-slot="{ control }"
            id="sheet-words"
            label="What they say, one a line"
            class="w-60"
            :error="fields.words"
        >
            <textarea v-bind="control" v-model="words" rows="4" maxlength="1464" class="w-full"></textarea>
        </Field>
        <Field
            v-if="card.shows.length || card.isAsked || card.kind === 'play-coins'"
            v-slot="{ control }"
            id="sheet-child"
            :label="card.isAsked ? 'For' : 'Taught as'"
            :hint="card.shows.length ? `shows ${card.shows.join(', ')}` : ''"
            class="w-52"
            ><select v-bind="control" v-model="childId">
                <option value="">{{ isPlanned ? 'as planned' : 'the house' }}</option>
                <option v-for="child in children.data.value?.present ?? []" :key="child.id" :value="child.id">
                    {{ child.name }}
                </option>
            </select></Field
        >
        <Field v-if="card.hasCopies" v-slot="{ control }" id="sheet-copies" label="Copies" :error="fields.copies" class="w-24"
            ><input v-bind="control" v-model="copies" type="number" min="1" max="20" placeholder="1"
        /></Field>
        <Button v-if="card.isScattered || (card.isAsked && childId)" class="mt-7" data-another @click="another"
            >Another one</Button
        >
    </div>
    <details class="mb-4 rounded-xl border border-hem px-3 py-2">
        <summary class="min-h-8 cursor-pointer">
            The printer: {{ paper === 'a4' ? 'A4' : 'Letter' }}{{ savesInk ? ', saves ink' : ''
            }}{{ Number(bar) === 50 ? '' : `, its bar measured ${bar} mm` }}
        </summary>
        <div class="mt-2 flex flex-wrap items-end gap-3">
            <Field v-slot="{ control }" id="sheet-paper" label="Paper" class="w-32"
                ><select v-bind="control" v-model="paper">
                    <option value="a4">A4</option>
                    <option value="letter">Letter</option>
                </select></Field
            >
            <Field
                v-slot="{ control }"
                id="sheet-bar"
                label="The bar measured (mm)"
                :error="fields.bar"
                hint="print one sheet, measure its bar of 50 mm"
                class="w-64"
                ><input v-bind="control" v-model="bar" type="number" min="40" max="60" step="0.5"
            /></Field>
            <label class="flex min-h-11 items-center gap-2"
                ><input v-model="savesInk" type="checkbox" class="size-5 accent-deep" /> Save ink</label
            >
        </div>
    </details>
</template>
