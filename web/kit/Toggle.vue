<script setup lang="ts">
import { Switch, SwitchGroup, SwitchLabel } from '@headlessui/vue';

defineProps<{ modelValue: boolean; label: string }>();
defineEmits<{ 'update:modelValue': [value: boolean] }>();
</script>

<template>
    <SwitchGroup as="div" class="flex min-h-11 items-center gap-3">
        <Switch
            :model-value="modelValue"
            class="relative h-7 w-12 shrink-0 rounded-full border-2 border-deep"
            :class="modelValue ? 'bg-deep' : 'bg-paper'"
            @update:model-value="$emit('update:modelValue', $event)"
        >
            <span class="absolute top-0.5 size-5 rounded-full" :class="modelValue ? 'left-5.5 bg-white' : 'left-0.5 bg-deep'" />
        </Switch>
        <SwitchLabel>{{ label }}</SwitchLabel>
    </SwitchGroup>
</template>
