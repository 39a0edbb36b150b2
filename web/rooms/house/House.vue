<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';

import { api } from '@/api/client';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import { longDay } from '@/kit/words';

const house = useQuery({ queryKey: ['house'], queryFn: api.house });
</script>

<template>
    <div class="max-w-2xl">
        <h1 class="mb-4">The house</h1>
        <Wait v-if="house.isPending.value" what="Looking…" />
        <Notice v-else-if="house.error.value" :error="house.error.value" />
        <dl
            v-else-if="house.data.value"
            class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-3 rounded-2xl border border-hem bg-cloth p-5"
        >
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
            <dd>{{ house.data.value.version }}</dd>
        </dl>
    </div>
</template>
