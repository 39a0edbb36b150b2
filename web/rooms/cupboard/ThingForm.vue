<script setup lang="ts">
import { computed, reactive } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { useKeepThing } from '@/api/queries';
import { abilities, thingShapes } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';

const props = defineProps<{ thing: Schemas['ThingView'] | null }>();
const emit = defineEmits<{ close: []; saved: [] }>();

type Ability = keyof typeof abilities;
/** Two plain questions instead of a list of words: what they do when they are put down, and what else can be done with them. */
const questions: { label: string; answers: Ability[] }[] = [
    {
        label: 'Put down on a table, they …',
        answers: ['stacks', 'stands', 'lies-still', 'lines-up', 'two-sided', 'covers'],
    },
    {
        label: 'What else? They …',
        answers: ['joins', 'clips', 'threads', 'pressed-flat', 'holds', 'sounds', 'edible', 'floats'],
    },
];
const form = reactive({
    name: props.thing?.name ?? '',
    amount: props.thing?.amount.toString() ?? '10',
    sides: [0, 1, 2].map((i) => props.thing?.size?.[i]?.toString() ?? ''),
    shape: props.thing?.shape ?? ('unknown' as Schemas['Shape']),
    allergens: (props.thing?.allergens ?? []).join(', '),
    mass: props.thing?.mass?.toString() ?? '',
    massDeviation: props.thing?.massDeviation?.toString() ?? '',
    colours: (props.thing?.colours ?? 1).toString(),
    can: [...(props.thing?.can ?? [])] as Ability[],
    asked: props.thing !== null,
});

const save = useKeepThing(() => emit('saved'));
function keep() {
    const given = form.sides.map((side) => side.trim()).filter(Boolean);
    const last = given[given.length - 1] ?? '';
    const body: Schemas['ThingInput'] = {
        name: form.name,
        amount: Number(form.amount),
        // One side of a round thing is all three.
        size: given.length === 0 ? null : [given[0], given[1] ?? last, given[2] ?? last].map(Number),
        shape: form.shape,
        traits: props.thing?.traits ?? [],
        allergens: form.allergens
            .split(',')
            .map((word) => word.trim())
            .filter(Boolean),
        mass: form.mass.trim() ? Number(form.mass) : null,
        massDeviation: form.massDeviation.trim() ? Number(form.massDeviation) : null,
        colours: Number(form.colours) || 1,
        can: form.asked ? form.can : null,
        version: props.thing?.version ?? null,
    };
    save.mutate({ id: props.thing?.id ?? null, body });
}
const fields = computed(() => (save.error.value instanceof Problem ? save.error.value.fields : {}));
const sizeError = computed(() => Object.entries(fields.value).find(([field]) => field.startsWith('size'))?.[1]);
const canError = computed(() => Object.entries(fields.value).find(([field]) => field.startsWith('can'))?.[1]);
const elsewhere = computed(() =>
    fields.value.name || fields.value.amount || sizeError.value || canError.value ? null : save.error.value,
);

const shapes = Object.entries(thingShapes).map(([value, words]) => ({ value: value as Schemas['Shape'], words }));
</script>

<template>
    <Dialog open :title="thing ? thing.name : 'Add a thing'" @close="$emit('close')">
        <form class="space-y-4" novalidate @submit.prevent="keep">
            <Field
                v-slot="{ control }"
                id="thing-name"
                label="What, as you would count them"
                :error="fields.name"
                hint="For example: corks"
                ><input v-bind="control" v-model="form.name" type="text" autocomplete="off"
            /></Field>
            <Field v-slot="{ control }" id="thing-amount" label="How many" :error="fields.amount"
                ><input v-bind="control" v-model="form.amount" type="number" min="0" max="1000"
            /></Field>
            <Field
                v-slot="{ control }"
                id="thing-side-0"
                label="Sides in millimetres"
                :error="sizeError"
                hint="One is enough for a round thing. Without a size it counts as small: under threes never get it."
            >
                <div class="grid grid-cols-3 gap-2">
                    <input
                        v-for="i in [0, 1, 2]"
                        v-bind="control"
                        :id="'thing-side-' + i"
                        :key="i"
                        v-model="form.sides[i]"
                        type="number"
                        min="1"
                        max="3000"
                        :aria-label="`Side ${i + 1} in millimetres`"
                    />
                </div>
            </Field>
            <Choice v-model="form.shape" label="Shape" :options="shapes" />
            <fieldset v-for="question in questions" :key="question.label">
                <legend class="mb-1 font-bold">{{ question.label }}</legend>
                <div class="grid gap-x-4 sm:grid-cols-2">
                    <label v-for="answer in question.answers" :key="answer" class="flex min-h-10 items-center gap-2">
                        <input
                            v-model="form.can"
                            type="checkbox"
                            class="size-5 accent-deep"
                            :value="answer"
                            @change="form.asked = true"
                        />
                        {{ abilities[answer] }}
                    </label>
                </div>
            </fieldset>
            <p v-if="canError" class="text-care" role="alert">{{ canError }}</p>
            <p v-if="!form.asked" class="text-sm text-soft">Left empty, what is usual for the shape is taken.</p>
            <div class="grid gap-3 sm:grid-cols-3">
                <Field v-slot="{ control }" id="thing-mass" label="Grams of one" :error="fields.mass"
                    ><input v-bind="control" v-model="form.mass" type="number" min="0.1" step="0.1"
                /></Field>
                <Field v-slot="{ control }" id="thing-deviation" label="give or take" :error="fields.massDeviation"
                    ><input v-bind="control" v-model="form.massDeviation" type="number" min="0" step="0.01"
                /></Field>
                <Field v-slot="{ control }" id="thing-colours" label="Colours or kinds" :error="fields.colours"
                    ><input v-bind="control" v-model="form.colours" type="number" min="1" max="12"
                /></Field>
            </div>
            <Field v-slot="{ control }" id="thing-allergens" label="Holds" hint="Allergens, such as wheat or nuts"
                ><input v-bind="control" v-model="form.allergens" type="text" autocomplete="off"
            /></Field>
            <Notice :error="elsewhere" />
            <Button kind="strong" type="submit" :disabled="save.isPending.value">{{ thing ? 'Keep' : 'Add' }}</Button>
        </form>
    </Dialog>
</template>
