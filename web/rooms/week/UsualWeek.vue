<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { clock } from '@/kit/words';

/** The rule: how each weekday is used. A change of one day by itself leaves it as it is. */
defineProps<{ week: Schemas['WeekView'] }>();
defineEmits<{ use: [weekday: number] }>();

const hours = (windows: number[][]) => windows.map(([from = 0, to = 0]) => `${clock(from)}–${clock(to)}`).join(', ') || 'off';
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="The usual week">
        <h2 class="mb-2">The usual week</h2>
        <ul>
            <li v-for="day in week.usual" :key="day.weekday">
                <button
                    type="button"
                    class="flex min-h-11 w-full items-baseline gap-2 rounded-lg px-1 text-left hover:bg-linen"
                    :aria-label="`Every ${day.name}: ${hours(day.windows)}. Change`"
                    :data-usual="day.weekday"
                    @click="$emit('use', day.weekday)"
                >
                    <b class="w-24 shrink-0 self-center">{{ day.name }}</b>
                    <span class="self-center text-sm" :class="day.windows.length ? '' : 'text-soft'">{{
                        hours(day.windows)
                    }}</span>
                </button>
            </li>
        </ul>
    </section>
</template>
