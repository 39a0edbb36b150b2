<script setup lang="ts">
import { Dialog, DialogPanel } from '@headlessui/vue';

import type { Schemas } from '@/api/client';
import SceneDrawing from '@/scene/SceneDrawing.vue';

/** Only the picture: no words, no answer. A press anywhere turns it back. */
defineProps<{ scene: Schemas['SceneView'] }>();
defineEmits<{ back: [] }>();
</script>

<template>
    <Dialog :open="true" class="relative z-40" @close="$emit('back')">
        <DialogPanel class="fixed inset-0 bg-cloth">
            <button type="button" class="block size-full p-6" aria-label="Turn back to the parent" @click="$emit('back')">
                <SceneDrawing :scene="scene" />
            </button>
        </DialogPanel>
    </Dialog>
</template>
