<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import Dialog from '@/kit/Dialog.vue';

/** The numbers behind a suggestion, for those who want them. */
const props = defineProps<{ sitting: Schemas['SittingView'] }>();
defineEmits<{ close: [] }>();
const terms = computed(() => props.sitting.worth.filter((part) => part.isTerm));
const factors = computed(() => props.sitting.worth.filter((part) => !part.isTerm));
const gain = computed(() => terms.value.reduce((sum, part) => sum + part.value, 0));
const worth = computed(() => factors.value.reduce((product, part) => product * part.value, gain.value));
</script>

<template>
    <Dialog open :title="`Why ${sitting.step.name}, ${sitting.step.reach}?`" @close="$emit('close')">
        <p class="mb-3">{{ sitting.reason }}</p>
        <p v-if="sitting.secondReason" class="mb-3">And: {{ sitting.secondReason }}</p>
        <table class="w-full">
            <tbody>
                <tr v-for="part in terms" :key="part.words" class="border-t border-hem">
                    <td class="py-1">{{ part.words }}</td>
                    <td class="py-1 text-right">+ {{ part.value.toFixed(2) }}</td>
                </tr>
                <tr v-for="part in factors" :key="part.words" class="border-t border-hem">
                    <td class="py-1">{{ part.words }}</td>
                    <td class="py-1 text-right">× {{ part.value.toFixed(2) }}</td>
                </tr>
                <tr class="border-t-2 border-ink font-bold">
                    <td class="py-1">worth of a sitting with it</td>
                    <td class="py-1 text-right">{{ worth.toFixed(2) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="mt-3 text-sm text-soft">
            The plan weighs this against your time, against the other children's turns and against doing the same things again.
        </p>
    </Dialog>
</template>
