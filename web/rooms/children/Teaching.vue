<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { ArrowLeft } from '@lucide/vue';

import { useChildren, useHouse, useKeepChild } from '@/api/queries';
import Notice from '@/kit/Notice.vue';
import Schools from '@/kit/Schools.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';

import { inputOf } from './input';

/** How one child is taught, where good parents differ. */
const props = defineProps<{ childId: string }>();
const children = useChildren();
const house = useHouse();
const child = computed(() => children.data.value?.present.find((one) => one.id === props.childId));
const chosen = computed(() => Object.fromEntries(Object.entries(child.value?.settings ?? {})));
const otherwise = computed(() =>
    Object.fromEntries(
        (house.data.value?.questions ?? []).map((question) => [
            question.id,
            // What is in force now, unless it was chosen for this child: then what the house says.
            chosen.value[question.id] === undefined
                ? (child.value?.settingsUsed[question.id] ?? '')
                : (house.data.value?.settings[question.id] ?? question.answers[0]?.id ?? ''),
        ]),
    ),
);
const change = useKeepChild(() => {});
const choose = (settings: Record<string, string>) =>
    change.mutate({ id: props.childId, body: { ...inputOf(child.value!), settings } });
</script>

<template>
    <div class="max-w-4xl">
        <Wait v-if="children.isPending.value || house.isPending.value" what="Looking…" />
        <Notice v-else-if="children.error.value || house.error.value" :error="children.error.value ?? house.error.value" />
        <p v-else-if="!child">
            There is no such child here now. <RouterLink to="/children" class="underline">Children</RouterLink>
        </p>
        <template v-else-if="house.data.value">
            <RouterLink to="/children" class="mb-2 inline-flex min-h-11 items-center gap-1 font-bold text-deep"
                ><ArrowLeft :size="20" aria-hidden="true" /> Children</RouterLink
            >
            <h1 class="mb-2 flex items-center gap-2">
                <ThreadKnot :thread="child.thread" :size="28" /> How {{ child.name }} is taught
            </h1>
            <p class="mb-4 text-soft">
                Good parents differ on these, and children do well with each. What you do not choose here follows the house. A
                change holds from the next plan on.
            </p>
            <Notice :error="change.error.value" class="mb-4" />
            <div class="rounded-2xl border border-hem bg-paper p-5">
                <Schools
                    :questions="house.data.value.questions"
                    :chosen="chosen"
                    :otherwise="otherwise"
                    otherwise-words="As the house"
                    @choose="choose"
                />
            </div>
        </template>
    </div>
</template>
