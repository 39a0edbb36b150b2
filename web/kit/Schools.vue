<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { ChevronDown } from '@lucide/vue';

import type { Schemas } from '@/api/client';

import Choice from './Choice.vue';

/** The questions on which good parents differ, each with both views beside it. What is not chosen follows what stands above. */
const props = defineProps<{
    questions: Schemas['SettingView'][];
    chosen: Record<string, string>;
    /** What holds where nothing is chosen, and how that is called. */
    otherwise: Record<string, string>;
    otherwiseWords: string;
}>();
const emit = defineEmits<{ choose: [chosen: Record<string, string>] }>();

const NOTHING = '';
const words = (question: Schemas['SettingView'], answer: string | undefined) =>
    question.answers.find((one) => one.id === answer)?.words ?? question.answers[0]?.words ?? '';
const options = (question: Schemas['SettingView']) => [
    { value: NOTHING, words: `${props.otherwiseWords}: ${words(question, props.otherwise[question.id])}` },
    ...question.answers.map((answer) => ({ value: answer.id, words: answer.words, note: answer.note })),
];
const inForce = (question: Schemas['SettingView']) =>
    question.answers.find((one) => one.id === (props.chosen[question.id] ?? props.otherwise[question.id])) ?? question.answers[0];

function choose(id: string, answer: string) {
    const rest = Object.fromEntries(Object.entries(props.chosen).filter(([key]) => key !== id));
    emit('choose', answer === NOTHING ? rest : { ...rest, [id]: answer });
}
</script>

<template>
    <ul class="grid gap-x-8 gap-y-5 md:grid-cols-2">
        <li v-for="question in questions" :key="question.id" :data-setting="question.id">
            <Choice
                :model-value="chosen[question.id] ?? NOTHING"
                :label="question.question"
                :options="options(question)"
                @update:model-value="choose(question.id, $event)"
            />
            <p class="mt-1 text-sm text-soft">{{ inForce(question)?.note }}</p>
            <Disclosure v-slot="{ open }">
                <DisclosureButton class="flex min-h-9 items-center gap-1 text-sm font-bold text-deep">
                    Why parents differ <ChevronDown :size="16" :class="open ? 'rotate-180' : ''" aria-hidden="true" />
                </DisclosureButton>
                <DisclosurePanel class="text-sm">{{ question.views }}</DisclosurePanel>
            </Disclosure>
        </li>
    </ul>
</template>
