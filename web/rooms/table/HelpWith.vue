<script setup lang="ts">
import type { Help, Table } from './table';

/** Help for this question: how much, and what to do. What is tapped then was with that much help. */
defineProps<{ table: Table }>();
const help = defineModel<Help>({ required: true });
const all: [Help, string][] = [
    ['bare', 'No help'],
    ['part-done', 'Start together'],
    ['shown', 'Show it first'],
];
</script>

<template>
    <div>
        <div class="flex gap-1 rounded-lg bg-hem/50 p-1" role="group" aria-label="Help for this question">
            <button
                v-for="[of, words] in all"
                :key="of"
                type="button"
                class="min-h-11 flex-1 rounded-md px-1 text-[0.95rem]"
                :class="help === of ? 'bg-paper font-bold' : 'text-soft'"
                :aria-pressed="help === of"
                :data-help="of"
                @click="help = of"
            >
                {{ words }}
            </button>
        </div>
        <p class="mt-1 px-1 text-[0.95rem]">{{ table.helps[help] }}</p>
    </div>
</template>
