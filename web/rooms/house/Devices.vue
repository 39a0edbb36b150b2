<script setup lang="ts">
import { computed, ref, watch } from 'vue';

import { cache, useCode, useDevices, useSignOtherOut, useSignOut } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';

/** Phones and tablets: how they get in, and which ones are. */
const emit = defineEmits<{ out: [] }>();
const devices = useDevices();
const code = useCode();
const signOther = useSignOtherOut();
const signOut = useSignOut(() => {
    cache.clear();
    emit('out');
});
const best = computed(() => devices.data.value?.addresses[0]);
const link = computed(() => (best.value && code.data.value ? `${best.value}/#${code.data.value.code}` : null));
const picture = ref('');
watch(link, async (to) => {
    const { toDataURL } = await import('qrcode');
    picture.value = to ? await toDataURL(to, { margin: 2, scale: 8, errorCorrectionLevel: 'M' }) : '';
});
const used = (seconds: number) => new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }).format(seconds * 1000);
</script>

<template>
    <section class="mt-6 rounded-2xl border border-hem bg-paper p-5" aria-labelledby="devices">
        <h2 id="devices">Devices</h2>
        <Notice :error="devices.error.value ?? code.error.value ?? signOther.error.value ?? signOut.error.value" class="my-3" />
        <template v-if="devices.data.value">
            <p v-if="!best" class="text-soft">
                Only this machine is answered now. To have a phone or tablet at the table, end Pindle and start it with
                <code>./pindle start --lan</code>; it asks for a passphrase the first time.
            </p>
            <template v-else>
                <p class="mb-2 text-soft">
                    A phone or tablet on your own network reaches Pindle here, by an address that only your network knows:
                </p>
                <ul class="mb-3 font-mono">
                    <li v-for="address in devices.data.value.addresses" :key="address">{{ address }}</li>
                </ul>
                <Button :kind="code.data.value ? 'plain' : 'strong'" :disabled="code.isPending.value" @click="code.mutate()">{{
                    code.data.value ? 'Another code' : 'Let a phone or tablet in'
                }}</Button>
                <div v-if="code.data.value" class="mt-4 grid gap-5 sm:grid-cols-[auto_1fr]">
                    <img
                        v-if="picture"
                        :src="picture"
                        alt="The address with the code, for the camera of a phone"
                        class="size-52 rounded-xl border border-hem"
                    />
                    <ol class="list-decimal space-y-2 pl-5">
                        <li>
                            On the phone, open <b class="font-mono break-all">{{ best }}</b> or point its camera at the square.
                        </li>
                        <li>
                            The first time it warns, for it does not know this house yet. Go on, take the
                            <a class="font-bold text-deep underline" href="/api/lock/root">house’s certificate</a> (open
                            <span class="font-mono">{{ best }}/api/lock/root</span> there), install it, and then switch it to
                            <i>trusted in full</i> in the phone’s settings. It can vouch for this house only. Without that
                            everything works but being used without the network.
                        </li>
                        <li>
                            Type the code if it is asked for:
                            <b class="block font-mono text-2xl tracking-widest" data-code>{{ code.data.value.code }}</b>
                            It is good for {{ code.data.value.minutes }} minutes and for one device, which is then for the table.
                            One that gives the passphrase instead is yours, like this.
                        </li>
                    </ol>
                </div>
                <p v-if="devices.data.value.fingerprint" class="mt-3 text-sm text-soft">
                    The certificate’s fingerprint (SHA-256), to compare with what the phone shows:
                    <span class="block font-mono break-words">{{ devices.data.value.fingerprint }}</span>
                </p>
            </template>
            <template v-if="devices.data.value.isSet">
                <h3 class="mt-5 font-bold">Signed in</h3>
                <ul class="divide-y divide-hem border-y border-hem">
                    <li
                        v-for="device in devices.data.value.devices"
                        :key="device.id"
                        class="flex flex-wrap items-center gap-x-4 py-1"
                    >
                        <span class="flex-1"
                            ><b>{{ device.name }}</b>
                            <span class="text-soft"
                                >, {{ device.who === 'parent' ? 'yours' : 'for the table' }}, used {{ used(device.used)
                                }}{{ device.isThis ? ', this one' : '' }}</span
                            ></span
                        >
                        <Button v-if="device.isThis" kind="quiet" @click="signOut.mutate()">Sign this one out</Button>
                        <Button v-else kind="quiet" @click="signOther.mutate(device.id)">Sign it out</Button>
                    </li>
                </ul>
                <p class="mt-2 text-sm text-soft">
                    A device that is signed out forgets names and plans; taps that wait on it stay there until it is let in again.
                </p>
            </template>
        </template>
    </section>
</template>
