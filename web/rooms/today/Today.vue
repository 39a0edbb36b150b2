<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';

import { usePlan, useToday } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import Wait from '@/kit/Wait.vue';
import { longDay } from '@/kit/words';

import CloseTheDay from './CloseTheDay.vue';
import DayDialog from './DayDialog.vue';
import DayThreads from './DayThreads.vue';
import SetUpCard from './SetUpCard.vue';
import './sent';

const router = useRouter();
const day = useToday();
const changing = ref(false);
const closing = ref(false);
const gathered = ref<Set<string>>(new Set());

const plan = usePlan(() => (changing.value = false));

const ahead = computed(() => day.data.value?.setUps.filter((setUp) => setUp.state !== 'done') ?? []);
const done = computed(() => day.data.value?.setUps.filter((setUp) => setUp.state === 'done') ?? []);
const number = (setUpId: string) => (day.data.value?.setUps.findIndex((setUp) => setUp.id === setUpId) ?? 0) + 1;
const nothing = computed(() => day.data.value?.children.filter((child) => child.nothing) ?? []);

function gather(thingId: string) {
    if (!gathered.value.delete(thingId)) {
        gathered.value.add(thingId);
    }
}
</script>

<template>
    <Wait v-if="day.isPending.value" what="Laying the table…" />
    <Notice v-else-if="day.error.value" :error="day.error.value" />
    <div v-else-if="day.data.value">
        <div class="mb-4 flex flex-wrap items-end justify-between gap-3">
            <div>
                <h1>{{ longDay(day.data.value.date) }}</h1>
                <p v-if="day.data.value.planned && ahead.length" class="text-soft">
                    {{ ahead.length }} {{ ahead.length === 1 ? 'activity' : 'activities' }} ahead<template v-if="done.length"
                        >, {{ done.length }} done</template
                    >
                </p>
            </div>
            <div v-if="day.data.value.planned" class="flex flex-wrap gap-2">
                <Button v-if="ahead.length" @click="closing = true">Close the day</Button>
                <Button @click="changing = true">Change the day</Button>
            </div>
        </div>

        <section v-if="day.data.value.children.length === 0" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
            <h2>Who is at the table?</h2>
            <p class="mt-1 mb-4">
                A first name and a birth date are enough. Then tick what is in the cupboard, and the day is planned.
            </p>
            <RouterLink
                :to="{ name: 'children', query: { add: '1' } }"
                class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
            >
                Add a child
            </RouterLink>
        </section>
        <section v-else-if="!day.data.value.hasThings" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
            <h2>What is in the cupboard?</h2>
            <p class="mt-1 mb-4">Corks, lids, socks: tick what the house has, and Pindle picks from it.</p>
            <RouterLink
                :to="{ name: 'cupboard', query: { tick: '1' } }"
                class="inline-flex min-h-11 items-center rounded-lg border-2 border-deep bg-deep px-4 font-bold text-white"
            >
                Tick what you have
            </RouterLink>
        </section>
        <section v-else-if="!day.data.value.planned" class="max-w-xl rounded-2xl border border-hem bg-paper p-6">
            <h2>Today is not planned yet</h2>
            <p class="mt-1 mb-4">
                {{ day.data.value.children.map((child) => child.name).join(', ') }}: one press plans the day for everyone.
            </p>
            <Notice :error="plan.error.value" class="mb-3" />
            <Button kind="strong" :disabled="plan.isPending.value" @click="plan.mutate({})">Plan today</Button>
        </section>

        <template v-else>
            <DayThreads :day="day.data.value" class="mb-5" @open="router.push({ name: 'table', params: { setUpId: $event } })" />
            <div class="grid gap-5 lg:grid-cols-[1fr_17rem]">
                <section aria-label="Activities" class="space-y-4">
                    <h2 class="sr-only">Ahead</h2>
                    <p v-for="child in nothing" :key="child.id" class="flex items-center gap-2">
                        <ThreadKnot :thread="child.thread" /> <b>{{ child.name }}</b> {{ child.nothing }}
                    </p>
                    <SetUpCard v-for="setUp in ahead" :key="setUp.id" :set-up="setUp" :number="number(setUp.id)" />
                    <template v-if="done.length">
                        <h2 class="pt-2">Done</h2>
                        <SetUpCard v-for="setUp in done" :key="setUp.id" :set-up="setUp" :number="number(setUp.id)" />
                    </template>
                </section>
                <aside class="space-y-5">
                    <section class="rounded-2xl border border-hem bg-paper p-4">
                        <h2 class="mb-2">Bring to the table</h2>
                        <p v-if="!day.data.value.bring.length" class="text-soft">Nothing to fetch today.</p>
                        <ul>
                            <li v-for="bring in day.data.value.bring" :key="bring.thingId">
                                <label class="flex min-h-10 items-center gap-3">
                                    <input
                                        type="checkbox"
                                        class="size-5 accent-deep"
                                        :checked="gathered.has(bring.thingId)"
                                        @change="gather(bring.thingId)"
                                    />
                                    <span :class="gathered.has(bring.thingId) ? 'text-soft line-through' : ''"
                                        >{{ bring.count }} {{ bring.name }}</span
                                    >
                                </label>
                            </li>
                        </ul>
                    </section>
                    <section v-if="day.data.value.make.length" class="rounded-2xl border border-hem bg-paper p-4">
                        <h2 class="mb-2">Have ready</h2>
                        <ul class="list-disc space-y-1 pl-5">
                            <li v-for="prop in day.data.value.make" :key="prop">{{ prop }}</li>
                        </ul>
                    </section>
                </aside>
            </div>
        </template>
        <CloseTheDay v-if="closing" :set-ups="ahead" @close="closing = false" />
        <DayDialog
            :open="changing"
            :day="day.data.value"
            :busy="plan.isPending.value"
            :error="plan.error.value"
            @close="changing = false"
            @plan="plan.mutate($event)"
        />
    </div>
</template>
