<script setup lang="ts">
import type { Schemas } from '@/api/client';

/** A square of cloth: woven both ways, one way, a single thread, or bare. It reads in black and white. */
defineProps<{ standing: Schemas['FactStanding'] }>();
</script>

<template>
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true" class="block">
        <rect x="1" y="1" width="22" height="22" rx="3" fill="var(--color-paper)" stroke="var(--color-pale)" />
        <g fill="none" stroke="var(--color-deep)" stroke-width="2.6">
            <path v-if="standing === 'sure'" d="M2 6h20M2 12h20M2 18h20" />
            <path v-if="standing === 'sure' || standing === 'slow'" d="M6 2v20M12 2v20M18 2v20" />
            <path v-if="standing === 'seen'" d="M3 21 21 3" stroke="var(--color-wood)" />
        </g>
    </svg>
</template>
