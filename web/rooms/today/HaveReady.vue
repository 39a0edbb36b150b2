<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useLock } from '@/api/queries';
import { useKeep } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';

/** What is made beforehand: what is still to make, each with the way to its sheet, and where the rest lies. */
const props = defineProps<{ wants: Schemas['WantView'][]; title: string }>();
const there = computed(() => props.wants.filter(({ state }) => state === 'made'));
const open = computed(() => props.wants.filter(({ state }) => state !== 'made'));
/** A device of the table has no other rooms: there it is only said. */
const lock = useLock();
const isTable = computed(() => lock.data.value?.who === 'table');
const keep = useKeep();
const have = ({ setUpId, propId, keptAt }: Schemas['WantView']) =>
    keep.mutate({ state: 'made', as: { setUpId, propId }, keptAt: keptAt ?? null } as Schemas['KeptInput']);
const to = (want: Schemas['WantView']) => ({
    name: 'make',
    query: { sheet: want.kind, setUpId: want.setUpId, propId: want.propId },
});
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" :aria-label="title" data-have-ready>
        <h2 class="mb-2">{{ title }}</h2>
        <ul class="space-y-1">
            <li
                v-for="want in open"
                :key="want.setUpId + want.propId"
                class="flex items-start justify-between gap-2"
                :data-to-make="want.propId"
            >
                <div>
                    <RouterLink
                        v-if="want.kind && !isTable"
                        :to="to(want)"
                        class="inline-flex min-h-11 items-center underline underline-offset-4"
                        >{{ want.name }}</RouterLink
                    >
                    <span v-else class="inline-flex min-h-11 items-center">{{ want.name }}</span>
                    <span v-if="want.state === 'half-made'" class="text-sm text-soft"> half made, {{ want.pagesDone }} done</span>
                    <span v-else-if="want.state === 'worn-out'" class="text-sm text-soft"> worn out</span>
                    <span v-else-if="want.isNew" class="text-sm font-bold text-care"> to be made</span>
                </div>
                <Button
                    v-if="!isTable"
                    kind="quiet"
                    class="shrink-0 px-1!"
                    :aria-label="`${want.name}: I have it`"
                    :data-have="want.propId"
                    :disabled="keep.isPending.value"
                    @click="have(want)"
                    >I have it</Button
                >
            </li>
            <li v-for="want in there" :key="want.setUpId + want.propId" class="text-soft" :data-there="want.propId">
                {{ want.name }}: {{ want.keptAt ?? 'made' }}
            </li>
        </ul>
        <RouterLink
            v-if="open.some(({ kind }) => kind) && !isTable"
            :to="{ name: 'make' }"
            class="inline-flex min-h-11 items-center underline underline-offset-4"
            >Print it as one set</RouterLink
        >
        <Notice :error="keep.error.value" />
    </section>
</template>
