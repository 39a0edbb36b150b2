<script setup lang="ts">
/** Chooses one file or several off this device; looks like a button. What else is said of it stands on the field. */
defineOptions({ inheritAttrs: false });
withDefaults(defineProps<{ accept: string; disabled?: boolean; multiple?: boolean; quiet?: boolean }>(), {
    disabled: false,
    multiple: false,
    quiet: false,
});
const emit = defineEmits<{ chosen: [files: File[]] }>();
function chosen(event: Event) {
    const input = event.target as HTMLInputElement;
    const files = [...(input.files ?? [])];
    // The same file can be chosen once more.
    input.value = '';
    if (files.length) {
        emit('chosen', files);
    }
}
</script>

<template>
    <label
        class="inline-flex min-h-11 cursor-pointer items-center gap-2 rounded-lg font-bold text-deep"
        :class="[
            quiet ? 'underline decoration-2 underline-offset-4 hover:bg-hem/40' : 'border-2 border-deep px-4 py-2 hover:bg-linen',
            'focus-within:outline-3 focus-within:outline-deep',
            disabled ? 'opacity-50' : '',
        ]"
    >
        <slot />
        <input
            type="file"
            :accept="accept"
            :multiple="multiple"
            class="sr-only"
            :disabled="disabled"
            v-bind="$attrs"
            @change="chosen"
        />
    </label>
</template>
