<script setup lang="ts">
import { computed, ref } from 'vue';

import { nowMinute, useChanges } from '@/api/changes';
import type { Schemas } from '@/api/client';
import { useToday } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import Woke from '@/kit/Woke.vue';

/** What happens in the middle of it: somebody woke, or the arms are full. One tap from any question. */
const ARMS_MINUTES = 10;
const today = useToday();
const changes = useChanges(() => today.data.value);
const sleepers = computed(() => today.data.value?.children.filter((child) => child.sleeps && !child.absent) ?? []);
const woke = ref<Schemas['WokenView'][] | null>(null);
const full = ref(false);
</script>

<template>
    <div>
        <div class="flex flex-wrap gap-2">
            <Button
                v-for="child in sleepers"
                :key="child.id"
                kind="quiet"
                :disabled="changes.busy.value"
                :data-woke="child.id"
                @click="changes.woke(child.id, (said) => (woke = said.atTable))"
                >{{ child.name }} woke</Button
            >
            <Button
                kind="quiet"
                :disabled="changes.busy.value"
                data-arms
                @click="changes.less('arms-full', nowMinute(), ARMS_MINUTES, () => (full = true))"
                >My arms are full</Button
            >
        </div>
        <p v-if="full" role="status">
            Ten minutes: what is only said goes on, what wants your hands waits. Go on here by voice, or leave it lying.
        </p>
        <Notice :error="changes.error.value" />
        <Woke v-if="woke" :at-table="woke" @close="woke = null" />
    </div>
</template>
