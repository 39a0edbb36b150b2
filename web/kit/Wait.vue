<script setup lang="ts">
defineProps<{ what: string }>();
</script>

<template>
    <p class="py-10 text-center text-soft" role="status" data-wait>{{ what }}</p>
</template>
