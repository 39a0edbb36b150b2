<script setup lang="ts">
import type { Schemas } from '@/api/client';

import { outcomes } from './outcomes';

/** The four outcomes: one tap says what was seen and moves on. */
defineProps<{ disabled?: boolean; wide?: boolean }>();
defineEmits<{ tap: [outcome: Schemas['Outcome']] }>();
</script>

<template>
    <div class="grid grid-cols-2 gap-2" :class="wide ? 'md:grid-cols-4' : ''" role="group" aria-label="Outcome">
        <button
            v-for="(outcome, i) in outcomes"
            :key="outcome.id"
            type="button"
            class="min-h-16 rounded-xl border-2 px-2 text-lg font-bold disabled:opacity-50"
            :class="outcome.class"
            :disabled="disabled"
            :data-outcome="outcome.id"
            @click="$emit('tap', outcome.id)"
        >
            {{ outcome.words }} <kbd class="ml-1 hidden text-sm font-normal opacity-70 md:inline">{{ i + 1 }}</kbd>
        </button>
    </div>
</template>
