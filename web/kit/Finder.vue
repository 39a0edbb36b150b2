<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/vue';
import { ref } from 'vue';
import { useRouter } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useFind } from '@/api/queries';

/** Finds a step, an activity, a thing or a child by name. */
const emit = defineEmits<{ close: [] }>();
const router = useRouter();
const wanted = ref('');
const chosen = ref<Schemas['FoundView'] | null>(null);
const found = useFind(wanted);

function go(one: Schemas['FoundView'] | null) {
    if (one) {
        emit('close');
        void router.push(one.path);
    }
}
</script>

<template>
    <Dialog open class="relative z-40" @close="$emit('close')">
        <div class="fixed inset-0 bg-ink/50" aria-hidden="true" />
        <div class="fixed inset-0 flex items-start justify-center p-4 pt-[12vh]">
            <DialogPanel class="w-full max-w-xl rounded-2xl border border-hem bg-paper p-4">
                <Combobox :model-value="chosen" nullable @update:model-value="go">
                    <ComboboxInput
                        class="text-lg"
                        aria-label="Find a step, an activity, a thing or a child"
                        placeholder="Find a step, an activity, a thing or a child"
                        autocomplete="off"
                        @change="wanted = $event.target.value"
                    />
                    <ComboboxOptions static class="mt-2 max-h-[50vh] overflow-auto">
                        <ComboboxOption
                            v-for="one in wanted.trim() ? (found.data.value?.found ?? []) : []"
                            :key="one.path"
                            v-slot="{ active }"
                            :value="one"
                            as="template"
                        >
                            <li
                                class="flex min-h-11 items-center gap-3 rounded-lg px-3 py-1"
                                :class="active ? 'bg-deep text-white' : ''"
                                :data-found="one.kind"
                            >
                                <span class="w-20 shrink-0 text-sm">{{ one.kind }}</span>
                                <span class="min-w-0 flex-1"
                                    ><b>{{ one.name }}</b> <span class="text-sm">{{ one.more }}</span></span
                                >
                            </li>
                        </ComboboxOption>
                    </ComboboxOptions>
                    <p
                        v-if="wanted.trim() && found.data.value && !found.data.value.found.length"
                        class="p-3 text-soft"
                        role="status"
                    >
                        Nothing is called that.
                    </p>
                </Combobox>
            </DialogPanel>
        </div>
    </Dialog>
</template>
