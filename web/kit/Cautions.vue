<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue';
import { TriangleAlert } from '@lucide/vue';

import { computed } from 'vue';

import type { Schemas } from '@/api/client';

/** Words of care as chips; the sentence, the reason and where it is from are one tap behind. One chip a word, whomever it is for. */
const props = defineProps<{ cautions: Schemas['CautionView'][] }>();

const chips = computed(() => {
    const byWord = new Map<string, Schemas['CautionView'][]>();
    for (const caution of props.cautions) {
        byWord.set(caution.short, [...(byWord.get(caution.short) ?? []), caution]);
    }
    return [...byWord];
});
</script>

<template>
    <div v-if="cautions.length" class="text-care" data-cautions>
        <div class="flex flex-wrap items-start gap-2">
            <Disclosure v-for="[short, same] in chips" :key="short" v-slot="{ open }" as="div">
                <DisclosureButton
                    class="inline-flex min-h-8 items-center gap-1.5 rounded-lg bg-care-cloth px-2.5 text-sm font-bold"
                    :class="open ? 'rounded-b-none' : ''"
                    ><TriangleAlert :size="16" aria-hidden="true" />{{ short
                    }}<span class="sr-only">. Why?</span></DisclosureButton
                >
                <DisclosurePanel class="max-w-md rounded-lg rounded-tl-none bg-care-cloth px-3 py-2 text-sm">
                    <template v-for="(caution, i) in same" :key="caution.say">
                        <p>{{ caution.say }}</p>
                        <p v-if="caution.why !== same[i + 1]?.why" class="mt-1">
                            {{ caution.why }} <span class="opacity-80">{{ caution.source }}</span>
                        </p>
                    </template>
                    <p class="mt-1">The usual cautions; labels, local rules and doctors come first.</p>
                </DisclosurePanel>
            </Disclosure>
        </div>
    </div>
</template>
