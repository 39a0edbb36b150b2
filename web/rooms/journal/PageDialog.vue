<script setup lang="ts">
import { computed, ref } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { useKeepPage } from '@/api/journal';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';

/** A page of the portfolio in one's own words. */
const props = defineProps<{ page: Schemas['PageView'] | null; day: string }>();
const emit = defineEmits<{ close: [] }>();
const day = ref(props.page?.day ?? props.day);
const title = ref(props.page?.title ?? '');
const text = ref(props.page?.text ?? '');
const keep = useKeepPage(() => emit('close'));
const fields = computed(() => (keep.error.value instanceof Problem ? keep.error.value.fields : {}));
const submit = () =>
    keep.mutate({
        id: props.page?.id ?? null,
        day: day.value,
        title: title.value,
        text: text.value,
        version: props.page?.version ?? 0,
    });
</script>

<template>
    <Dialog open wide :title="page ? 'Change the page' : 'A page of your own'" @close="$emit('close')">
        <form class="space-y-4" @submit.prevent="submit">
            <Field id="page-title" v-slot="{ control }" label="What it is called" :error="fields.title">
                <input
                    v-bind="control"
                    v-model="title"
                    maxlength="60"
                    class="min-h-11 w-full rounded-lg border-[1.5px] border-field px-3"
                    data-page-title
                />
            </Field>
            <Field id="page-text" v-slot="{ control }" label="What it says" :error="fields.text">
                <textarea
                    v-bind="control"
                    v-model="text"
                    rows="8"
                    maxlength="4000"
                    class="w-full rounded-lg border-[1.5px] border-field p-3"
                    data-page-text
                />
            </Field>
            <Field id="page-day" v-slot="{ control }" label="It stands at" :error="fields.day">
                <input v-bind="control" v-model="day" type="date" class="min-h-11 rounded-lg border-[1.5px] border-field px-3" />
            </Field>
            <Notice v-if="!Object.keys(fields).length" :error="keep.error.value" />
            <Button type="submit" kind="strong" :disabled="keep.isPending.value" data-keep-page>Keep</Button>
        </form>
    </Dialog>
</template>
