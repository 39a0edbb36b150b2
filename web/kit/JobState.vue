<script setup lang="ts">
import type { Schemas } from '@/api/client';

/** How far a piece of long work is, or how it ended; what came of it may stand below. */
defineProps<{ job: Schemas['JobView'] }>();
</script>

<template>
    <div role="status" class="my-3 rounded-lg px-4 py-3" :class="job.state === 'failed' ? 'bg-care-cloth text-care' : 'bg-linen'">
        <p class="font-bold">{{ job.said }}</p>
        <progress
            v-if="!['done', 'failed'].includes(job.state)"
            class="mt-2 w-full accent-deep"
            :value="job.step"
            :max="job.steps"
            aria-label="How far it is"
        />
        <slot />
    </div>
</template>
