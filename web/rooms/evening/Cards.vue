<script setup lang="ts">
import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

/** Four cards, each chosen by the last; a parent answers from memory. */
defineProps<{ card: Schemas['CardView']; name: string; busy: boolean }>();
defineEmits<{ seen: [seen: Schemas['Seen']]; skip: [] }>();
</script>

<template>
    <h1 class="text-2xl">Have you seen {{ name }} do this?</h1>
    <p class="text-soft">{{ card.number }} of {{ card.of }}, from memory; nobody is asked tonight.</p>
    <p class="rounded-2xl border border-hem bg-paper p-6 text-xl font-bold first-letter:uppercase" :data-card="card.stepId">
        {{ card.does }}
    </p>
    <div class="mt-auto grid grid-cols-2 gap-2">
        <Button class="min-h-14" :disabled="busy" @click="$emit('seen', 'often')">Often</Button>
        <Button class="min-h-14" :disabled="busy" @click="$emit('seen', 'sometimes')">Sometimes</Button>
        <Button class="min-h-14" :disabled="busy" @click="$emit('seen', 'not-yet')">Not yet</Button>
        <Button class="min-h-14" :disabled="busy" @click="$emit('seen', 'not-sure')">Not sure</Button>
    </div>
    <Button kind="quiet" :disabled="busy" @click="$emit('skip')">Skip this</Button>
</template>
