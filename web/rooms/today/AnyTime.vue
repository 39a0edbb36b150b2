<script setup lang="ts">
import { RouterLink } from 'vue-router';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** Moments of daily life: no clock, one tap when it happened, never missed. */
defineProps<{ moments: Schemas['MomentView'][] }>();
defineEmits<{ happened: [moment: Schemas['MomentView'], happened: boolean] }>();
</script>

<template>
    <section v-if="moments.length" class="rounded-2xl border border-hem bg-paper p-4" aria-label="Any time today">
        <h2>Any time today</h2>
        <p class="mb-2 text-sm text-soft">If it happens. Nothing to lay out, and nothing is missed.</p>
        <ul class="space-y-3">
            <li v-for="moment in moments" :key="moment.childId + moment.activityId">
                <p class="flex items-start gap-2">
                    <ThreadKnot :thread="moment.thread" class="mt-0.5" />
                    <span
                        ><b>{{ moment.childName }}</b
                        >:
                        <RouterLink
                            :to="{ name: 'activities', query: { open: moment.activityId } }"
                            class="underline underline-offset-4"
                            >{{ moment.name }}</RouterLink>{{ /[?!.]$/.test(moment.name) ? '' : ':' }} {{ moment.say }}</span
                    >
                </p>
                <p v-if="moment.happened" class="ml-8 text-soft">
                    Happened.
                    <Button kind="quiet" @click="$emit('happened', moment, false)">Take it back</Button>
                </p>
                <button
                    v-else
                    type="button"
                    class="ml-8 min-h-11 rounded-lg border-2 border-hem px-3 hover:bg-linen"
                    :data-happened="moment.activityId"
                    @click="$emit('happened', moment, true)"
                >
                    It happened
                </button>
            </li>
        </ul>
    </section>
</template>
