<script setup lang="ts">
import { Undo2 } from '@lucide/vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

import type { Table } from './table';

/** When all is asked: the check, tidying up, and the end. */
defineProps<{ table: Table; busy: boolean }>();
defineEmits<{ finish: [ending: Schemas['Ending']]; undo: [] }>();
</script>

<template>
    <div class="flex flex-1 flex-col items-start justify-center gap-4 rounded-2xl border border-hem bg-paper p-6">
        <h2 class="text-2xl">That was the last question.</h2>
        <p><b>They check:</b> {{ table.check }}</p>
        <p><b>Tidy up:</b> {{ table.tidy }}</p>
        <div class="flex flex-wrap gap-2">
            <Button kind="strong" :disabled="busy" @click="$emit('finish', 'done')">Finish</Button>
            <Button :disabled="busy" @click="$emit('finish', 'asked-for-more')">Finish: asked for more</Button>
            <Button kind="quiet" @click="$emit('undo')"><Undo2 :size="20" aria-hidden="true" /> Undo</Button>
        </div>
    </div>
</template>
