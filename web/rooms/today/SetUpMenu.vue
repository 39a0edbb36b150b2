<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { Ellipsis } from '@lucide/vue';
import { computed, onMounted, ref } from 'vue';

import type { Schemas } from '@/api/client';

import type { Changes } from '@/api/changes';

/** What can be done with one planned activity. */
const props = defineProps<{ setUp: Schemas['SetUpView']; day: Schemas['DayView']; changes: Changes }>();
defineEmits<{ swap: []; time: []; refused: [] }>();

/** It is only there once it was pressed for: it opens at once. */
const root = ref<{ $el: HTMLElement } | null>(null);
onMounted(() => setTimeout(() => root.value?.$el.querySelector('button')?.click()));

const STEP = 5;
const joiners = computed(() =>
    props.day.children.filter((child) => !child.absent && !props.setUp.sittings.some((sitting) => sitting.childId === child.id)),
);
const item = 'flex min-h-11 w-full items-center rounded-lg px-3 text-left data-[headlessui-state~=active]:bg-linen';
</script>

<template>
    <Menu ref="root" as="div" class="relative">
        <MenuButton
            class="flex size-11 items-center justify-center rounded-lg border-2 border-hem bg-paper hover:bg-linen"
            :aria-label="`Change ${setUp.name}`"
            :data-menu="setUp.id"
        >
            <Ellipsis :size="22" aria-hidden="true" />
        </MenuButton>
        <MenuItems
            class="absolute right-0 bottom-12 z-20 w-64 rounded-xl border-2 border-hem bg-paper p-1 shadow-lg focus:outline-none sm:top-12 sm:bottom-auto"
        >
            <MenuItem><button type="button" :class="item" @click="$emit('swap')">Another activity…</button></MenuItem>
            <MenuItem v-if="setUp.laid.length"
                ><button type="button" :class="item" @click="changes.otherThings(setUp.id)">Other things</button></MenuItem
            >
            <MenuItem
                ><button type="button" :class="item" @click="changes.move(setUp.id, setUp.start - STEP)">
                    Five minutes sooner
                </button></MenuItem
            >
            <MenuItem
                ><button type="button" :class="item" @click="changes.move(setUp.id, setUp.start + STEP)">
                    Five minutes later
                </button></MenuItem
            >
            <MenuItem><button type="button" :class="item" @click="$emit('time')">At another time…</button></MenuItem>
            <MenuItem v-for="child in joiners" :key="child.id"
                ><button type="button" :class="item" @click="changes.join(setUp.id, child.id)">
                    {{ child.name }} joins
                </button></MenuItem
            >
            <MenuItem
                ><button type="button" :class="item" @click="setUp.held ? changes.letGo(setUp.id) : changes.hold(setUp.id)">
                    {{ setUp.held ? 'It may change again' : 'Keep it, whatever changes' }}
                </button></MenuItem
            >
            <MenuItem><button type="button" :class="item" @click="$emit('refused')">Does not want to…</button></MenuItem>
            <MenuItem><button type="button" :class="item" @click="changes.drop(setUp.id)">Leave it out today</button></MenuItem>
        </MenuItems>
    </Menu>
</template>
