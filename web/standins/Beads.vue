<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';

/** Two strings of ten beads: a touch slides them as far as that one, another slides it back. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const slid = ref([Math.min(10, props.set.a), Math.min(10, props.set.b)]);
const place = (bead: number, many: number) => (bead <= many ? 16 + (bead - 1) * 21 : 378 - (10 - bead) * 21);
function slide(string: number, bead: number) {
    slid.value = slid.value.map((many, i) => (i === string ? (bead <= many ? bead - 1 : bead) : many));
}
</script>

<template>
    <div class="space-y-4">
        <div v-for="(many, string) in slid" :key="string" role="group" :aria-label="`String ${string + 1}: ${many} slid over`">
            <svg viewBox="0 0 394 44" class="block w-full">
                <path d="M2 22H392" stroke="var(--color-soft)" stroke-width="3" />
                <g
                    v-for="bead in 10"
                    :key="bead"
                    tabindex="0"
                    role="button"
                    :aria-label="`Bead ${bead}${bead <= many ? ', slid over' : ''}`"
                    :data-bead="`${string} ${bead}`"
                    class="cursor-pointer transition-transform duration-300"
                    :style="{ transform: `translateX(${place(bead, many)}px)` }"
                    @click="slide(string, bead)"
                    @keydown.enter.prevent="slide(string, bead)"
                    @keydown.space.prevent="slide(string, bead)"
                >
                    <rect x="-10" y="0" width="20" height="44" fill="transparent" />
                    <circle
                        cx="0"
                        cy="22"
                        r="10"
                        :fill="bead <= 5 ? 'var(--color-wood)' : 'var(--color-paper)'"
                        stroke="var(--color-ink)"
                        stroke-width="2"
                    />
                </g>
            </svg>
        </div>
        <p role="status" class="sr-only">{{ slid[0] }} on the first string, {{ slid[1] }} on the second</p>
    </div>
</template>
