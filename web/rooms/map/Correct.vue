<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { newId } from '@/api/device';
import { useCorrection, useTakeBack } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';

/** Corrects a try or takes it back; the history keeps what it said before. Help, method and slip stay as they were seen. */
defineProps<{ seen: Schemas['SeenView'] }>();
const emit = defineEmits<{ done: [] }>();
const id = newId();
const correct = useCorrection(() => emit('done'));
const takeBack = useTakeBack(() => emit('done'));
</script>

<template>
    <div class="space-y-2 py-2">
        <template v-if="seen.kind === 'attempt'">
            <p class="text-sm font-bold">What it should have said:</p>
            <Outcomes :disabled="correct.isPending.value" @tap="correct.mutate({ id: seen.id, body: { id, outcome: $event } })" />
        </template>
        <Button :disabled="takeBack.isPending.value" @click="takeBack.mutate(seen.id)">Take it back</Button>
        <p class="text-sm text-soft">What it said before stays in the history.</p>
        <Notice :error="correct.error.value ?? takeBack.error.value" />
    </div>
</template>
