<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { useRouter } from 'vue-router';

import { ask, client, type Schemas } from '@/api/client';
import { changed } from '@/api/queries';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

import { nowMinute } from '@/api/changes';

/** Five minutes now: who, and it begins. Nothing to fetch but what was brought already. */
defineProps<{ children: Schemas['PlannedChildView'][] }>();
defineEmits<{ close: [] }>();
const router = useRouter();
const start = useMutation({
    mutationFn: (childId: string) => ask(client.POST('/api/today/five-minutes', { body: { childId, at: nowMinute() } })),
    onSuccess: ({ setUpId }) => {
        changed('plan');
        void router.push({ name: 'table', params: { setUpId } });
    },
});
</script>

<template>
    <Dialog open title="Five minutes now, with whom?" @close="$emit('close')">
        <div class="grid gap-3 sm:grid-cols-2">
            <button
                v-for="child in children"
                :key="child.id"
                type="button"
                class="flex min-h-16 items-center gap-3 rounded-xl border-2 border-hem bg-paper px-4 text-left text-lg font-bold hover:bg-linen"
                :disabled="start.isPending.value"
                :data-five="child.id"
                @click="start.mutate(child.id)"
            >
                <ThreadKnot :thread="child.thread" /> {{ child.name }}
            </button>
        </div>
        <p class="mt-3 text-soft">Nothing to fetch, outside the plan, and it counts like any sitting.</p>
        <Notice :error="start.error.value" class="mt-3" />
    </Dialog>
</template>
