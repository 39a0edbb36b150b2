<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { computed, reactive } from 'vue';

import { api, Problem, type Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';

const props = defineProps<{ thing: Schemas['ThingView'] | null }>();
const emit = defineEmits<{ close: []; saved: [] }>();

const form = reactive({
    name: props.thing?.name ?? '',
    amount: props.thing?.amount.toString() ?? '10',
    sides: [0, 1, 2].map((i) => props.thing?.size?.[i]?.toString() ?? ''),
    shape: (props.thing?.shape ?? 'unknown') as Schemas['Shape'],
    allergens: (props.thing?.allergens ?? []).join(', '),
    mass: props.thing?.mass?.toString() ?? '',
    massSpread: props.thing?.massSpread?.toString() ?? '',
    colours: (props.thing?.colours ?? 1).toString(),
});

const save = useMutation({
    mutationFn: () => {
        const given = form.sides.map((side) => side.trim()).filter(Boolean);
        const last = given[given.length - 1] ?? '';
        const input: Schemas['ThingInput'] = {
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
            massSpread: form.massSpread.trim() ? Number(form.massSpread) : null,
            colours: Number(form.colours) || 1,
            version: props.thing?.version ?? null,
        };
        return props.thing ? api.changeThing(props.thing.id, input) : api.addThing(input);
    },
    onSuccess: () => emit('saved'),
});
const fields = computed(() => (save.error.value instanceof Problem ? save.error.value.fields : {}));
const sizeError = computed(() => Object.entries(fields.value).find(([field]) => field.startsWith('size'))?.[1]);
const elsewhere = computed(() => (fields.value.name || fields.value.amount || sizeError.value ? null : save.error.value));

const shapes: { value: Schemas['Shape']; words: string }[] = [
    { value: 'unknown', words: 'I am not sure (cautions treat it as round)' },
    { value: 'ball', words: 'Ball' },
    { value: 'egg', words: 'Egg' },
    { value: 'disc', words: 'Flat and round' },
    { value: 'ring', words: 'Ring' },
    { value: 'tube', words: 'Tube or cork' },
    { value: 'block', words: 'Block' },
    { value: 'long', words: 'Long and thin' },
    { value: 'soft', words: 'Soft' },
];
</script>

<template>
    <Dialog open :title="thing ? thing.name : 'Add a thing'" @close="$emit('close')">
        <form class="space-y-4" novalidate @submit.prevent="save.mutate()">
            <Field id="thing-name" label="What, as you would count them" :error="fields.name" hint="For example: corks"
                ><input id="thing-name" v-model="form.name" type="text" autocomplete="off"
            /></Field>
            <Field id="thing-amount" label="How many" :error="fields.amount"
                ><input id="thing-amount" v-model="form.amount" type="number" min="0" max="1000"
            /></Field>
            <Field
                id="thing-side-0"
                label="Sides in millimetres"
                :error="sizeError"
                hint="One is enough for a round thing. Without a size it counts as small: under threes never get it."
            >
                <div class="grid grid-cols-3 gap-2">
                    <input
                        v-for="i in [0, 1, 2]"
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
            <div class="grid gap-3 sm:grid-cols-3">
                <Field id="thing-mass" label="Grams of one" :error="fields.mass"
                    ><input id="thing-mass" v-model="form.mass" type="number" min="0.1" step="0.1"
                /></Field>
                <Field id="thing-spread" label="give or take" :error="fields.massSpread"
                    ><input id="thing-spread" v-model="form.massSpread" type="number" min="0" step="0.01"
                /></Field>
                <Field id="thing-colours" label="Colours or kinds" :error="fields.colours"
                    ><input id="thing-colours" v-model="form.colours" type="number" min="1" max="12"
                /></Field>
            </div>
            <Field id="thing-allergens" label="Holds" hint="Allergens, such as wheat or nuts"
                ><input id="thing-allergens" v-model="form.allergens" type="text" autocomplete="off"
            /></Field>
            <Notice :error="elsewhere" />
            <Button kind="strong" type="submit" :disabled="save.isPending.value">{{ thing ? 'Keep' : 'Add' }}</Button>
        </form>
    </Dialog>
</template>
