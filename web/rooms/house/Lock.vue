<script setup lang="ts">
import { KeyRound, Smartphone } from '@lucide/vue';
import { computed, ref } from 'vue';

import { signedOut } from '@/api/client';
import { waiting } from '@/api/outbox/items';
import { cache, useSignIn } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import { Problem } from '@/api/client';

/** Before the house knows this device: the passphrase makes it the parent's, a code from the House room one for the table. */
const fromLink = decodeURIComponent(location.hash.slice(1));
const byCode = ref(fromLink !== '' || /Mobi|Android/.test(navigator.userAgent));
const code = ref(fromLink);
const passphrase = ref('');
const shown = ref(false);
const name = ref(
    /iPad|Tablet/.test(navigator.userAgent) ? 'Tablet' : /Mobi|Android/.test(navigator.userAgent) ? 'Phone' : 'Laptop',
);

const signIn = useSignIn(() => {
    history.replaceState(null, '', location.pathname);
    signedOut.value = false;
    void cache.resetQueries();
    void import('@/api/outbox/send').then(({ settle }) => settle());
    emit('in');
});
const emit = defineEmits<{ in: [] }>();
const problem = computed(() => (signIn.error.value instanceof Problem ? signIn.error.value : null));
const go = () =>
    signIn.mutate({
        name: name.value,
        passphrase: byCode.value ? null : passphrase.value,
        code: byCode.value ? code.value : null,
    });
</script>

<template>
    <main class="mx-auto flex min-h-dvh max-w-md flex-col justify-center gap-5 p-5">
        <div>
            <img :src="'/icon.svg'" alt="" class="mb-2 size-14" />
            <h1>Who is at the door?</h1>
            <p class="text-soft">
                This house has a lock. Let in once, a device stays let in as long as it is used every ninety days.
            </p>
        </div>
        <p v-if="waiting.length" role="status" class="rounded-lg bg-care-cloth px-4 py-2 text-care">
            {{ waiting.length === 1 ? 'One tap waits' : `${waiting.length} taps wait` }} on this device. Nothing is lost; it goes
            on as soon as it is let in.
        </p>
        <form class="space-y-4 rounded-2xl border border-hem bg-paper p-5" @submit.prevent="go">
            <div class="grid grid-cols-2 gap-2" role="group" aria-label="How do you come in?">
                <button
                    type="button"
                    class="flex min-h-14 items-center justify-center gap-2 rounded-xl border-2 px-2 font-bold"
                    :class="byCode ? 'border-hem text-soft' : 'border-deep bg-linen text-deep'"
                    :aria-pressed="!byCode"
                    @click="byCode = false"
                >
                    <KeyRound :size="20" aria-hidden="true" /> Passphrase
                </button>
                <button
                    type="button"
                    class="flex min-h-14 items-center justify-center gap-2 rounded-xl border-2 px-2 font-bold"
                    :class="byCode ? 'border-deep bg-linen text-deep' : 'border-hem text-soft'"
                    :aria-pressed="byCode"
                    @click="byCode = true"
                >
                    <Smartphone :size="20" aria-hidden="true" /> Code
                </button>
            </div>
            <Field
                v-if="byCode"
                id="code"
                v-slot="{ control }"
                label="The code"
                :error="problem?.fields.code"
                hint="From the House room, under Devices. This device is then for the table: Today, and what is on it."
            >
                <input
                    v-model="code"
                    v-bind="control"
                    class="font-mono text-xl tracking-widest"
                    autocapitalize="none"
                    autocomplete="off"
                    spellcheck="false"
                    required
                />
            </Field>
            <Field v-else id="passphrase" v-slot="{ control }" label="The passphrase" :error="problem?.fields.passphrase">
                <input
                    v-model="passphrase"
                    v-bind="control"
                    :type="shown ? 'text' : 'password'"
                    autocomplete="current-password"
                    required
                />
                <label class="mt-1 flex min-h-11 items-center gap-2 text-sm">
                    <input v-model="shown" type="checkbox" class="size-5" /> Show it
                </label>
            </Field>
            <Field id="device-name" v-slot="{ control }" label="This device is" :error="problem?.fields.name">
                <input v-model="name" v-bind="control" maxlength="60" required />
            </Field>
            <Notice v-if="problem && !Object.keys(problem.fields).some((field) => field)" :error="problem" />
            <Button kind="strong" type="submit" class="w-full" :disabled="signIn.isPending.value">Come in</Button>
        </form>
        <p class="text-sm text-soft">
            Forgotten? On the machine that runs Pindle, <code>./pindle passphrase</code> sets a new one; every device then signs
            in anew.
        </p>
    </main>
</template>
