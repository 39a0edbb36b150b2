<script setup lang="ts">
import QRCode from 'qrcode';
import { computed, ref, watchEffect } from 'vue';

import { nowMinute, useChanges } from '@/api/changes';
import type { Schemas } from '@/api/client';
import { useToday } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Woke from '@/kit/Woke.vue';

/** In the middle of it all: somebody woke, arms are full, another device or the other adult goes on, something to write down. */
const props = defineProps<{ at: string | undefined; note: string | null }>();
const emit = defineEmits<{ close: []; note: [words: string] }>();
const ARMS_MINUTES = 10;
const today = useToday();
const changes = useChanges(() => today.data.value);
const sleepers = computed(() => today.data.value?.children.filter((child) => child.sleeps && !child.absent) ?? []);
const woke = ref<Schemas['WokenView'][] | null>(null);
const full = ref(false);
const words = ref(props.note ?? '');
const code = ref('');
/** Where the other device begins: taps are at the house already, what was gone past is not. */
const address = computed(() => {
    const url = new URL(window.location.href);
    url.search = props.at ? '?from=' + props.at : '';
    return url.toString();
});
const isHere = ['127.0.0.1', 'localhost'].includes(window.location.hostname);
watchEffect(async () => {
    code.value = isHere ? '' : await QRCode.toDataURL(address.value, { margin: 1 });
});
function keep() {
    emit('note', words.value);
    emit('close');
}
</script>

<template>
    <Woke v-if="woke" :at-table="woke" @close="$emit('close')" />
    <Dialog v-else open title="In the middle of it" @close="$emit('close')">
        <div class="space-y-5">
            <div class="grid gap-2 sm:grid-cols-2">
                <Button
                    v-for="child in sleepers"
                    :key="child.id"
                    class="min-h-14"
                    :disabled="changes.busy.value"
                    :data-woke="child.id"
                    @click="changes.woke(child.id, (said) => (woke = said.atTable))"
                    >{{ child.name }} woke</Button
                >
                <Button
                    class="min-h-14"
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
            <section>
                <h3 class="font-bold">Somebody else goes on</h3>
                <p v-if="isHere" class="text-soft">
                    On the other device open Pindle: Today shows what is on the table, and <b>Go on</b> begins where you are. What
                    you tapped is there already.
                </p>
                <template v-else>
                    <p class="text-soft">Let the other device look at this, or open Today there and press <b>Go on</b>.</p>
                    <img :src="code" alt="A code with the address of this table" class="mx-auto mt-2 size-44" />
                </template>
            </section>
            <form @submit.prevent="keep">
                <label class="block">
                    <span class="font-bold">Something to remember</span>
                    <textarea v-model="words" rows="3" maxlength="500" class="mt-1" data-note />
                </label>
                <Button type="submit" class="mt-2">Keep the note</Button>
            </form>
        </div>
    </Dialog>
</template>
