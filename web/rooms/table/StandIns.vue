<script setup lang="ts">
import { computed, ref } from 'vue';

import { useStandIns } from '@/api/queries';
import { standInKinds } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import TopBar from '@/kit/TopBar.vue';
import Wait from '@/kit/Wait.vue';
import StandIn from '@/standins/StandIn.vue';

/** Dice, frames, lines and the rest on their own, when one is missing at the table. Nothing is recorded. */
const standIns = useStandIns();
const all = computed(() => standIns.data.value?.standIns ?? []);
const kinds = computed(() => [...new Set(all.value.map((one) => one.kind))]);
const kind = ref<keyof typeof standInKinds>('dice');
const sizes = computed(() => all.value.filter((one) => one.kind === kind.value));
const nth = ref(0);
const shown = computed(() => sizes.value[Math.min(nth.value, sizes.value.length - 1)]);
</script>

<template>
    <div class="flex min-h-dvh flex-col">
        <TopBar to="/" back="Today"><h1 class="text-lg">Things on the screen</h1></TopBar>
        <Wait v-if="standIns.isPending.value" what="Looking for the dice…" />
        <div v-else-if="!shown" class="p-4"><Notice :error="standIns.error.value" /></div>
        <div v-else class="mx-auto w-full max-w-3xl flex-1 space-y-4 p-3">
            <div class="flex flex-wrap gap-2" role="group" aria-label="Which one">
                <Button
                    v-for="one in kinds"
                    :key="one"
                    :kind="one === kind ? 'strong' : 'plain'"
                    :aria-pressed="one === kind"
                    @click="[kind, nth] = [one, 0]"
                    >{{ standInKinds[one] }}</Button
                >
            </div>
            <div v-if="sizes.length > 1" class="flex flex-wrap gap-2" role="group" aria-label="How large">
                <Button
                    v-for="(one, i) in sizes"
                    :key="one.size"
                    :aria-pressed="one === shown"
                    :class="one === shown ? 'bg-hem/60!' : ''"
                    @click="nth = i"
                    >{{ one.size }}</Button
                >
            </div>
            <div class="rounded-2xl border border-hem bg-paper p-4">
                <StandIn :key="kind + shown.size" :stand-in="shown" :thing="null" />
            </div>
            <p class="text-soft">Nothing of this is written down.</p>
        </div>
    </div>
</template>
