<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId } from '@/api/device';
import { useActivities } from '@/api/queries';
import { closingMarks as markWords } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

import { nowMinute, type Changes } from '@/api/changes';

/** What was done instead: a game by its name, which counts, or a few words, which are only kept. */
const props = defineProps<{ day: Schemas['DayView']; changes: Changes }>();
const emit = defineEmits<{ close: [] }>();
const activities = useActivities();
const words = ref('');
const marks = ref<Record<string, Schemas['ClosingMark'] | 'there'>>({});
const known = computed(() =>
    activities.data.value?.activities.find((one) => one.name.toLowerCase() === words.value.trim().toLowerCase()),
);
const all = Object.entries(markWords) as [Schemas['ClosingMark'], string][];

function mark(childId: string, to: Schemas['ClosingMark'] | 'there') {
    const { [childId]: was, ...others } = marks.value;
    marks.value = was === to ? others : { ...others, [childId]: to };
}

function keep() {
    const children = Object.entries(marks.value).map(([childId, of]) => ({ childId, mark: of === 'there' ? null : of }));
    const what = known.value ? { activityId: known.value.id, words: null } : { activityId: null, words: words.value.trim() };
    props.changes.somethingElse({ at: nowMinute(), deviceId: deviceId(), children, ...what }, () => emit('close'));
}
</script>

<template>
    <Dialog open wide title="We did something else" @close="$emit('close')">
        <form class="space-y-4" @submit.prevent="keep">
            <label class="block">
                <span class="font-bold">What was it? A game by its name, or a few words</span>
                <input v-model="words" type="text" maxlength="200" list="games" required class="mt-1 w-full" />
                <datalist id="games">
                    <option v-for="one in activities.data.value?.activities ?? []" :key="one.id" :value="one.name" />
                </datalist>
            </label>
            <p class="text-soft">
                {{ known ? 'A game Pindle knows: it counts.' : 'In your own words it is kept, and no mark follows from it.' }}
            </p>
            <fieldset v-for="child in day.children" :key="child.id">
                <legend class="mb-1 flex items-center gap-2 font-bold">
                    <ThreadKnot :thread="child.thread" /> {{ child.name }}
                </legend>
                <div class="flex flex-wrap gap-2">
                    <button
                        v-for="[of, name] in [['there', 'Was there'] as const, ...all]"
                        :key="of"
                        type="button"
                        class="min-h-11 rounded-lg border-2 bg-paper px-3"
                        :class="marks[child.id] === of ? 'border-ink font-bold' : 'border-hem'"
                        :aria-pressed="marks[child.id] === of"
                        @click="mark(child.id, of)"
                    >
                        {{ name }}
                    </button>
                </div>
            </fieldset>
            <Notice :error="changes.error.value" />
            <Button kind="strong" type="submit" :disabled="!words.trim() || !Object.keys(marks).length || changes.busy.value"
                >Keep it</Button
            >
        </form>
    </Dialog>
</template>
