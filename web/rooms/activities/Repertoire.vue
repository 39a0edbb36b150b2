<script setup lang="ts">
import { computed } from 'vue';

import { useAWeek, useKnown, useRepertoire } from '@/api/queries';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';

/** The games this house knows: about a dozen carry it. Which new one would open most, and how many a week may come. */
defineEmits<{ show: [id: string] }>();
const repertoire = useRepertoire();
const known = useKnown();
const aWeek = useAWeek();
const MOST_A_WEEK = 5;

const games = computed(() => repertoire.data.value?.games ?? []);
const sure = computed(() => games.value.filter((game) => game.known));
</script>

<template>
    <Wait v-if="repertoire.isPending.value" what="Counting the games…" />
    <Notice v-else-if="repertoire.error.value" :error="repertoire.error.value" />
    <div v-else-if="repertoire.data.value" class="grid gap-5 lg:grid-cols-2">
        <section class="rounded-2xl border border-hem bg-paper p-4" aria-labelledby="known-games">
            <h2 id="known-games">You know {{ sure.length }} {{ sure.length === 1 ? 'game' : 'games' }}</h2>
            <p class="mb-3 text-soft">
                About {{ repertoire.data.value.enough }} carry a house: the step, the numbers and the things change, the game
                stays. One is known after two uses, or when you tick it.
            </p>
            <p v-if="!games.length">None yet. The plan begins with two, and children share them.</p>
            <ul class="divide-y divide-hem/60">
                <li v-for="game in games" :key="game.id" class="flex min-h-12 flex-wrap items-center justify-between gap-2">
                    <button type="button" class="min-h-11 text-left underline underline-offset-4" @click="$emit('show', game.id)">
                        {{ game.name }}
                    </button>
                    <span class="flex items-center gap-3">
                        <span class="text-soft">{{
                            game.uses === 1 ? 'once' : game.uses === 0 ? 'never used' : `${game.uses} times`
                        }}</span>
                        <label v-if="!game.known || game.told" class="flex min-h-11 items-center gap-2">
                            <input
                                type="checkbox"
                                class="size-5 accent-deep"
                                :checked="game.told"
                                :data-known="game.id"
                                @change="known.mutate({ id: game.id, known: !game.told })"
                            />
                            We know this
                        </label>
                        <span v-else class="font-bold">known</span>
                    </span>
                </li>
            </ul>
        </section>
        <section class="rounded-2xl border border-hem bg-paper p-4" aria-labelledby="new-games">
            <h2 id="new-games">New ones that would open most</h2>
            <p class="mb-3 text-soft">Each serves what nothing you know serves yet, the one that opens most first.</p>
            <p v-if="!repertoire.data.value.opens.length">Nothing new would open anything now: what you know does it.</p>
            <ul class="space-y-3">
                <li v-for="one in repertoire.data.value.opens" :key="one.id">
                    <button
                        type="button"
                        class="min-h-9 text-left font-bold underline underline-offset-4"
                        @click="$emit('show', one.id)"
                    >
                        {{ one.name }}
                    </button>
                    <p class="text-soft">{{ one.inShort }}</p>
                    <p>{{ one.why }}</p>
                    <label class="flex min-h-11 items-center gap-2">
                        <input
                            type="checkbox"
                            class="size-5 accent-deep"
                            :data-known="one.id"
                            @change="known.mutate({ id: one.id, known: true })"
                        />
                        We know this
                    </label>
                </li>
            </ul>
            <label class="mt-4 flex flex-wrap items-center gap-2 border-t border-hem pt-4">
                New games a week at most
                <select
                    :value="repertoire.data.value.aWeek"
                    data-a-week
                    @change="aWeek.mutate(Number(($event.target as HTMLSelectElement).value))"
                >
                    <option v-for="n in MOST_A_WEEK + 1" :key="n" :value="n - 1">{{ n - 1 }}</option>
                </select>
            </label>
            <p class="text-sm text-soft">
                Never more than one a day. While you know fewer than six, they come as they are wanted.
            </p>
            <Notice :error="known.error.value ?? aWeek.error.value" class="mt-2" />
        </section>
    </div>
</template>
