<script setup lang="ts">
import { TabPanel } from '@headlessui/vue';
import { computed, reactive, ref, watch } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { useActivity, useKeepActivity } from '@/api/queries';
import { places as placeWords, waysIn } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Toggle from '@/kit/Toggle.vue';
import Tabs from '@/kit/Tabs.vue';
import Wait from '@/kit/Wait.vue';

/** An activity of one's own, in the shape of every other: begun from one that is near, or from a file. */
const props = defineProps<{ id: string | null; from: Schemas['ActivityCardView'][] }>();
const emit = defineEmits<{ close: [] }>();

type Words = Record<string, unknown>;
interface Activity {
    [key: string]: unknown;
    name?: string;
    things?: { [key: string]: unknown; role: string; count: string }[];
    words?: Words;
}
const near = ref(props.id ?? '');
const tab = ref(0);
const data = ref<Activity | null>(null);
const text = ref('');
const begin = useActivity(near);
watch(
    () => begin.data.value,
    (whole) => {
        if (whole) {
            data.value = JSON.parse(JSON.stringify(whole.data)) as Activity;
            text.value = '';
        }
    },
    { immediate: true },
);
const options = computed(() => [
    { value: '', words: 'Choose one' },
    ...props.from.map((activity) => ({ value: activity.id, words: activity.name })),
]);

const parts = [
    { value: 'with', words: 'With me all the time' },
    { value: 'near', words: 'Near me: at the start and the end' },
    { value: 'alone', words: 'On their own, once shown' },
];
const many = {
    places: placeWords,
    ways_in: waysIn,
};
const lines: [string, string][] = [
    ['in_short', 'In one sentence'],
    ['lay_out', 'Lay out ({count} and {things} are filled in)'],
    ['predict', 'Guess first'],
    ['shown', 'Help: shown'],
    ['part_done', 'Help: part done'],
    ['bare', 'Help: none'],
    ['easier', 'Easier'],
    ['further', 'Further'],
    ['child_turn', 'Their turn'],
    ['check', 'They check'],
    ['twist', 'An elder'],
    ['toddler', 'A little one'],
    ['waiting', 'Who waits (when several share it)'],
    ['tidy', 'Tidy up'],
];
const words = computed<Words>(() => (data.value?.words ?? {}) as Words);
const show = computed<string[]>({
    get: () => (Array.isArray(words.value.show) ? (words.value.show as string[]) : []),
    set: (value) => (words.value.show = value),
});

function toggle(field: 'places' | 'ways_in', value: string) {
    const list = (data.value?.[field] as string[] | undefined) ?? [];
    data.value![field] = list.includes(value) ? list.filter((one) => one !== value) : [...list, value];
}
const has = (field: string, value: string) => ((data.value?.[field] as string[] | undefined) ?? []).includes(value);

async function load(event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file) {
        text.value = await file.text();
        tab.value = 1;
    }
}

const version = computed(() => (props.id ? (begin.data.value?.version ?? null) : null));
/** A form is sent as JSON, which is YAML as well; what was written as text is sent as it is. */
const written = computed(() =>
    tab.value === 1 && text.value.trim() ? text.value : data.value ? JSON.stringify(data.value, null, 2) : '',
);
const save = useKeepActivity(() => emit('close'));
const keep = () => save.mutate({ id: props.id, body: { text: written.value, version: version.value } });
/** The field an error is about, where it names one: "words.tidy: should be a text." */
const about = computed(() => {
    const message = save.error.value instanceof Problem ? save.error.value.message : '';
    return /(?:words\.)?([a-z_]+)(?:\.[\w-]+)*: /.exec(message)?.[1] ?? '';
});
const errors = reactive({
    of: (field: string) => (about.value === field ? (save.error.value?.message ?? undefined) : undefined),
});
</script>

<template>
    <Dialog open wide :title="id ? 'Change your activity' : 'Write your own'" @close="$emit('close')">
        <Tabs v-model="tab" :names="['As a form', 'As text or from a file']">
            <TabPanel class="space-y-3">
                <template v-if="!id">
                    <p class="text-soft">Begin with one that is near: what it serves and its picture stay, the rest is yours.</p>
                    <Choice v-model="near" label="Begin with" :options="options" />
                </template>
                <Wait v-if="near && begin.isPending.value" what="Copying it out…" />
                <Notice :error="begin.error.value" />
                <form v-if="data" class="space-y-3" novalidate @submit.prevent="keep">
                    <Field v-slot="{ control }" id="own-name" label="Name" :error="errors.of('name')"
                        ><input v-bind="control" v-model="data.name" type="text" maxlength="60"
                    /></Field>
                    <div class="grid gap-3 sm:grid-cols-2">
                        <Choice
                            :model-value="(data.part as string) ?? 'with'"
                            label="My part"
                            :options="parts"
                            @update:model-value="data.part = $event"
                        />
                        <div class="flex items-end">
                            <Toggle
                                :model-value="data.together === true"
                                label="Several children can share it"
                                @update:model-value="data.together = $event"
                            />
                        </div>
                        <fieldset v-for="(names, field) in many" :key="field">
                            <legend class="font-bold">{{ field === 'places' ? 'Where' : 'Way in' }}</legend>
                            <label v-for="(name, value) in names" :key="value" class="flex min-h-9 items-center gap-2">
                                <input
                                    type="checkbox"
                                    class="size-5 accent-deep"
                                    :checked="has(field, value)"
                                    @change="toggle(field, value)"
                                />
                                {{ name }}
                            </label>
                        </fieldset>
                    </div>
                    <Field
                        v-slot="{ control }"
                        v-for="(role, i) in data.things ?? []"
                        :id="'own-count-' + i"
                        :key="i"
                        :label="`How many ${role.role}`"
                        :error="errors.of('things') ?? errors.of('count')"
                        hint="n the largest amount, a and b the parts, r the reach: n, a + b, 3 * r, min(3 * r, 60)"
                        ><input v-bind="control" v-model="role.count" type="text"
                    /></Field>
                    <Field v-slot="{ control }" id="own-show" label="Show, one step a line" :error="errors.of('show')">
                        <textarea
                            v-bind="control"
                            rows="3"
                            :value="show.join('\n')"
                            @input="show = ($event.target as HTMLTextAreaElement).value.split('\n').filter((line) => line.trim())"
                        ></textarea>
                    </Field>
                    <Field
                        v-slot="{ control }"
                        v-for="[field, label] in lines"
                        :id="'own-' + field"
                        :key="field"
                        :label="label"
                        :error="errors.of(field)"
                    >
                        <textarea
                            v-bind="control"
                            rows="2"
                            :value="(words[field] as string) ?? ''"
                            @input="words[field] = ($event.target as HTMLTextAreaElement).value"
                        ></textarea>
                    </Field>
                </form>
            </TabPanel>
            <TabPanel class="space-y-3">
                <p class="text-soft">
                    The same activity as a file has it. It is read by the rules every other is read by; what is wrong is named
                    with its line.
                </p>
                <label class="block">
                    <span class="mb-1 block font-bold">From a file</span>
                    <input type="file" accept=".yaml,.yml,text/*" @change="load" />
                </label>
                <label class="block">
                    <span class="mb-1 block font-bold">Text</span>
                    <textarea id="own-text" v-model="text" rows="16" spellcheck="false" class="font-mono text-sm"></textarea>
                </label>
            </TabPanel>
        </Tabs>
        <Notice :error="save.error.value" class="my-3" />
        <div class="mt-3 flex gap-2">
            <Button kind="strong" :disabled="!written || save.isPending.value" @click="keep">Keep</Button>
            <Button kind="quiet" @click="$emit('close')">Leave it</Button>
        </div>
    </Dialog>
</template>
