<script setup lang="ts">
import { computed } from 'vue';

/** A labelled field with what is wrong with it, where something is: the control in the slot is bound to both. */
const props = defineProps<{ label: string; id: string; error?: string | undefined; hint?: string }>();
const control = computed(() => ({
    id: props.id,
    'aria-invalid': props.error ? ('true' as const) : undefined,
    'aria-describedby': props.error ? `${props.id}-error` : props.hint ? `${props.id}-hint` : undefined,
}));
</script>

<template>
    <div>
        <label :for="id" class="mb-1 block font-bold">{{ label }}</label>
        <slot :control="control" />
        <p v-if="hint && !error" :id="id + '-hint'" class="mt-1 text-sm text-soft">{{ hint }}</p>
        <p v-if="error" :id="id + '-error'" class="mt-1 font-bold text-care">{{ error }}</p>
    </div>
</template>
