<script setup lang="ts">
import { ref } from 'vue';

import { ask, client, type Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';

import type { Changes } from '@/api/changes';

/** A child does not want to: what helps, and what several refusals say. */
const props = defineProps<{ setUp: Schemas['SetUpView']; changes: Changes }>();
const emit = defineEmits<{ close: []; swap: [] }>();
const said = ref<Schemas['RefusedView'] | null>(null);
const error = ref<unknown>(null);

async function tell(childId: string) {
    try {
        said.value = await ask(
            client.POST('/api/today/set-ups/{id}/refused', { params: { path: { id: props.setUp.id } }, body: { childId } }),
        );
    } catch (problem) {
        error.value = problem;
    }
}
if (props.setUp.sittings.length === 1) {
    void tell(props.setUp.sittings[0]!.childId);
}
</script>

<template>
    <Dialog open title="Does not want to" @close="$emit('close')">
        <div v-if="!said" class="flex flex-wrap gap-2">
            <p class="w-full">Who?</p>
            <Button v-for="sitting in setUp.sittings" :key="sitting.id" @click="tell(sitting.childId)">{{
                sitting.childName
            }}</Button>
        </div>
        <template v-else>
            <p v-for="words in said.told" :key="words" class="mb-3 rounded-xl bg-linen p-3 font-bold">{{ words }}</p>
            <ul class="mb-4 list-disc space-y-2 pl-5">
                <li v-for="way in said.ways" :key="way">{{ way }}</li>
            </ul>
            <div class="flex flex-wrap gap-2">
                <Button v-if="setUp.laid.length" @click="changes.otherThings(setUp.id, () => emit('close'))">Other things</Button>
                <Button @click="$emit('swap')">Another activity</Button>
                <Button
                    @click="
                        changes.drop(setUp.id);
                        $emit('close');
                    "
                    >Leave it out today</Button
                >
            </div>
        </template>
        <Notice :error="error ?? changes.error.value" class="mt-3" />
    </Dialog>
</template>
