<script setup lang="ts">
/** Shows a picture as the server drew it: SVG with its own words for those who hear it. */
defineProps<{ svg: string }>();
</script>

<template>
    <!-- eslint-disable-next-line vue/no-v-html -- drawn by our own server from our own data, all text escaped there -->
    <span class="block size-full [&>svg]:size-full" v-html="svg" />
</template>
