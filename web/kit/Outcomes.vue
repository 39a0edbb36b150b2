<script setup lang="ts">
import type { Schemas } from '@/api/client';

import { outcomePairs } from './outcomes';

/** The four outcomes in two pairs: one tap says what was seen and moves on. */
defineProps<{ disabled?: boolean; keys?: boolean }>();
defineEmits<{ tap: [outcome: Schemas['Outcome']] }>();
</script>

<template>
    <div class="grid grid-cols-2 gap-2" role="group" aria-label="Outcome">
        <fieldset
            v-for="pair in outcomePairs"
            :key="pair.name"
            class="min-w-0 rounded-xl border bg-paper p-1.5 pt-0"
            :class="pair.whole ? 'border-ink' : 'border-wood'"
        >
            <legend class="ml-1 flex items-center gap-1.5 px-1 text-sm text-soft">
                <svg
                    width="44"
                    height="12"
                    viewBox="0 0 44 12"
                    aria-hidden="true"
                    fill="none"
                    stroke-linecap="round"
                    stroke-width="3"
                >
                    <path v-if="pair.whole" d="M3 6h38" stroke="var(--color-ink)" />
                    <path v-else d="M3 6h22q6 0 8 -3M25 6q6 0 8 3" stroke="var(--color-wood)" />
                </svg>
                {{ pair.name }}
            </legend>
            <div class="grid gap-1.5">
                <button
                    v-for="outcome in pair.outcomes"
                    :key="outcome.id"
                    type="button"
                    class="min-h-12 rounded-lg border-2 bg-linen px-1 font-bold hover:bg-paper disabled:opacity-50"
                    :class="pair.whole ? 'border-ink' : 'border-dashed border-wood'"
                    :disabled="disabled"
                    :data-outcome="outcome.id"
                    @click="$emit('tap', outcome.id)"
                >
                    {{ outcome.words }}
                    <kbd v-if="keys" class="ml-1 hidden text-sm font-normal text-soft lg:inline">{{ outcome.key }}</kbd>
                </button>
            </div>
        </fieldset>
    </div>
</template>
