<script setup lang="ts">
import { Problem } from '@/api/client';

/** What happened, that nothing was lost, and what to do: for everything that went wrong. */
defineProps<{ error: unknown }>();
</script>

<template>
    <p v-if="error" role="alert" class="rounded-lg border-2 border-care bg-care-cloth px-4 py-3 text-care">
        {{ error instanceof Problem ? error.message : 'Something went wrong. Nothing of yours was lost; please try once more.' }}
    </p>
</template>
