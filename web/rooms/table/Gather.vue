<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { ChevronDown } from '@lucide/vue';
import { useLocalStorage, useSessionStorage } from '@vueuse/core';
import { RouterLink } from 'vue-router';

import { opensAlone } from '@/api/kept';
import Button from '@/kit/Button.vue';
import Cautions from '@/kit/Cautions.vue';
import Picture from '@/scene/Picture.vue';

import type { Table } from './table';

/** First of all: what to lay out, ticked off, with where it is kept; then how to show it, open the first time and folded later. */
const props = defineProps<{ table: Table; awake: boolean }>();
const emit = defineEmits<{ ready: [] }>();
const there = useSessionStorage<string[]>(`there-${props.table.id}`, []);
const shownBefore = useLocalStorage<string[]>('pindle.shown', []);
const isNew = !shownBefore.value.includes(props.table.name);

function tick(words: string) {
    there.value = there.value.includes(words) ? there.value.filter((one) => one !== words) : [...there.value, words];
}
function ready() {
    shownBefore.value = [...new Set([...shownBefore.value, props.table.name])].slice(-300);
    emit('ready');
}
</script>

<template>
    <section class="mx-auto w-full max-w-3xl flex-1 space-y-4 p-3 md:p-5" aria-label="Lay out">
        <Cautions :cautions="table.cautions" />
        <div class="rounded-2xl border border-hem bg-paper p-4">
            <h2>Lay out</h2>
            <ul v-if="table.gather.length" class="mt-2 space-y-1">
                <li v-for="one in table.gather" :key="one.words">
                    <label class="flex min-h-12 cursor-pointer items-center gap-3 text-lg">
                        <input
                            type="checkbox"
                            class="size-6 shrink-0 accent-deep"
                            :checked="there.includes(one.words)"
                            @change="tick(one.words)"
                        />
                        <span v-if="one.picture" class="size-10 shrink-0" aria-hidden="true"><Picture :svg="one.picture" /></span>
                        <span
                            >{{ one.words }}
                            <span v-if="one.keptAt" class="block text-base text-soft">{{ one.keptAt }}</span></span
                        >
                    </label>
                </li>
            </ul>
            <p v-else class="mt-1 text-lg">Nothing at all.</p>
            <p v-if="table.layOut && table.gather.length" class="mt-2 text-soft">{{ table.layOut }}</p>
            <p v-for="line in table.measured" :key="line" class="mt-1 text-[0.95rem]">{{ line }}</p>
            <p v-if="table.toddlerJob" class="mt-2">{{ table.toddlerJob }}</p>
        </div>
        <Disclosure v-slot="{ open }" as="div" class="rounded-2xl border border-hem bg-paper" :default-open="isNew">
            <DisclosureButton class="flex min-h-12 w-full items-center justify-between px-4 text-left text-lg font-bold">
                How to show it <ChevronDown :size="20" :class="open ? 'rotate-180' : ''" aria-hidden="true" />
            </DisclosureButton>
            <DisclosurePanel class="space-y-2 px-4 pb-4">
                <ol class="list-decimal space-y-1 pl-6 text-lg">
                    <li v-for="line in table.show" :key="line">{{ line }}</li>
                </ol>
                <div v-for="seat in table.seats" :key="seat.sittingId">
                    <p class="font-bold">{{ table.seats.length > 1 ? 'With ' + seat.childName : 'How you go about it' }}</p>
                    <ul class="list-disc pl-5">
                        <li v-for="line in seat.taught" :key="line">{{ line }}</li>
                    </ul>
                </div>
            </DisclosurePanel>
        </Disclosure>
        <p class="px-1 text-lg"><b>Guess first:</b> {{ table.predict }}</p>
        <RouterLink :to="{ query: { read: 1 } }" class="inline-flex min-h-11 items-center px-1 underline underline-offset-4"
            >Read it all through first</RouterLink
        >
        <p v-if="!awake" class="px-1 text-soft" data-goes-dark>
            This browser lets the screen go dark after a while. Touch it now and then, or set it to stay on longer.
        </p>
        <p v-if="opensAlone === false" class="px-1 text-soft" data-page-only>
            If the network drops, go on: everything is kept as long as this page stays open. To open Pindle here without the
            house, this device must trust it:
            <RouterLink :to="{ name: 'house', hash: '#devices' }" class="underline underline-offset-4"
                >the steps are in House</RouterLink
            >.
        </p>
        <div class="sticky bottom-0 -mx-3 border-t border-hem bg-linen p-3 md:static md:mx-0 md:border-0 md:p-0">
            <Button kind="strong" class="min-h-14 w-full text-lg" data-to-questions @click="ready">To the questions</Button>
        </div>
    </section>
</template>
