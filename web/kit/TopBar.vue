<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { ArrowLeft } from '@lucide/vue';

/** The top of a room that has the whole screen: the way back, then what the room says there. */
defineProps<{ to: string; back: string }>();
</script>

<template>
    <div class="flex items-center gap-2 border-b-2 border-hem bg-paper px-3 py-1">
        <RouterLink
            :to="to"
            class="flex size-11 shrink-0 items-center justify-center rounded-lg hover:bg-linen"
            :aria-label="`Back to ${back}`"
            ><ArrowLeft :size="24"
        /></RouterLink>
        <slot />
    </div>
</template>
