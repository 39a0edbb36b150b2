<script setup lang="ts">
import type { Schemas } from '@/api/client';
import Cautions from '@/kit/Cautions.vue';
import Picture from '@/scene/Picture.vue';

/** One activity in a few lines, on the screen and on paper. */
defineProps<{ offer: Schemas['OfferView'] }>();
</script>

<template>
    <article class="rounded-2xl border border-hem bg-paper p-5 print:border-0 print:p-0" data-offer>
        <h2 class="text-xl">{{ offer.name }}</h2>
        <p class="text-soft">{{ offer.inShort }}</p>
        <Cautions :cautions="offer.cautions" class="mt-2" />
        <div v-if="offer.picture" class="my-3 h-32"><Picture :svg="offer.picture" /></div>
        <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
            <dt class="text-soft">Put out</dt>
            <dd class="font-bold">{{ offer.putOut.length ? offer.putOut.join(', ') : 'nothing' }}</dd>
            <dt class="text-soft">Say</dt>
            <dd class="font-bold">{{ offer.say }}</dd>
            <dt class="text-soft">Look for</dt>
            <dd>{{ offer.lookFor }}</dd>
            <dt class="text-soft">If easy</dt>
            <dd>{{ offer.ifEasy }}</dd>
            <dt class="text-soft">If hard</dt>
            <dd>{{ offer.ifHard }}</dd>
        </dl>
    </article>
</template>
