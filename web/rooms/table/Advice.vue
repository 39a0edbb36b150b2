<script setup lang="ts">
import { X } from '@lucide/vue';

import Button from '@/kit/Button.vue';

import type { Idea } from './table';

/** Advice slides in above the outcomes and blocks nothing. */
defineProps<{ advice: { cause: string; ideas: Idea[] }; name: string }>();
defineEmits<{ take: []; other: []; close: [] }>();
</script>

<template>
    <div class="mb-2 rounded-xl border-2 border-wood bg-care-cloth px-3 py-2" role="status" data-advice>
        <div class="flex items-start gap-2">
            <p class="flex-1">
                <span class="text-soft">{{ name ? name + ': ' : '' }}{{ advice.cause }}</span>
                <b class="ml-1">{{ advice.ideas[0]?.words }}</b>
            </p>
            <button
                type="button"
                class="-mt-1 -mr-2 flex size-11 shrink-0 items-center justify-center"
                aria-label="Not now"
                @click="$emit('close')"
            >
                <X :size="20" />
            </button>
        </div>
        <div class="flex flex-wrap gap-2">
            <Button @click="$emit('take')">We do that</Button>
            <Button v-if="advice.ideas.length > 1" kind="quiet" @click="$emit('other')">Another idea</Button>
        </div>
    </div>
</template>
