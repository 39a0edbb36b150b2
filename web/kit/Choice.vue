<script setup lang="ts" generic="T extends string">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue';
import { Check, ChevronDown } from '@lucide/vue';

defineProps<{ modelValue: T; label: string; options: { value: T; words: string; note?: string }[] }>();
defineEmits<{ 'update:modelValue': [value: T] }>();
</script>

<template>
    <Listbox :model-value="modelValue" as="div" class="relative" @update:model-value="$emit('update:modelValue', $event)">
        <ListboxLabel v-if="label" class="mb-1 block font-bold">{{ label }}</ListboxLabel>
        <ListboxButton
            class="flex min-h-11 w-full items-center justify-between rounded-lg border-[1.5px] border-field bg-paper px-3 text-left"
        >
            {{ options.find((option) => option.value === modelValue)?.words }}
            <ChevronDown :size="20" aria-hidden="true" />
        </ListboxButton>
        <ListboxOptions
            class="absolute z-40 mt-1 max-h-72 w-full overflow-auto rounded-lg border border-hem bg-paper py-1 shadow-lg"
        >
            <ListboxOption
                v-for="option in options"
                :key="option.value"
                v-slot="{ active, selected }"
                :value="option.value"
                as="template"
            >
                <li class="flex gap-2 px-3 py-2" :class="active ? 'bg-deep text-white' : ''">
                    <Check :size="20" class="mt-0.5 shrink-0" :class="selected ? '' : 'invisible'" aria-hidden="true" />
                    <span
                        >{{ option.words }}<span v-if="option.note" class="block text-sm">{{ option.note }}</span></span
                    >
                </li>
            </ListboxOption>
        </ListboxOptions>
    </Listbox>
</template>
