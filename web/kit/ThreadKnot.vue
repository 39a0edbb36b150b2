<script setup lang="ts">
import { colour } from './threads';

defineProps<{ thread: number; size?: number }>();
</script>

<template>
    <svg :width="size ?? 22" :height="size ?? 22" viewBox="0 0 24 24" aria-hidden="true" class="shrink-0">
        <g :fill="colour(thread)" :stroke="colour(thread)" stroke-width="2" stroke-linejoin="round">
            <circle v-if="thread === 0" cx="12" cy="12" r="8" />
            <path v-else-if="thread === 1" d="M4 20 12 4l8 16z" />
            <rect v-else-if="thread === 2" x="5" y="5" width="14" height="14" />
            <path v-else-if="thread === 3" d="M12 3 21 12 12 21 3 12z" />
            <path v-else-if="thread === 4" d="M8 4h8l5 8-5 8H8l-5-8z" />
            <circle v-else cx="12" cy="12" r="7" fill="none" stroke-width="5" />
        </g>
    </svg>
</template>
