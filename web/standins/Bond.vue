<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';

import Piece from './Piece.vue';

/** A big plate and two small ones: what is touched goes from the big plate to a small one, from there to the other, and back. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
/** Where each is: 0 on the big plate, 1 and 2 on the small ones. */
const where = ref<number[]>(Array.from({ length: props.set.n }, (_, i) => (i < props.set.a ? 1 : 0)));
const on = (plate: number) => where.value.flatMap((of, i) => (of === plate ? [i] : []));
const counts = computed(() => [0, 1, 2].map((plate) => on(plate).length));
const names = ['the big plate', 'the first small plate', 'the second small plate'];
const move = (piece: number) => (where.value = where.value.map((of, i) => (i === piece ? (of + 1) % 3 : of)));
</script>

<template>
    <div class="mx-auto grid max-w-md grid-cols-2 gap-3">
        <div
            v-for="plate in [0, 1, 2]"
            :key="plate"
            class="flex min-h-28 flex-wrap content-center items-center justify-center gap-1 rounded-full border-2 border-ink bg-paper p-4"
            :class="plate === 0 ? 'col-span-2 mx-auto w-3/4' : ''"
            role="group"
            :aria-label="names[plate]"
        >
            <button
                v-for="piece in on(plate)"
                :key="piece"
                type="button"
                class="size-11 p-1"
                :aria-label="`One on ${names[plate]}`"
                :data-on="plate"
                @click="move(piece)"
            >
                <Piece :thing="thing" />
            </button>
        </div>
        <p role="status" class="sr-only">
            {{ counts[0] }} on the big plate, {{ counts[1] }} and {{ counts[2] }} on the small ones
        </p>
    </div>
</template>
