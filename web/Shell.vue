<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router';
import { LayoutGrid, Menu, Search, Sun, Waypoints } from '@lucide/vue';

import { waiting } from '@/api/outbox/items';
import { signedOut } from '@/api/client';
import { forget } from '@/api/forget';
import { takeNewer } from '@/api/kept';
import { useLock, useToday, useZoneOnce } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Refused from '@/kit/Refused.vue';
import { useKeys, useLead } from '@/kit/keys';

import { rooms as allRooms } from './router';

const Finder = defineAsyncComponent(() => import('@/kit/Finder.vue'));
const Lock = defineAsyncComponent(() => import('./rooms/house/Lock.vue'));

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
const bare = computed(() => ['table', 'first-look', 'evening', 'stand-ins'].includes(String(route.name)));
/** On a phone, at the thumb: Today, what is on the table, the Map, and the rest behind one sheet. */
const more = ref(false);
const today = useToday(() => !locked.value && !bare.value && route.name !== undefined);
const onTable = computed(() => today.data.value?.setUps.find((setUp) => setUp.state !== 'done')?.id);
const atThumb = computed(() => rooms.value.filter((room) => ['today', 'map'].includes(room.name)));
const behind = computed(() => rooms.value.filter((room) => !['today', 'map'].includes(room.name)));
watch(
    () => route.fullPath,
    () => (more.value = false),
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
                <nav aria-label="Rooms" class="hidden flex-1 flex-wrap sm:flex">
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
        <p
            v-if="takeNewer && !bare"
            class="flex flex-wrap items-center justify-center gap-3 border-b border-hem bg-linen px-4 py-2"
            role="status"
        >
            A newer Pindle is there. <Button kind="quiet" data-newer @click="takeNewer()">Use it now</Button>
        </p>
        <main id="room" tabindex="-1" class="mx-auto max-w-7xl outline-none" :class="bare ? '' : 'px-4 pt-5 pb-24 sm:pb-5'">
            <div v-if="!bare" class="mb-3 empty:hidden"><Refused /></div>
            <RouterView />
        </main>

        <nav
            v-if="!bare"
            class="fixed inset-x-0 bottom-0 z-20 flex border-t-2 border-hem bg-paper sm:hidden print:hidden"
            aria-label="Rooms at the thumb"
        >
            <RouterLink
                v-for="room in atThumb"
                :key="room.name"
                :to="{ name: room.name }"
                class="flex min-h-14 flex-1 flex-col items-center justify-center border-t-4 text-sm font-bold"
                :class="route.name === room.name ? 'border-wood text-ink' : 'border-transparent text-soft'"
                :aria-current="route.name === room.name ? 'page' : undefined"
            >
                <component :is="room.name === 'today' ? Sun : Waypoints" :size="22" aria-hidden="true" /> {{ room.title }}
            </RouterLink>
            <RouterLink
                v-if="onTable"
                :to="{ name: 'table', params: { setUpId: onTable } }"
                class="order-first flex min-h-14 flex-1 flex-col items-center justify-center border-t-4 border-transparent text-sm font-bold text-soft"
            >
                <LayoutGrid :size="22" aria-hidden="true" /> Table
            </RouterLink>
            <button
                v-if="behind.length"
                type="button"
                class="flex min-h-14 flex-1 flex-col items-center justify-center border-t-4 border-transparent text-sm font-bold text-soft"
                aria-haspopup="dialog"
                data-more-rooms
                @click="more = true"
            >
                <Menu :size="22" aria-hidden="true" /> More
            </button>
        </nav>
        <Dialog :open="more" title="Rooms" @close="more = false">
            <div class="grid grid-cols-2 gap-2">
                <RouterLink
                    v-for="room in behind"
                    :key="room.name"
                    :to="{ name: room.name }"
                    class="flex min-h-14 items-center justify-center rounded-lg border-2 border-hem font-bold"
                    :class="route.name === room.name ? 'bg-linen' : ''"
                    @click="more = false"
                    >{{ room.title }}</RouterLink
                >
                <RouterLink
                    :to="{ name: 'stand-ins' }"
                    class="flex min-h-14 items-center justify-center rounded-lg border-2 border-hem text-center font-bold"
                    >Things on the screen</RouterLink
                >
            </div>
        </Dialog>
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
                <dt>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">&lt;</kbd>
                    <kbd class="ml-1 rounded border border-hem bg-linen px-2 py-1">&gt;</kbd>
                </dt>
                <dd>In Today and Week: the one before, the one after; u takes the last change back</dd>
                <dt>
                    <kbd class="rounded border border-hem bg-linen px-2 py-1">h</kbd>
                    <kbd class="ml-1 rounded border border-hem bg-linen px-2 py-1">y</kbd>
                </dt>
                <dd>In Week: days off; someone away</dd>
                <dt><kbd class="rounded border border-hem bg-linen px-2 py-1">a s d f</kbd></dt>
                <dd>At the table: at once, worked it out, with help, not yet; the space bar goes on without a word</dd>
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
