<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import Dialog from '@/kit/Dialog.vue';

/** What the plan is worth, term by term, for those who want it. */
const props = defineProps<{ goal: Schemas['GoalTermView'][] }>();
defineEmits<{ close: [] }>();
const total = computed(() => props.goal.reduce((sum, term) => sum + term.value, 0));
const signed = (value: number) => `${value < 0 ? '−' : '+'} ${Math.abs(value).toFixed(2)}`;
</script>

<template>
    <Dialog open title="Why this day?" @close="$emit('close')">
        <p class="mb-3">
            Of all the days that could be laid out, the plan takes the one that is worth most: what the children learn, and a fair
            share for everyone, against what it costs you.
        </p>
        <table class="w-full">
            <tbody>
                <tr v-for="term in goal" :key="term.words" class="border-t border-hem">
                    <td class="py-1">{{ term.words }}</td>
                    <td class="py-1 text-right whitespace-nowrap">{{ signed(term.value) }}</td>
                </tr>
                <tr class="border-t-2 border-ink font-bold">
                    <td class="py-1">worth of the day</td>
                    <td class="py-1 text-right whitespace-nowrap">{{ signed(total) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="mt-3 text-sm text-soft">
            About ten is what a child learns on a day with the best there is. A set-up costs one, a kind of thing to fetch three
            tenths, a minute a tenth, a new game one and a half.
        </p>
    </Dialog>
</template>
