<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { Check, Circle } from '@lucide/vue';
import { toRef } from 'vue';

import { api } from '@/api/client';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Spindle from '@/kit/Spindle.vue';
import Wait from '@/kit/Wait.vue';
import { markNames, shortDay } from '@/kit/words';

/** Everything behind one mark. */
const props = defineProps<{ childId: string; childName: string; stepId: string }>();
defineEmits<{ close: []; open: [stepId: string] }>();
const childId = toRef(props, 'childId');
const stepId = toRef(props, 'stepId');
const evidence = useQuery({ queryKey: ['evidence', childId, stepId], queryFn: () => api.evidence(childId.value, stepId.value) });
</script>

<template>
    <Dialog
        open
        wide
        :title="evidence.data.value ? `${evidence.data.value.step.name}, ${evidence.data.value.step.reach}` : 'Evidence'"
        @close="$emit('close')"
    >
        <Wait v-if="evidence.isPending.value" what="Looking it up…" />
        <Notice v-else-if="evidence.error.value" :error="evidence.error.value" />
        <div v-else-if="evidence.data.value" class="space-y-4">
            <div class="flex items-center gap-4">
                <Spindle :mark="evidence.data.value.mark" :implied="evidence.data.value.implied" :size="40" quiet />
                <div>
                    <p class="text-lg font-bold" data-mark-word>
                        {{ markNames[evidence.data.value.mark]
                        }}{{ evidence.data.value.implied ? ', implied by harder work' : '' }}
                    </p>
                    <p class="text-soft">Secure means: {{ childName }} {{ evidence.data.value.done }}.</p>
                </div>
            </div>
            <p v-if="evidence.data.value.nextLook">The next look falls due on {{ shortDay(evidence.data.value.nextLook) }}.</p>
            <div class="grid gap-4 sm:grid-cols-2">
                <section>
                    <h3 class="mb-1 font-bold">What makes it Secure</h3>
                    <ul class="space-y-1">
                        <li v-for="clause in evidence.data.value.clauses" :key="clause.words" class="flex gap-2">
                            <Check v-if="clause.met" :size="20" class="mt-0.5 shrink-0 text-deep" aria-label="met" />
                            <Circle v-else :size="20" class="mt-0.5 shrink-0 text-soft" aria-label="still wanted" />
                            {{ clause.words }}
                        </li>
                    </ul>
                </section>
                <section>
                    <h3 class="mb-1 font-bold">What it builds on</h3>
                    <p v-if="!evidence.data.value.needs.length" class="text-soft">Nothing: it can begin any day.</p>
                    <ul>
                        <li v-for="need in evidence.data.value.needs" :key="need.step.id">
                            <button
                                type="button"
                                class="flex min-h-10 items-center gap-2 text-left underline decoration-hem underline-offset-4"
                                @click="$emit('open', need.step.id)"
                            >
                                <Spindle :mark="need.mark" :implied="need.there && need.mark === 'new'" :size="18" quiet />
                                {{ need.step.name }}, {{ need.step.reach }}
                                <span class="text-soft">{{ markNames[need.mark] }}</span>
                            </button>
                        </li>
                    </ul>
                </section>
            </div>
            <section>
                <h3 class="mb-1 font-bold">Tries</h3>
                <p v-if="!evidence.data.value.tries.length" class="text-soft">None yet.</p>
                <div
                    v-else
                    class="max-h-72 overflow-auto rounded-lg border border-hem"
                    tabindex="0"
                    aria-label="Tries, newest first"
                >
                    <table class="w-full text-left text-[0.95rem]">
                        <thead class="sticky top-0 bg-linen">
                            <tr>
                                <th class="p-2">Day</th>
                                <th class="p-2">Seen</th>
                                <th class="p-2">How</th>
                                <th class="p-2">Activity</th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr
                                v-for="seen in evidence.data.value.tries"
                                :key="seen.id"
                                class="border-t border-hem/60 align-top"
                                :class="seen.removed ? 'text-soft line-through' : ''"
                            >
                                <td class="p-2 whitespace-nowrap">{{ shortDay(seen.day) }}</td>
                                <td class="p-2 font-bold">
                                    {{ seen.outcome }}<span v-if="seen.removed" class="font-normal"> (taken back)</span>
                                </td>
                                <td class="p-2">
                                    {{
                                        [seen.help === 'No help' ? null : seen.help, seen.method, seen.slip]
                                            .filter(Boolean)
                                            .join('; ') || '–'
                                    }}
                                </td>
                                <td class="p-2">
                                    {{ seen.family
                                    }}<span v-if="seen.things.length" class="text-soft">, {{ seen.things.join(', ') }}</span>
                                </td>
                            </tr>
                        </tbody>
                    </table>
                </div>
            </section>
        </div>
    </Dialog>
</template>
