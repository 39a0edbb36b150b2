<script setup lang="ts">
import type { Schemas } from '@/api/client';
import Cautions from '@/kit/Cautions.vue';

/** What to lay out, show and say: read once, then out of the way. */
defineProps<{ table: Schemas['TableView']; bare?: boolean }>();
</script>

<template>
    <div class="space-y-3" :class="bare ? '' : 'rounded-2xl border border-hem bg-paper p-4'">
        <Cautions :cautions="table.cautions" />
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
        <div v-for="seat in table.seats" :key="seat.sittingId">
            <h2>{{ table.seats.length > 1 ? 'With ' + seat.childName : 'How you go about it' }}</h2>
            <ul class="list-disc pl-5">
                <li v-for="line in seat.taught" :key="line">{{ line }}</li>
            </ul>
        </div>
        <p><b>Guess first:</b> {{ table.predict }}</p>
        <p><b>Easier:</b> {{ table.easier }}</p>
        <p><b>Further:</b> {{ table.further }}</p>
        <p><b>Their turn:</b> {{ table.childTurn }}</p>
        <p><b>How they check:</b> {{ table.check }}</p>
        <p v-if="table.twist">{{ table.twist }}</p>
        <p v-if="table.toddlerJob">{{ table.toddlerJob }}</p>
        <p v-if="table.waiting && table.seats.length > 1"><b>Who waits:</b> {{ table.waiting }}</p>
    </div>
</template>
