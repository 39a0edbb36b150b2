<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { useSwaps } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import { clock } from '@/kit/words';

import type { Changes } from '@/api/changes';

/** The three next best, each with what it costs or gains. */
const props = defineProps<{ setUp: Schemas['SetUpView']; changes: Changes }>();
const emit = defineEmits<{ close: [] }>();
const swaps = useSwaps(props.setUp.id);
</script>

<template>
    <Dialog open :title="`Instead of ${setUp.name}`" @close="$emit('close')">
        <Wait v-if="swaps.isPending.value" what="Looking what else would do…" />
        <Notice v-else-if="swaps.error.value" :error="swaps.error.value" />
        <p v-else-if="!swaps.data.value?.swaps.length">Nothing else would do at this time, with what is in the cupboard.</p>
        <ul v-else class="space-y-3">
            <li v-for="swap in swaps.data.value.swaps" :key="swap.activityId" class="rounded-xl border border-hem p-3" data-swap>
                <h3 class="font-bold">{{ swap.name }}</h3>
                <p class="text-soft">{{ swap.inShort }}</p>
                <p>
                    {{ clock(swap.start) }}, {{ swap.end - swap.start }} minutes.
                    {{ swap.laid.map((laid) => laid.count + ' ' + laid.name).join(', ') || 'Nothing to fetch' }}.
                </p>
                <p class="mb-2 font-bold">{{ swap.words.join(', ') }}.</p>
                <Button :disabled="changes.busy.value" @click="changes.swap(setUp.id, swap.activityId, () => emit('close'))"
                    >Take this</Button
                >
            </li>
        </ul>
        <Notice :error="changes.error.value" class="mt-3" />
    </Dialog>
</template>
