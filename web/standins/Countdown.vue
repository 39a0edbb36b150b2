<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

import Piece from './Piece.vue';

/** Things each with its numeral: one goes a round, from the last on, and all are still said. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const gone = ref(0);
const left = computed(() => props.set.size - gone.value);
</script>

<template>
    <div class="space-y-3 text-center">
        <div class="flex flex-wrap justify-center gap-2">
            <span
                v-for="number in set.size"
                :key="number"
                class="flex w-12 flex-col items-center"
                :class="number > left ? 'opacity-0' : ''"
                :aria-hidden="number > left"
            >
                <span class="size-10"><Piece :thing="thing" /></span>
                <span class="font-numeral text-xl">{{ number }}</span>
            </span>
        </div>
        <div class="flex justify-center gap-2">
            <Button class="min-h-14 text-lg" data-goes :disabled="left === 0" @click="gone++">One goes</Button>
            <Button kind="quiet" :disabled="gone === 0" @click="gone = 0">All back</Button>
        </div>
        <p role="status" class="sr-only">{{ left === 0 ? 'None is left' : `${left} left` }}</p>
    </div>
</template>
