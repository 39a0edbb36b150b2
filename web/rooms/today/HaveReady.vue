<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';

import type { Schemas } from '@/api/client';

/** What is made beforehand: what is still to make, each with the way to its sheet, and where the rest lies. */
const props = defineProps<{ wants: Schemas['WantView'][]; title: string }>();
const there = computed(() => props.wants.filter(({ state }) => state === 'made'));
const open = computed(() => props.wants.filter(({ state }) => state !== 'made'));
const to = (want: Schemas['WantView']) => ({
    name: 'make',
    query: { sheet: want.kind, setUpId: want.setUpId, propId: want.propId },
});
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" :aria-label="title" data-have-ready>
        <h2 class="mb-2">{{ title }}</h2>
        <ul class="space-y-1">
            <li v-for="want in open" :key="want.setUpId + want.propId" :data-to-make="want.propId">
                <RouterLink
                    v-if="want.kind"
                    :to="to(want)"
                    class="inline-flex min-h-11 items-center underline underline-offset-4"
                    >{{ want.name }}</RouterLink
                >
                <span v-else class="inline-flex min-h-11 items-center">{{ want.name }}</span>
                <span v-if="want.state === 'half-made'" class="text-sm text-soft"> half made, {{ want.pagesDone }} done</span>
                <span v-else-if="want.state === 'worn-out'" class="text-sm text-soft"> worn out</span>
                <span v-else-if="want.isNew" class="text-sm font-bold text-care"> to be made</span>
            </li>
            <li v-for="want in there" :key="want.setUpId + want.propId" class="text-soft" :data-there="want.propId">
                {{ want.name }}: {{ want.keptAt ?? 'made' }}
            </li>
        </ul>
        <RouterLink
            v-if="open.length"
            :to="{ name: 'make' }"
            class="inline-flex min-h-11 items-center underline underline-offset-4"
            >Print it as one set</RouterLink
        >
    </section>
</template>
