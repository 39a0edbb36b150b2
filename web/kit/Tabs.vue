<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanels } from '@headlessui/vue';

/** Pages of one room under their names; the pages are TabPanel in the slot. */
defineProps<{ names: string[] }>();
const open = defineModel<number>({ required: true });
</script>

<template>
    <TabGroup :selected-index="open" @change="open = $event">
        <TabList class="mb-4 flex gap-2 border-b-2 border-hem">
            <Tab v-for="name in names" :key="name" v-slot="{ selected }" as="template">
                <button
                    type="button"
                    class="-mb-0.5 min-h-11 border-b-4 px-3 font-bold"
                    :class="selected ? 'border-wood text-ink' : 'border-transparent text-soft'"
                >
                    {{ name }}
                </button>
            </Tab>
        </TabList>
        <TabPanels><slot /></TabPanels>
    </TabGroup>
</template>
