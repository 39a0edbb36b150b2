<script setup lang="ts">
import { ChevronLeft, ChevronRight } from '@lucide/vue';

/** To the one before or the one after: a day, a week, a year. */
defineProps<{ to: 'before' | 'after'; label: string }>();
</script>

<template>
    <button type="button" class="flex size-11 items-center justify-center rounded-lg hover:bg-hem/40" :aria-label="label">
        <component :is="to === 'before' ? ChevronLeft : ChevronRight" :size="24" />
    </button>
</template>
