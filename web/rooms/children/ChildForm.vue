<script setup lang="ts">
import { computed, reactive, ref } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { useKeepChild } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import { minutes, timeField } from '@/kit/words';

/** Add a child with a name and a birth date, or change all there is. */
const props = defineProps<{ child: Schemas['ChildView'] | null }>();
const emit = defineEmits<{ close: []; saved: [child: Schemas['ChildView']] }>();

const time = (minute: number | undefined) => (minute === undefined ? '' : timeField(minute));
const form = reactive({
    name: props.child?.name ?? '',
    born: props.child?.born ?? '',
    allergies: (props.child?.allergies ?? []).join(', '),
    minutesADay: props.child?.minutesADay?.toString() ?? '',
    longestSitting: props.child?.longestSitting?.toString() ?? '',
    alone: props.child?.mayBeAlone === true ? 'yes' : props.child?.mayBeAlone === false ? 'no' : 'usual',
    sleepFrom: time(props.child?.rests[0]?.[0]),
    sleepTo: time(props.child?.rests[0]?.[1]),
});
const more = ref(props.child !== null);

const number = (text: string) => (text.trim() === '' ? null : Number(text));

const save = useKeepChild((child) => emit('saved', child));
function keep() {
    const body: Schemas['ChildInput'] = {
        name: form.name,
        born: form.born || null,
        allergies: form.allergies
            .split(',')
            .map((word) => word.trim())
            .filter(Boolean),
        likedThings: props.child?.likedThings ?? [],
        rests: form.sleepFrom && form.sleepTo ? [[minutes(form.sleepFrom), minutes(form.sleepTo)]] : [],
        minutesADay: number(form.minutesADay),
        longestSitting: number(form.longestSitting),
        mayBeAlone: form.alone === 'usual' ? null : form.alone === 'yes',
        settings: Object.fromEntries(Object.entries(props.child?.settings ?? {})),
        version: props.child?.version ?? null,
    };
    save.mutate({ id: props.child?.id ?? null, body });
}
const fields = computed(() => (save.error.value instanceof Problem ? save.error.value.fields : {}));
const elsewhere = computed(() =>
    Object.keys(fields.value).some((field) => ['name', 'born', 'minutesADay', 'longestSitting'].includes(field))
        ? null
        : save.error.value,
);

const alones = [
    { value: 'usual', words: 'As usual for the age (from four on)' },
    { value: 'yes', words: 'May work out of my sight' },
    { value: 'no', words: 'Not out of my sight' },
];
</script>

<template>
    <Dialog open :title="child ? child.name : 'Add a child'" @close="$emit('close')">
        <form class="space-y-4" novalidate @submit.prevent="keep()">
            <Field v-slot="{ control }" id="child-name" label="First name" :error="fields.name"
                ><input v-bind="control" v-model="form.name" type="text" autocomplete="off"
            /></Field>
            <Field
                v-slot="{ control }"
                id="child-born"
                label="Birth date"
                :error="fields.born"
                hint="Sets the length of a sitting and what is safe to have in reach."
                ><input v-bind="control" v-model="form.born" type="date"
            /></Field>
            <Field
                v-slot="{ control }"
                id="child-allergies"
                label="Allergies"
                hint="Words such as wheat, nuts; with a comma between them. Things with them are kept off the table."
                ><input v-bind="control" v-model="form.allergies" type="text" autocomplete="off"
            /></Field>
            <Button v-if="!more" kind="quiet" @click="more = true">More about how they work</Button>
            <template v-else>
                <div class="grid gap-4 sm:grid-cols-2">
                    <Field
                        v-slot="{ control }"
                        id="child-minutes"
                        label="Minutes a day"
                        :error="fields.minutesADay"
                        :hint="child ? `Now ${child.minutesUsed}` : 'Empty: usual for the age'"
                        ><input v-bind="control" v-model="form.minutesADay" type="number" min="5" max="60"
                    /></Field>
                    <Field
                        v-slot="{ control }"
                        id="child-longest"
                        label="Longest sitting"
                        :error="fields.longestSitting"
                        :hint="child ? `Now ${child.longestSittingUsed} minutes` : 'Empty: usual for the age'"
                        ><input v-bind="control" v-model="form.longestSitting" type="number" min="3" max="40"
                    /></Field>
                    <Field v-slot="{ control }" id="child-sleep-from" label="Sleeps from" :error="fields['rests.0']"
                        ><input v-bind="control" v-model="form.sleepFrom" type="time"
                    /></Field>
                    <Field v-slot="{ control }" id="child-sleep-to" label="until"
                        ><input v-bind="control" v-model="form.sleepTo" type="time"
                    /></Field>
                </div>
                <Choice v-model="form.alone" label="Alone with it?" :options="alones" />
            </template>
            <Notice :error="elsewhere" />
            <Button kind="strong" type="submit" :disabled="save.isPending.value">{{ child ? 'Keep' : 'Add' }}</Button>
        </form>
    </Dialog>
</template>
