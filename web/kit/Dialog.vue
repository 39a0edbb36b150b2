<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { X } from '@lucide/vue';

defineProps<{ open: boolean; title: string; wide?: boolean }>();
defineEmits<{ close: [] }>();
</script>

<template>
    <Dialog :open="open" class="relative z-30" @close="$emit('close')">
        <div class="fixed inset-0 bg-ink/50" aria-hidden="true" />
        <div class="fixed inset-0 overflow-y-auto">
            <div class="flex min-h-full items-end justify-center sm:items-center sm:p-4">
                <DialogPanel
                    class="w-full rounded-t-2xl border border-hem bg-paper p-5 sm:rounded-2xl"
                    :class="wide ? 'max-w-3xl' : 'max-w-lg'"
                >
                    <div class="mb-4 flex items-start justify-between gap-4">
                        <DialogTitle as="h2">{{ title }}</DialogTitle>
                        <button
                            type="button"
                            class="-m-2 flex size-11 items-center justify-center rounded-lg hover:bg-linen"
                            aria-label="Close"
                            @click="$emit('close')"
                        >
                            <X :size="22" />
                        </button>
                    </div>
                    <slot />
                </DialogPanel>
            </div>
        </div>
    </Dialog>
</template>
