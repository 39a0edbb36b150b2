<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import { clock } from '@/kit/words';

/** What to fetch for each time at the table; a tick shows on every device. */
const props = defineProps<{ day: Schemas['DayView'] }>();
defineEmits<{ tick: [bring: Schemas['BringView']] }>();
const windows = computed(() =>
    props.day.windows
        .map(([start = 0], window) => ({ start, things: props.day.bring.filter((one) => one.window === window) }))
        .filter((window) => window.things.length),
);
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="Bring to the table">
        <h2 class="mb-2">Bring to the table</h2>
        <p v-if="!windows.length" class="text-soft">Nothing to fetch.</p>
        <template v-for="window in windows" :key="window.start">
            <h3 v-if="windows.length > 1" class="mt-2 text-sm font-bold text-soft">From {{ clock(window.start) }}</h3>
            <ul>
                <li v-for="bring in window.things" :key="bring.thingId">
                    <label class="flex min-h-11 items-center gap-3">
                        <input
                            type="checkbox"
                            class="size-5 accent-deep"
                            :checked="bring.there"
                            :data-bring="bring.window + ' ' + bring.thingId"
                            @change="$emit('tick', bring)"
                        />
                        <span :class="bring.there ? 'text-soft line-through' : ''">{{ bring.count }} {{ bring.name }}</span>
                    </label>
                </li>
            </ul>
        </template>
    </section>
</template>
