<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { methods as methodWords, slips as slipWords } from '@/generated/words';

/** How they got there and what slipped, for who has the hand free to say it. */
defineProps<{ methods: Schemas['Method'][]; slips: Schemas['Slip'][] }>();
const method = defineModel<Schemas['Method'] | null>('method', { required: true });
const slip = defineModel<Schemas['Slip'] | null>('slip', { required: true });
</script>

<template>
    <div class="max-h-52 space-y-2 overflow-y-auto">
        <div v-if="methods.length" class="flex flex-wrap gap-2" role="group" aria-label="How they got there">
            <button
                v-for="one in methods"
                :key="one"
                type="button"
                class="min-h-11 rounded-full border-2 border-deep px-3"
                :class="method === one ? 'bg-deep text-white' : 'bg-paper'"
                :aria-pressed="method === one"
                @click="method = method === one ? null : one"
            >
                {{ methodWords[one] }}
            </button>
        </div>
        <div v-if="slips.length" class="flex flex-wrap gap-2" role="group" aria-label="What slipped">
            <button
                v-for="one in slips"
                :key="one"
                type="button"
                class="min-h-11 rounded-full border-2 border-dashed border-wood px-3"
                :class="slip === one ? 'bg-wood text-white' : 'bg-paper'"
                :aria-pressed="slip === one"
                @click="slip = slip === one ? null : one"
            >
                {{ slipWords[one] }}
            </button>
        </div>
    </div>
</template>
