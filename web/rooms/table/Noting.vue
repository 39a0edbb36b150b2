<script setup lang="ts">
import { Undo2 } from '@lucide/vue';
import { useLocalStorage } from '@vueuse/core';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Outcomes from '@/kit/Outcomes.vue';

import GuessPad from './GuessPad.vue';
import Noticing from './Noticing.vue';
import type { Turn } from './table';

/**
 * As much as the moment allows: Next is big and records nothing; an outcome says what was seen; with lids one is moved aside for each done alone, and
 * they are counted at the end.
 */
defineProps<{ turn: Turn; lids: number; undoes: string | null; busy: boolean; onlyNext: boolean; noticing: boolean }>();
defineEmits<{
    tap: [outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }];
    next: [alone: boolean];
    undo: [];
    enough: [];
}>();
const method = defineModel<Schemas['Method'] | null>('method', { required: true });
const slip = defineModel<Schemas['Slip'] | null>('slip', { required: true });
const withLids = useLocalStorage('pindle.lids', false);
</script>

<template>
    <div class="space-y-2">
        <Button v-if="onlyNext" kind="strong" class="min-h-20 w-full text-xl" data-next @click="$emit('next', false)"
            >Next</Button
        >
        <GuessPad
            v-else-if="turn.isGuess"
            :turn="turn.questionId"
            :exact="turn.amount ?? 1"
            @counted="(guess, counted) => $emit('tap', 'at-once', { guess, counted })"
        />
        <template v-else-if="withLids">
            <p class="flex min-h-11 flex-wrap items-center gap-1.5 px-1" data-lids>
                <span
                    v-for="lid in lids"
                    :key="lid"
                    class="size-5 rounded-full border-2 border-ink bg-worked"
                    aria-hidden="true"
                />
                <b>{{ lids === 1 ? '1 lid aside' : `${lids} lids aside` }}</b>
            </p>
            <div class="grid grid-cols-2 gap-2">
                <Button kind="strong" class="min-h-20 text-lg" data-lid @click="$emit('next', true)">Alone: a lid aside</Button>
                <Button class="min-h-20 text-lg" data-next @click="$emit('next', false)">Next</Button>
            </div>
        </template>
        <template v-else>
            <Noticing v-if="noticing" v-model:method="method" v-model:slip="slip" :methods="turn.methods" :slips="turn.slips" />
            <Outcomes keys @tap="$emit('tap', $event)" />
        </template>
        <div class="flex items-stretch gap-2">
            <Button
                kind="quiet"
                class="min-h-14 w-20 flex-col gap-0! px-1! text-sm"
                :disabled="!undoes"
                :aria-label="undoes ? 'Undo: ' + undoes : 'Undo'"
                data-undo
                @click="$emit('undo')"
            >
                <Undo2 :size="20" aria-hidden="true" /> {{ undoes ?? 'Undo' }}
            </Button>
            <Button
                v-if="!onlyNext && !turn.isGuess && !withLids"
                kind="strong"
                class="min-h-14 flex-1 text-xl"
                data-next
                @click="$emit('next', false)"
                >Next</Button
            >
            <span v-else class="flex-1" />
            <Button kind="quiet" class="min-h-14 w-20 px-1! text-sm" :disabled="busy" @click="$emit('enough')">Had enough</Button>
        </div>
    </div>
</template>
