<script setup lang="ts">
import ThreadKnot from '@/kit/ThreadKnot.vue';

import type { Seat } from './table';

/** Who is at the table, and whose turn it is. */
defineProps<{ seats: Seat[]; turn: string | undefined }>();
</script>

<template>
    <div class="flex gap-2" role="group" aria-label="Whose turn">
        <p
            v-for="seat in seats"
            :key="seat.sittingId"
            class="flex flex-1 items-center gap-2 rounded-lg border-2 px-2 py-1"
            :class="seat.sittingId === turn ? 'border-ink bg-paper font-bold' : 'border-transparent text-soft'"
            :aria-current="seat.sittingId === turn ? 'true' : undefined"
        >
            <ThreadKnot :thread="seat.thread" /> {{ seat.childName }}
        </p>
    </div>
</template>
