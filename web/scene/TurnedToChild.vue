<script setup lang="ts">
import { Dialog, DialogPanel } from '@headlessui/vue';

import Picture from './Picture.vue';

/** Only the picture: no words, no answer. A press anywhere turns it back. */
defineProps<{ picture: string }>();
defineEmits<{ back: [] }>();
</script>

<template>
    <Dialog :open="true" class="relative z-40" @close="$emit('back')">
        <DialogPanel class="fixed inset-0 bg-paper">
            <button type="button" class="block size-full p-6" aria-label="Turn back to the parent" @click="$emit('back')">
                <Picture :svg="picture" />
            </button>
        </DialogPanel>
    </Dialog>
</template>
