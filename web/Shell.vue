<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router';
import { Search } from '@lucide/vue';

import { waiting } from '@/api/outbox/items';
import { signedOut } from '@/api/client';
import { forget } from '@/api/forget';
import { useLock, useZoneOnce } from '@/api/queries';
import Dialog from '@/kit/Dialog.vue';
import Finder from '@/kit/Finder.vue';
import Refused from '@/kit/Refused.vue';
import { useKeys, useLead } from '@/kit/keys';

import Lock from './rooms/house/Lock.vue';
import { rooms as allRooms } from './router';

const route = useRoute();
const router = useRouter();
const lock = useLock();
/** A table device has Today and what is on the table. */
const rooms = computed(() => allRooms.filter((room) => lock.data.value?.who !== 'table' || room.name === 'today'));
const locked = computed(() => signedOut.value || (lock.data.value?.isSet === true && lock.data.value.who === null));
watch(locked, (is) => is && void forget());
useZoneOnce(() => lock.data.value?.who === 'parent' && !lock.data.value.demo);
const showKeys = ref(false);
const finding = ref(false);
/** Rooms worked in with one hand have the whole screen. */
const bare = computed(() => ['table', 'first-look', 'evening'].includes(String(route.name)));
// On a phone the rooms are wider than the screen: the one you are in is scrolled into sight.
watch(
    () => route.name,
    () => nextTick(() => document.querySelector('nav [aria-current]')?.scrollIntoView({ inline: 'nearest', block: 'nearest' })),
    { flush: 'post' },
);

useLead(Object.fromEntries(allRooms.map((room) => [room.key, () => void router.push({ name: room.name })])));
useKeys({ '?': () => (showKeys.value = true), '/': () => (finding.value = true) });
</script>

<template>
    <Lock v-if="locked" @in="lock.refetch()" />
    <template v-else>
        <a href="#room" class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3">Skip to the room</a>
        <header v-if="!bare" class="border-b-2 border-hem bg-paper">
            <div class="mx-auto flex max-w-7xl flex-wrap items-center gap-x-6 px-4">
                <RouterLink to="/" class="flex min-h-12 items-center gap-2 text-lg font-bold text-deep">
                    <img :src="'/icon.svg'" alt="" class="size-7" />
                    Pindle
                </RouterLink>
                <nav aria-label="Rooms" class="order-last -mx-2 flex w-full overflow-x-auto sm:order-none sm:w-auto sm:flex-1">
                    <RouterLink
                        v-for="room in rooms"
                        :key="room.name"
                        :to="{ name: room.name }"
                        class="flex min-h-12 items-center border-b-4 px-3 font-bold whitespace-nowrap"
                        :class="
                            route.name === room.name ? 'border-wood text-ink' : 'border-transparent text-soft hover:border-hem'
                        "
                        :aria-current="route.name === room.name ? 'page' : undefined"
                    >
                        {{ room.title }}
                    </RouterLink>
                </nav>
                <p v-if="waiting.length" class="text-sm font-bold text-care" role="status">
                    {{ waiting.length === 1 ? 'One tap waits' : `${waiting.length} taps wait` }} to be written down
                </p>
                <p v-if="lock.data.value?.demo" class="ml-auto text-sm text-soft">Sample household</p>
                <button
                    type="button"
                    class="flex min-h-11 items-center gap-1 rounded-lg px-2 text-sm font-bold text-deep hover:bg-linen"
                    :class="lock.data.value?.demo ? '' : 'ml-auto'"
                    @click="finding = true"
                >
                    <Search :size="18" aria-hidden="true" /> Find <kbd class="hidden text-soft md:inline">/</kbd>
                </button>
            </div>
        </header>
        <main id="room" tabindex="-1" class="mx-auto max-w-7xl outline-none" :class="bare ? '' : 'px-4 py-5'">
            <div v-if="!bare" class="mb-3 empty:hidden"><Refused /></div>
            <RouterView />
        </main>

        <Finder v-if="finding" @close="finding = false" />
        <Dialog :open="showKeys" title="Keys" @close="showKeys = false">
            <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
                <template v-for="room in rooms" :key="room.name">
                    <dt>
                        <kbd class="rounded border border-hem bg-linen px-2 py-1">g</kbd>
                        <kbd class="ml-1 rounded border border-hem bg-linen px-2 py-1">{{ room.key }}</kbd>
                    </dt>
                    <dd>{{ room.title }}</dd>
                </template>
                <dt><kbd class="rounded border border-hem bg-linen px-2 py-1">/</kbd></dt>
                <dd>Find a step, an activity, a thing or a child</dd>
                <dt><kbd class="rounded border border-hem bg-linen px-2 py-1">1 2 3 4</kbd></dt>
                <dd>At the table: at once, worked it out, with help, not yet</dd>
                <dt>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">u</kbd>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">m</kbd>
                </dt>
                <dd>At the table: take the last tap back; how they got there</dd>
                <dt>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">q</kbd>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">v</kbd>
                </dt>
                <dd>At the table: had enough; turn the screen to the child</dd>
                <dt>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">e</kbd>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">o</kbd>
                </dt>
                <dd>At the table: take the idea that is offered; another idea</dd>
            </dl>
        </Dialog>
    </template>
</template>
