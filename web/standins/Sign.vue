<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';

/** Two numbers and the card with the sign between them: a touch turns it. */
defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const ways = ['=', '>', '<'] as const;
const turn = ref(0);
const sign = computed(() => ways[turn.value % ways.length]);
const said = { '=': 'both sides the same', '>': 'open to the left', '<': 'open to the right' };
</script>

<template>
    <div class="flex items-center justify-center gap-3 font-numeral text-6xl">
        <span class="flex h-32 w-24 items-center justify-center rounded-xl border-2 border-ink bg-paper">{{ set.a }}</span>
        <button
            type="button"
            class="flex size-28 items-center justify-center rounded-xl border-2 border-wood bg-helped"
            data-turn-sign
            @click="turn++"
        >
            <svg
                viewBox="0 0 60 60"
                class="size-20"
                aria-hidden="true"
                fill="none"
                stroke="var(--color-ink)"
                stroke-width="6"
                stroke-linecap="round"
            >
                <path :d="sign === '=' ? 'M14 22h32M14 38h32' : sign === '>' ? 'M14 14L46 30L14 46' : 'M46 14L14 30L46 46'" />
            </svg>
            <span class="sr-only">The sign, {{ said[sign ?? '='] }}: turn it</span>
        </button>
        <span class="flex h-32 w-24 items-center justify-center rounded-xl border-2 border-ink bg-paper">{{ set.b }}</span>
        <p role="status" class="sr-only">{{ said[sign ?? '='] }}</p>
    </div>
</template>
