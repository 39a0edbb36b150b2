<script setup lang="ts">
import type { Schemas } from '@/api/client';

/** What to lay out, show and say: read once, then out of the way. */
defineProps<{ table: Schemas['TableView']; bare?: boolean }>();
</script>

<template>
    <div class="space-y-3" :class="bare ? '' : 'rounded-2xl border border-hem bg-paper p-4'">
        <div v-if="table.cautions.length" class="space-y-1 rounded-lg bg-care-cloth px-3 py-2 text-care">
            <p v-for="caution in table.cautions" :key="caution">{{ caution }}</p>
            <p class="text-sm">The usual cautions; labels, local rules and doctors come first.</p>
        </div>
        <div>
            <h2>Lay out</h2>
            <ul class="list-disc pl-5">
                <li v-for="prop in table.props" :key="prop">{{ prop }}</li>
            </ul>
            <p v-if="!table.props.length">Nothing at all.</p>
            <p v-if="table.layOut" class="text-soft">{{ table.layOut }}</p>
            <p v-for="line in table.measured" :key="line" class="mt-1 text-[0.95rem]">{{ line }}</p>
        </div>
        <div>
            <h2>Show</h2>
            <ol class="list-decimal pl-6">
                <li v-for="line in table.show" :key="line">{{ line }}</li>
            </ol>
        </div>
        <p><b>Guess first:</b> {{ table.predict }}</p>
        <p><b>Easier:</b> {{ table.easier }}</p>
        <p><b>Further:</b> {{ table.further }}</p>
        <p><b>Their turn:</b> {{ table.childTurn }}</p>
        <p><b>An elder:</b> {{ table.twist }}</p>
        <p><b>A little one:</b> {{ table.toddlerJob }}</p>
        <p v-if="table.waiting && table.seats.length > 1"><b>Who waits:</b> {{ table.waiting }}</p>
    </div>
</template>
