<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { ChevronDown, SkipForward } from '@lucide/vue';
import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';

import Button from '@/kit/Button.vue';

import { type Idea, more, type Seat, type Table, type Turn } from './table';

/** What else this question can become: said another way, smaller, bigger, turned round, or left out. */
const props = defineProps<{ table: Table; seat: Seat; turn: Turn }>();
defineEmits<{ take: [idea: Idea]; leaveOut: [] }>();
const withLids = useLocalStorage('pindle.lids', false);
const ideas = computed(() => Object.values(props.seat.script.ideas).flat());
const pair = computed(() =>
    (['smaller-numbers', 'bigger-numbers'] as const).flatMap((id) => {
        const idea = ideas.value.find((one) => one.idea === id);
        return idea && more(props.table, props.seat.sittingId, idea) ? [idea] : [];
    }),
);
</script>

<template>
    <Disclosure v-slot="{ open }" as="div" class="rounded-2xl border border-hem bg-paper">
        <DisclosureButton class="flex min-h-12 w-full items-center justify-between px-4 text-left font-bold" data-besides>
            Say it another way, easier, further <ChevronDown :size="20" :class="open ? 'rotate-180' : ''" aria-hidden="true" />
        </DisclosureButton>
        <DisclosurePanel class="space-y-3 px-4 pb-4">
            <ul class="list-disc space-y-1 pl-5">
                <li>“What do you notice?” first, and any answer is right.</li>
                <li>Afterwards “How did you see it?”, and “Say it back to me.”</li>
                <li><b>They ask you:</b> {{ table.childTurn }}</li>
                <li><b>They check:</b> {{ table.check }}</li>
                <li><b>Easier:</b> {{ table.easier }}</li>
                <li><b>Further:</b> {{ table.further }}</li>
                <li v-if="table.twist">{{ table.twist }}</li>
            </ul>
            <div class="flex flex-wrap gap-2">
                <Button v-for="idea in pair" :key="idea.idea" :data-idea="idea.idea" @click="$emit('take', idea)">{{
                    idea.idea === 'smaller-numbers' ? 'One with smaller numbers' : 'One with bigger numbers'
                }}</Button>
                <Button kind="quiet" data-with-lids @click="withLids = !withLids">{{
                    withLids ? 'Tap each again' : 'Count with lids instead of taps'
                }}</Button>
                <Button kind="quiet" data-leave-out @click="$emit('leaveOut')"
                    ><SkipForward :size="18" aria-hidden="true" /> Leave this one out</Button
                >
            </div>
        </DisclosurePanel>
    </Disclosure>
</template>
