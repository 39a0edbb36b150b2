<script setup lang="ts">
import { computed, ref } from 'vue';

import { refused, trouble } from '@/api/outbox/items';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';

/** What the house did not take, kept until the parent says what to do with it. */
const open = ref(false);
const count = computed(() => refused.value.length);
const outbox = () => import('@/api/outbox/send');
const when = (made: number) => new Date(made).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
</script>

<template>
    <p v-if="trouble" role="status" class="mb-2 rounded-lg bg-care-cloth px-4 py-2 text-care">{{ trouble }}</p>
    <p
        v-if="count"
        role="alert"
        class="flex flex-wrap items-center gap-x-3 rounded-lg border-2 border-care bg-care-cloth px-4 py-1 text-care"
    >
        <span class="flex-1">{{
            count === 1 ? 'One thing was not written down.' : `${count} things were not written down.`
        }}</span>
        <button type="button" class="min-h-11 font-bold underline underline-offset-4" @click="open = true">
            See what and why
        </button>
    </p>
    <Dialog :open="open && count > 0" title="Not written down" @close="open = false">
        <p class="mb-3 text-soft">Nothing here is lost. Send it again when what stood in the way is gone, or let it go.</p>
        <ul class="divide-y divide-hem border-y border-hem" data-refused>
            <li v-for="item in refused" :key="item.seq" class="py-3">
                <p class="font-bold">{{ item.label }}</p>
                <p class="text-soft">{{ when(item.made) }}</p>
                <p class="my-1">{{ item.refused }}</p>
                <div class="flex flex-wrap gap-2">
                    <Button @click="outbox().then((box) => box.sendAgain(item))">Send again</Button>
                    <Button kind="quiet" @click="outbox().then((box) => box.letGo(item))">Let it go</Button>
                </div>
            </li>
        </ul>
    </Dialog>
</template>
