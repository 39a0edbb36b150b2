<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';

import { api, type Schemas } from '@/api/client';
import { newId } from '@/api/outbox';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';

/** Corrects a try or takes it back; the history keeps what it said before. */
const props = defineProps<{ seen: Schemas['SeenView'] }>();
const emit = defineEmits<{ done: [] }>();
const id = newId();
const correct = useMutation({
    mutationFn: (outcome: Schemas['Outcome']) => api.correct(props.seen.id, { id, outcome, help: 'bare' }),
    onSuccess: () => emit('done'),
});
const takeBack = useMutation({ mutationFn: () => api.takeBack(props.seen.id), onSuccess: () => emit('done') });
</script>

<template>
    <div class="space-y-2 py-2">
        <template v-if="seen.kind === 'try'">
            <p class="text-sm font-bold">What it should have said:</p>
            <Outcomes :disabled="correct.isPending.value" @tap="correct.mutate($event)" />
        </template>
        <Button :disabled="takeBack.isPending.value" @click="takeBack.mutate()">Take it back</Button>
        <p class="text-sm text-soft">What it said before stays in the history.</p>
        <Notice :error="correct.error.value ?? takeBack.error.value" />
    </div>
</template>
