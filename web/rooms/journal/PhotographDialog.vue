<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useNamePhotograph, useRemovePhotograph } from '@/api/journal';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** A photograph, large: what is written under it, who it is of; or it is taken away. */
const props = defineProps<{ photograph: Schemas['PhotographView']; children: Schemas['WhoView'][] }>();
const emit = defineEmits<{ close: [] }>();
const words = ref(props.photograph.words);
const childIds = ref([...props.photograph.childIds]);
const sure = ref(false);
const name = useNamePhotograph(() => emit('close'));
const remove = useRemovePhotograph(() => emit('close'));
</script>

<template>
    <Dialog open wide title="A photograph" @close="$emit('close')">
        <img
            :src="photograph.src"
            :width="photograph.width"
            :height="photograph.height"
            :alt="photograph.words || 'The photograph'"
            class="mx-auto max-h-[55vh] w-auto rounded-lg object-contain"
        />
        <form class="mt-4 space-y-4" @submit.prevent="name.mutate({ id: photograph.id, words, childIds })">
            <Field id="photograph-words" v-slot="{ control }" label="What is to be seen">
                <input
                    v-bind="control"
                    v-model="words"
                    maxlength="200"
                    class="min-h-11 w-full rounded-lg border-[1.5px] border-field px-3"
                />
            </Field>
            <fieldset>
                <legend class="mb-1 font-bold">Who it is of</legend>
                <div class="flex flex-wrap gap-x-5 gap-y-1">
                    <label v-for="child in children" :key="child.id" class="flex min-h-11 items-center gap-2">
                        <input v-model="childIds" type="checkbox" :value="child.id" class="size-5 accent-deep" />
                        <ThreadKnot :thread="child.thread" :size="18" /> {{ child.name }}
                    </label>
                </div>
                <p class="text-sm text-soft">With nobody ticked it is of the things, and stays whoever moves out.</p>
            </fieldset>
            <Notice :error="name.error.value ?? remove.error.value" />
            <div class="flex flex-wrap gap-2">
                <Button type="submit" kind="strong" :disabled="name.isPending.value" data-keep-words>Keep</Button>
                <Button v-if="!sure" kind="quiet" data-take-away @click="sure = true">Take it away…</Button>
                <Button v-else :disabled="remove.isPending.value" data-take-away-now @click="remove.mutate(photograph.id)"
                    >Take it away for good</Button
                >
            </div>
        </form>
    </Dialog>
</template>
