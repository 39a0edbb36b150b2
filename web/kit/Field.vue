<script setup lang="ts">
/** A labelled field with what is wrong with it, where something is. */
defineProps<{ label: string; id: string; error?: string | undefined; hint?: string }>();
</script>

<template>
    <div>
        <label :for="id" class="mb-1 block font-bold">{{ label }}</label>
        <slot />
        <p v-if="hint && !error" class="mt-1 text-sm text-soft">{{ hint }}</p>
        <p v-if="error" :id="id + '-error'" class="mt-1 font-bold text-care">{{ error }}</p>
    </div>
</template>
