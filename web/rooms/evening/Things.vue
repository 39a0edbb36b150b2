<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Picture from '@/scene/Picture.vue';

/** Eight ordinary things: one or two that can be seen from here are enough. */
const props = defineProps<{ things: Schemas['InSightView'][]; busy: boolean }>();
defineEmits<{ next: [chosen: string[]] }>();

const chosen = ref(props.things.filter((thing) => thing.chosen && !thing.why).map((thing) => thing.id));
const tap = (id: string) =>
    (chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id]);
</script>

<template>
    <h1 class="text-2xl">What can you see from where you sit?</h1>
    <p class="text-soft">Tap one or two. Nothing there? Go on without.</p>
    <ul class="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <li v-for="thing in things" :key="thing.id">
            <button
                type="button"
                :data-thing="thing.id"
                :disabled="!!thing.why"
                :aria-pressed="chosen.includes(thing.id)"
                class="flex min-h-32 w-full flex-col items-center justify-center gap-1 rounded-xl border-2 bg-paper p-2 font-bold"
                :class="[
                    chosen.includes(thing.id) ? 'border-deep ring-2 ring-deep' : 'border-hem',
                    thing.why ? 'opacity-60' : '',
                ]"
                @click="tap(thing.id)"
            >
                <span class="size-16" :class="thing.why ? 'grayscale' : ''"><Picture :svg="thing.picture" /></span>
                {{ thing.name }}
                <span v-if="thing.why" class="text-sm font-normal">{{ thing.why }}</span>
            </button>
        </li>
    </ul>
    <Button kind="strong" class="sticky bottom-3 mt-auto min-h-14" :disabled="busy" @click="$emit('next', chosen)">{{
        chosen.length ? 'Next' : 'Go on without things'
    }}</Button>
</template>
