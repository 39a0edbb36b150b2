<script setup lang="ts">
import QRCode from 'qrcode';
import { computed, ref, watchEffect } from 'vue';

import type { About } from '@/api/photographs';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import TakePhotograph from '@/kit/TakePhotograph.vue';

/** In the middle of it all: another device or the other adult goes on, a photograph, something to write down. */
const props = defineProps<{ at: string | undefined; note: string | null; about: About }>();
const emit = defineEmits<{ close: []; note: [words: string] }>();
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
    <Dialog open title="In the middle of it" @close="$emit('close')">
        <div class="space-y-5">
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
            <section>
                <h3 class="font-bold">What lies on the table</h3>
                <TakePhotograph :about="about" words="A photograph for the Journal" class="mt-1" />
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
