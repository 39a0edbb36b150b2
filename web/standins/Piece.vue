<script setup lang="ts">
import Picture from '@/scene/Picture.vue';

/** One thing: drawn as it lies on the table, or a plain round one. */
defineProps<{ thing: string | null; other?: boolean }>();
</script>

<template>
    <span v-if="thing && !other" class="block size-full" aria-hidden="true"><Picture :svg="thing" /></span>
    <svg v-else viewBox="0 0 20 20" class="block size-full" aria-hidden="true">
        <circle
            cx="10"
            cy="10"
            r="8"
            :fill="other ? 'var(--color-paper)' : 'var(--color-wood)'"
            stroke="var(--color-ink)"
            stroke-width="1.6"
        />
    </svg>
</template>
