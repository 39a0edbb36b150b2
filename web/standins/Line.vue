<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';

/** A line from nought: hops of one, or to the number that is touched; each leaves an arc. */
const props = defineProps<{ set: Schemas['StandInView']; thing: string | null }>();
const path = ref([props.set.a]);
const at = computed(() => path.value.at(-1) ?? 0);
const step = computed(() => (props.set.size > 30 ? 10 : 1));
const numbers = computed(() => Array.from({ length: Math.floor(props.set.size / step.value) + 1 }, (_, i) => i * step.value));
const width = computed(() => Math.max(320, (props.set.size / step.value) * (props.set.size > 12 ? 34 : 44) + 40));
const x = (number: number) => 20 + (number / props.set.size) * (width.value - 40);
const hops = computed(() => path.value.slice(1).map((to, i) => [path.value[i] ?? 0, to] as const));
const arc = (from: number, to: number) => {
    const [a, b] = [x(from), x(to)];
    return `M${a} 70Q${(a + b) / 2} ${70 - Math.min(60, 18 + Math.abs(b - a) / 2)} ${b} 70`;
};
function hop(to: number) {
    if (to >= 0 && to <= props.set.size && to !== at.value) {
        path.value = [...path.value, to];
    }
}
</script>

<template>
    <div class="space-y-3 text-center">
        <div class="overflow-x-auto" tabindex="0" role="group" aria-label="The line">
            <svg :viewBox="`0 0 ${width} 120`" :style="{ minWidth: `${width}px` }" class="mx-auto block h-36">
                <path
                    v-for="([from, to], i) in hops"
                    :key="i"
                    :d="arc(from, to)"
                    fill="none"
                    stroke="var(--color-wood)"
                    stroke-width="3"
                />
                <path :d="`M20 76H${width - 20}`" stroke="var(--color-ink)" stroke-width="3" />
                <g v-for="number in numbers" :key="number" class="cursor-pointer" @click="hop(number)">
                    <rect :x="x(number) - 17" y="56" width="34" height="62" fill="transparent" />
                    <path :d="`M${x(number)} 70v12`" stroke="var(--color-ink)" stroke-width="2" />
                    <text
                        :x="x(number)"
                        y="104"
                        text-anchor="middle"
                        class="text-[1.3rem]"
                        :font-weight="number === at ? 700 : 400"
                    >
                        {{ number }}
                    </text>
                </g>
                <circle :cx="x(at)" cy="62" r="8" fill="var(--color-deep)" stroke="var(--color-paper)" stroke-width="2" />
            </svg>
        </div>
        <div class="flex flex-wrap justify-center gap-2">
            <Button class="min-w-20 text-lg" data-hop-back :disabled="at <= 0" @click="hop(at - 1)">Hop back</Button>
            <Button class="min-w-20 text-lg" data-hop :disabled="at >= set.size" @click="hop(at + 1)">Hop on</Button>
            <Button kind="quiet" :disabled="path.length < 2" @click="path = path.slice(0, -1)">One hop less</Button>
            <Button kind="quiet" :disabled="path.length < 2" @click="path = [set.a]">Back to the start</Button>
        </div>
        <p role="status" class="sr-only">
            At {{ at }}, {{ hops.length }} {{ hops.length === 1 ? 'hop' : 'hops' }} from {{ set.a }}
        </p>
    </div>
</template>
