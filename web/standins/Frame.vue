<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

import Piece from './Piece.vue';

/** A frame of five, ten or twenty: a touch fills the next place in the chosen order or takes the last one away; it can be hidden, and peeked at. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const filled = ref(props.set.n);
const covered = ref(false);
const frames = computed(() => (props.set.size > 10 ? 2 : 1));
const wide = computed(() => 1 + Math.max(...props.set.order.map(([column]) => column ?? 0)));
const high = computed(() => 1 + Math.max(...props.set.order.map(([, line]) => line ?? 0)));
const perFrame = computed(() => props.set.order.length);
/** The places of a frame as they lie, each with when it is filled. */
const places = computed(() =>
    [...props.set.order.entries()]
        .map(([nth, [column = 0, line = 0]]) => ({ nth, column, line }))
        .sort((a, b) => a.line - b.line || a.column - b.column),
);
let timer: ReturnType<typeof setTimeout> | undefined;

const name = (frame: number, nth: number) => {
    const place = (frame - 1) * perFrame.value + nth;
    return `Place ${place + 1}` + (covered.value ? '' : place < filled.value ? ', filled' : ', empty');
};

function touch(nth: number) {
    filled.value = nth < filled.value ? Math.max(0, filled.value - 1) : Math.min(props.set.size, filled.value + 1);
}
function peek(seconds: number) {
    covered.value = false;
    clearTimeout(timer);
    timer = setTimeout(() => (covered.value = true), seconds * 1000);
}
onBeforeUnmount(() => clearTimeout(timer));
</script>

<template>
    <div class="space-y-3 text-center">
        <div class="flex flex-wrap justify-center gap-5" :class="frames > 1 ? 'sm:flex-nowrap' : ''">
            <div
                v-for="frame in frames"
                :key="frame"
                class="grid overflow-hidden rounded-lg border-2 border-ink"
                :style="{ gridTemplateColumns: `repeat(${wide}, 3.4rem)`, gridTemplateRows: `repeat(${high}, 3.4rem)` }"
            >
                <button
                    v-for="place in places"
                    :key="place.nth"
                    type="button"
                    class="border border-hem bg-paper p-1"
                    :aria-label="name(frame, place.nth)"
                    :disabled="covered"
                    @click="touch((frame - 1) * perFrame + place.nth)"
                >
                    <span v-if="covered" class="block size-full bg-wood" />
                    <Piece
                        v-else-if="(frame - 1) * perFrame + place.nth < filled"
                        :thing="thing"
                        :other="(frame - 1) * perFrame + place.nth >= set.a && set.a > 0 && set.a < set.n"
                    />
                </button>
            </div>
        </div>
        <div class="flex flex-wrap justify-center gap-2">
            <Button @click="covered = !covered">{{ covered ? 'Uncover' : 'Cover it' }}</Button>
            <Button data-peek @click="peek(1)">Peek, 1 second</Button>
            <Button @click="peek(2)">Peek, 2 seconds</Button>
            <Button kind="quiet" @click="filled = 0">Empty it</Button>
        </div>
        <p role="status" class="sr-only">{{ covered ? 'Covered' : `${filled} of ${set.size} places filled` }}</p>
    </div>
</template>
