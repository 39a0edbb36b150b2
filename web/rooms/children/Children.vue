<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useArchive, useChildren, useRestore } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { age, clock } from '@/kit/words';

import ChildForm from './ChildForm.vue';

const route = useRoute();
const children = useChildren();
const editing = ref<Schemas['ChildView'] | 'new' | null>(route.query.add ? 'new' : null);
const gone = ref<Schemas['ChildView'] | null>(null);
const justAdded = ref<string | null>(null);

const archive = useArchive();
const restore = useRestore();
const startsFrom: Record<Schemas['StartsFrom'], string> = {
    look: 'by a first look',
    age: 'by age only so far',
    nothing: 'from nothing: a birth date or a first look would help',
};

function saved(child: Schemas['ChildView']) {
    justAdded.value = editing.value === 'new' ? child.id : null;
    editing.value = null;
}

const present = computed(() => children.data.value?.present ?? []);
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-center justify-between gap-3">
            <h1>Who is at the table?</h1>
            <Button v-if="present.length < 6" kind="strong" @click="editing = 'new'">Add a child</Button>
        </div>
        <Wait v-if="children.isPending.value" what="Calling everyone…" />
        <Notice v-else-if="children.error.value" :error="children.error.value" />
        <template v-else-if="children.data.value">
            <p
                v-if="gone"
                role="status"
                class="mb-4 flex flex-wrap items-center gap-3 rounded-lg border border-hem bg-paper px-4 py-2"
            >
                {{ gone.name }} is archived; the record is kept.
                <Button kind="quiet" @click="restore.mutate(gone.id, { onSuccess: () => (gone = null) })">Undo</Button>
            </p>
            <p
                v-if="justAdded"
                role="status"
                class="mb-4 flex flex-wrap items-center gap-3 rounded-lg border border-hem bg-paper px-4 py-2"
            >
                Added. Next:
                <RouterLink
                    :to="{ name: 'cupboard', query: { tick: '1' } }"
                    class="font-bold text-deep underline underline-offset-4"
                    >tick what is in the cupboard</RouterLink
                >
                ,
                <RouterLink
                    v-if="justAdded"
                    :to="{ name: 'first-look', params: { childId: justAdded } }"
                    class="font-bold text-deep underline underline-offset-4"
                    >have a first look</RouterLink
                >
                or
                <RouterLink to="/" class="font-bold text-deep underline underline-offset-4">go to Today</RouterLink>
            </p>
            <Notice :error="archive.error.value ?? restore.error.value" class="mb-4" />
            <p v-if="!present.length" class="max-w-xl">
                Nobody yet. A first name and a birth date are enough to begin; everything else has a sensible guess.
            </p>
            <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
                <li v-for="child in present" :key="child.id" class="rounded-2xl border border-hem bg-paper p-5">
                    <h2 class="flex items-center gap-2 text-xl break-words">
                        <ThreadKnot :thread="child.thread" :size="28" /> {{ child.name }}
                    </h2>
                    <p class="text-soft">{{ age(child.ageMonths) }}</p>
                    <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
                        <dt class="text-soft">Minutes</dt>
                        <dd>{{ child.minutesUsed }} a day, {{ child.longestSittingUsed }} at a sitting</dd>
                        <dt class="text-soft">Placed</dt>
                        <dd>{{ startsFrom[child.startsFrom] }}</dd>
                        <dt class="text-soft">Alone</dt>
                        <dd>{{ child.mayBeAloneUsed ? 'may work out of sight' : 'always beside you' }}</dd>
                        <template v-if="child.rests.length">
                            <dt class="text-soft">Sleeps</dt>
                            <dd>{{ child.rests.map(([from, to]) => clock(from ?? 0) + ' to ' + clock(to ?? 0)).join(', ') }}</dd>
                        </template>
                        <dt class="text-soft">Allergies</dt>
                        <dd>
                            {{ child.allergies.length ? child.allergies.join(', ') : 'none written down' }}
                            <span v-if="child.allergiesAsked.length" class="block text-sm text-care"
                                >Pindle does not know {{ child.allergiesAsked.join(', ') }}: it is asked about at all food.</span
                            >
                        </dd>
                    </dl>
                    <div class="mt-4 flex flex-wrap gap-2">
                        <RouterLink
                            :to="{ name: 'first-look', params: { childId: child.id } }"
                            class="inline-flex min-h-11 items-center rounded-lg border-2 px-4 font-bold"
                            :class="
                                child.startsFrom === 'look' ? 'border-deep bg-paper text-deep' : 'border-deep bg-deep text-white'
                            "
                            >First look</RouterLink
                        >
                        <Button @click="editing = child">Change</Button>
                        <RouterLink
                            :to="{ name: 'teaching', params: { childId: child.id } }"
                            class="inline-flex min-h-11 items-center px-3 font-bold text-deep underline underline-offset-4"
                            >Teaching</RouterLink
                        >
                        <RouterLink
                            :to="{ name: 'map', params: { childId: child.id } }"
                            class="inline-flex min-h-11 items-center px-3 font-bold text-deep underline underline-offset-4"
                            >Map</RouterLink
                        >
                        <Button kind="quiet" @click="archive.mutate(child.id, { onSuccess: () => (gone = child) })"
                            >Archive</Button
                        >
                    </div>
                </li>
            </ul>
            <section v-if="children.data.value.archived.length" class="mt-8">
                <h2 class="mb-2">Archived</h2>
                <ul>
                    <li v-for="child in children.data.value.archived" :key="child.id" class="flex items-center gap-3">
                        {{ child.name }} <Button kind="quiet" @click="restore.mutate(child.id)">Bring back</Button>
                    </li>
                </ul>
            </section>
        </template>
        <ChildForm v-if="editing" :child="editing === 'new' ? null : editing" @close="editing = null" @saved="saved" />
    </div>
</template>
