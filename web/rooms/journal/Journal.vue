<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue';
import { RouterLink } from 'vue-router';

/** What happened, and what do I show others? Its pages stand side by side; each is an address. */
const props = defineProps<{ page?: string }>();
const pages: { name: string; title: string; component: Component }[] = [
    { name: '', title: 'Days', component: defineAsyncComponent(() => import('./Days.vue')) },
    { name: 'year', title: 'The year', component: defineAsyncComponent(() => import('./Year.vue')) },
    { name: 'along', title: 'How they come along', component: defineAsyncComponent(() => import('./Along.vue')) },
    { name: 'letter', title: 'Letter', component: defineAsyncComponent(() => import('./Letter.vue')) },
    { name: 'portfolio', title: 'Portfolio', component: defineAsyncComponent(() => import('./Portfolio.vue')) },
    { name: 'in-and-out', title: 'In and out', component: defineAsyncComponent(() => import('./InAndOut.vue')) },
];
const open = computed(() => pages.find(({ name }) => name === (props.page ?? '')) ?? pages[0]!);
</script>

<template>
    <div>
        <h1 class="mb-3">What happened</h1>
        <nav aria-label="Pages of the journal" class="mb-5 flex flex-wrap gap-x-1 border-b-2 border-hem">
            <RouterLink
                v-for="one in pages"
                :key="one.name"
                :to="{ name: 'journal', params: { page: one.name } }"
                class="-mb-0.5 flex min-h-11 items-center border-b-4 px-3 font-bold whitespace-nowrap"
                :class="one === open ? 'border-wood text-ink' : 'border-transparent text-soft hover:border-hem'"
                :aria-current="one === open ? 'page' : undefined"
                :data-page="one.name || 'days'"
                >{{ one.title }}</RouterLink
            >
        </nav>
        <component :is="open.component" />
    </div>
</template>
