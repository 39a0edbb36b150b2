<script setup lang="ts">
import { computed } from 'vue';

import { useHouse, useHouseChange } from '@/api/queries';
import Notice from '@/kit/Notice.vue';
import Schools from '@/kit/Schools.vue';
import Wait from '@/kit/Wait.vue';
import { longDay } from '@/kit/words';

const house = useHouse();
const chosen = computed(() => Object.fromEntries(Object.entries(house.data.value?.settings ?? {})));
const usual = computed(() =>
    Object.fromEntries((house.data.value?.questions ?? []).map((question) => [question.id, question.answers[0]?.id ?? ''])),
);
const change = useHouseChange();
const choose = (settings: Record<string, string>) => change.mutate({ settings, version: house.data.value?.version ?? 0 });
</script>

<template>
    <div class="max-w-4xl">
        <h1 class="mb-4">The house</h1>
        <Wait v-if="house.isPending.value" what="Looking…" />
        <Notice v-else-if="house.error.value" :error="house.error.value" />
        <template v-else-if="house.data.value">
            <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-3 rounded-2xl border border-hem bg-paper p-5">
                <dt class="text-soft">Today is</dt>
                <dd>{{ longDay(house.data.value.today) }} ({{ house.data.value.zone }})</dd>
                <dt class="text-soft">Your data lives in</dt>
                <dd>
                    <code class="break-all">{{ house.data.value.data }}</code>
                    <p class="text-sm text-soft">One folder on this machine, and nowhere else. Copy it to keep a safe copy.</p>
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
                <p class="mt-6 text-sm text-soft">
                    Two things Pindle does not offer: a largest-first rule for taking away (it breaks later; say “start with the
                    whole amount”), and a list of the ways to make ten that leaves out nothing and the turn-arounds (there are 6
                    pairs, 11 when order counts).
                </p>
            </section>
        </template>
    </div>
</template>
