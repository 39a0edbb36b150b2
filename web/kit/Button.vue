<script setup lang="ts">
/** The one button of the house: plain, strong, or quiet. */
withDefaults(defineProps<{ kind?: 'plain' | 'strong' | 'quiet'; type?: 'button' | 'submit'; disabled?: boolean }>(), {
    kind: 'plain',
    type: 'button',
});
</script>

<template>
    <button
        :type="type"
        :disabled="disabled"
        class="inline-flex min-h-11 items-center justify-center gap-2 rounded-lg px-4 py-2 font-bold disabled:opacity-50"
        :class="{
            'border-2 border-deep bg-paper text-deep hover:bg-linen': kind === 'plain',
            'border-2 border-deep bg-deep text-white hover:bg-deep-dark': kind === 'strong',
            'text-deep underline decoration-2 underline-offset-4 hover:bg-hem/40': kind === 'quiet',
        }"
    >
        <slot />
    </button>
</template>
