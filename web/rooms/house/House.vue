<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';

import { Problem, type Schemas } from '@/api/client';
import { useHouse, useHouseChange, useZone } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Schools from '@/kit/Schools.vue';
import Toggle from '@/kit/Toggle.vue';
import Wait from '@/kit/Wait.vue';
import { longDay } from '@/kit/words';

import Copies from './Copies.vue';
import Devices from './Devices.vue';

const house = useHouse();
const chosen = computed(() => Object.fromEntries(Object.entries(house.data.value?.settings ?? {})));
const usual = computed(() =>
    Object.fromEntries((house.data.value?.questions ?? []).map((question) => [question.id, question.answers[0]?.id ?? ''])),
);
const change = useHouseChange();
type Rules = Schemas['HouseInput']['rules'];
const keep = (settings: Record<string, string>, rules: Rules) =>
    change.mutate({ settings, rules, coins: coins.value, version: house.data.value?.version ?? 0 });
const coins = ref('');
watch(
    () => house.data.value?.coins,
    (now) => (coins.value = now ?? ''),
    { immediate: true },
);
const keepCoins = () => keep(chosen.value, (house.data.value?.rules ?? []) as Rules);
const fields = computed(() => (change.error.value instanceof Problem ? change.error.value.fields : {}));
const choose = (settings: Record<string, string>) => keep(settings, (house.data.value?.rules ?? []) as Rules);
const keepRule = (id: string, kept: boolean) =>
    keep(chosen.value, [...(house.data.value?.rules ?? []).filter((one) => one !== id), ...(kept ? [id] : [])] as Rules);

const router = useRouter();
const zone = useZone();
const zones = computed(() => {
    const now = house.data.value?.zone ?? 'UTC';
    const known = Intl.supportedValuesOf('timeZone');
    return known.includes(now) ? known : [now, ...known];
});
</script>

<template>
    <div class="max-w-4xl">
        <h1 class="mb-4">The house</h1>
        <Wait v-if="house.isPending.value" what="Looking…" />
        <Notice v-else-if="house.error.value" :error="house.error.value" />
        <template v-else-if="house.data.value">
            <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-3 rounded-2xl border border-hem bg-paper p-5">
                <dt class="text-soft">Today is</dt>
                <dd>
                    {{ longDay(house.data.value.today) }}
                    <label class="mt-1 flex flex-wrap items-center gap-2 text-sm">
                        <span class="text-soft">by the clock of</span>
                        <select
                            class="min-h-11 max-w-full rounded-lg border-2 border-hem bg-paper px-2"
                            :value="house.data.value.zone"
                            @change="zone.mutate(($event.target as HTMLSelectElement).value)"
                        >
                            <option v-for="one in zones" :key="one" :value="one">{{ one.replace(/_/g, ' ') }}</option>
                        </select>
                    </label>
                    <Notice :error="zone.error.value" />
                </dd>
                <dt class="text-soft">Your data lives in</dt>
                <dd>
                    <code class="break-all">{{ house.data.value.data }}</code>
                    <p class="text-sm text-soft">One folder on this machine, and nowhere else.</p>
                </dd>
                <dt class="text-soft">Household</dt>
                <dd>
                    {{
                        house.data.value.demo
                            ? 'The sample household: everything in it is made up, and made anew with every demo.'
                            : 'Your own'
                    }}
                </dd>
                <dt class="text-soft">Version</dt>
                <dd>{{ house.data.value.release }}</dd>
            </dl>
            <section
                v-if="house.data.value.setAside.length"
                class="mt-6 rounded-2xl border-2 border-care bg-care-cloth p-5 text-care"
                aria-labelledby="set-aside"
            >
                <h2 id="set-aside">Set aside</h2>
                <p class="mb-2">This was stored and cannot be read any more. It is kept as it was, and everything else works.</p>
                <ul class="list-disc pl-5">
                    <li v-for="(row, i) in house.data.value.setAside" :key="i">
                        {{ row.what }}<template v-if="row.on"> (set aside {{ longDay(row.on) }})</template>
                    </li>
                </ul>
            </section>
            <Copies />
            <Devices @out="router.go(0)" />
            <section class="mt-6 rounded-2xl border border-hem bg-paper p-5" aria-labelledby="teaching">
                <h2 id="teaching">How children are taught here</h2>
                <p class="mb-4 text-soft">
                    Good parents differ on these, and children do well with each. What the house chooses holds for every child who
                    has no choice of their own. Changing one changes what is planned, asked and drawn from now on.
                </p>
                <Notice :error="change.error.value" class="mb-4" />
                <Schools
                    :questions="house.data.value.questions"
                    :chosen="chosen"
                    :otherwise="usual"
                    otherwise-words="As usual"
                    @choose="choose"
                />
                <h3 class="mt-6 mb-2 text-lg font-bold">What this house does without</h3>
                <ul class="space-y-3">
                    <li v-for="rule in house.data.value.allRules" :key="rule.id" :data-rule="rule.id">
                        <Toggle
                            :model-value="house.data.value.rules.includes(rule.id)"
                            :label="rule.words"
                            @update:model-value="keepRule(rule.id, $event)"
                        />
                        <p class="ml-15 text-sm text-soft">{{ rule.leavesOut }} {{ rule.instead }}</p>
                    </li>
                </ul>
                <form class="mt-6 flex flex-wrap items-end gap-3" @submit.prevent="keepCoins">
                    <Field id="coins" v-slot="{ control }" label="Coins to pay with" class="min-w-60 flex-1" :error="fields.coins"
                        ><input v-bind="control" v-model="coins" class="w-full" />
                    </Field>
                    <Button type="submit">Keep</Button>
                </form>
                <p class="mt-1 text-sm text-soft">
                    Values with commas, and how many are at hand where it is not ten: 1, 2 x 6, 5.
                </p>
                <p class="mt-6 text-sm text-soft">
                    Two things Pindle does not offer: a largest-first rule for taking away (it breaks later; say “start with the
                    whole amount”), and a list of the ways to make ten that leaves out nothing and the turn-arounds (there are 6
                    pairs, 11 when order counts).
                </p>
            </section>
        </template>
    </div>
</template>
