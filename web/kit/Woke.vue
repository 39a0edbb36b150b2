<script setup lang="ts">
import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';

/** Someone woke: what leaves the table now, what goes on, and words to end with. */
defineProps<{ atTable: Schemas['WokenView'][] }>();
defineEmits<{ close: [] }>();
</script>

<template>
    <Dialog open title="Someone woke" @close="$emit('close')">
        <p v-if="!atTable.length">Nothing lies out now. The rest of the day is arranged around it.</p>
        <section v-for="one in atTable" :key="one.setUpId" class="mb-4" data-woken>
            <h3 class="font-bold">{{ one.name }}</h3>
            <p v-if="one.leaves.length" class="my-2 rounded-xl border-2 border-care bg-linen p-3 text-lg font-bold">
                Off the table now: {{ one.leaves.join(', ') }}
            </p>
            <p class="text-lg">{{ one.words }}</p>
        </section>
        <p class="mb-3 text-soft">Nothing is lost: what was seen so far is kept.</p>
        <Button kind="strong" @click="$emit('close')">All right</Button>
    </Dialog>
</template>
