<script setup lang="ts">
import { Check, Circle, Pin } from '@lucide/vue';
import { computed, ref, toRef, watch } from 'vue';

import type { Schemas } from '@/api/client';
import { cache, keys, useEarlier, useEvidence, useWanted } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Spindle from '@/kit/Spindle.vue';
import Wait from '@/kit/Wait.vue';
import { shortDay } from '@/kit/words';

import { inWords } from './standing';

import Correct from './Correct.vue';
import MemoryCurve from './MemoryCurve.vue';
import SayMark from './SayMark.vue';

/** Everything behind one mark, and what the parent knows besides. */
const props = defineProps<{ childId: string; childName: string; stepId: string }>();
defineEmits<{ close: []; open: [stepId: string] }>();
const childId = toRef(props, 'childId');
const stepId = toRef(props, 'stepId');
const evidence = useEvidence(childId, stepId);
const saying = ref<'seen' | 'mark' | null>(null);
const correcting = ref<string | null>(null);
watch(stepId, () => {
    saying.value = null;
    correcting.value = null;
});

const standing = computed(() => evidence.data.value?.standing);

function changed(data?: Schemas['EvidenceView']) {
    saying.value = null;
    correcting.value = null;
    if (data) {
        cache.setQueryData(keys.evidence(props.childId, props.stepId), data);
    }
}

const pin = useWanted(childId);
/** Pages of what was seen before the first, as far as the parent has asked. */
const earlier = ref<Schemas['HistoryView'][]>([]);
const seenSoFar = computed(() => [...(evidence.data.value?.history.seen ?? []), ...earlier.value.flatMap((page) => page.seen)]);
const end = computed(
    () => earlier.value.at(-1)?.end ?? (earlier.value.length ? null : (evidence.data.value?.history.end ?? null)),
);
const askEarlier = useEarlier(childId, stepId, (page) => earlier.value.push(page));
watch(
    () => evidence.data.value?.history,
    () => (earlier.value = []),
);
/** What the parent wrote stands in quotes, what Pindle says of it does not. */
const isSaid = (seen: Schemas['SeenView']) => seen.kind === 'witness' || seen.kind === 'hand-mark';
const inShort = (seen: Schemas['SeenView']) =>
    [seen.help, seen.method, seen.slip, seen.note && isSaid(seen) ? `“${seen.note}”` : seen.note].filter(Boolean).join('; ');
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
            <div class="flex flex-wrap items-center gap-4">
                <Spindle :mark="standing!.mark" :taken="standing!.taken" :look="standing!.look" :size="40" quiet />
                <div class="min-w-0 flex-1">
                    <p class="text-lg font-bold" data-mark-word>
                        {{ inWords(standing!) }}
                    </p>
                    <p v-if="standing!.taken" class="text-soft">
                        {{
                            standing!.mark === 'begun'
                                ? 'Something harder that stands on it is Can do.'
                                : 'Nobody has looked, and there is no need to: harder things speak for it.'
                        }}
                    </p>
                    <p v-else-if="standing!.mark === 'not-met'" class="text-soft">
                        Nobody has looked at it{{ evidence.data.value.unsure ? ', and the first look was not sure' : '' }}. It
                        does not mean that {{ childName }} cannot.
                    </p>
                    <p class="text-soft">Can do means: {{ childName }} {{ evidence.data.value.done }}.</p>
                    <p>{{ evidence.data.value.restsOn }}</p>
                </div>
                <Button
                    :disabled="pin.isPending.value"
                    :aria-pressed="evidence.data.value.pinned"
                    @click="pin.mutate({ stepId, on: !evidence.data.value.pinned })"
                >
                    <Pin :size="18" :fill="evidence.data.value.pinned ? 'currentColor' : 'none'" aria-hidden="true" />
                    {{ evidence.data.value.pinned ? 'Pinned' : 'Pin for next' }}
                </Button>
            </div>
            <div class="flex flex-wrap gap-2">
                <Button @click="saying = saying === 'seen' ? null : 'seen'">I saw it elsewhere</Button>
                <Button kind="quiet" @click="saying = saying === 'mark' ? null : 'mark'">Set the mark by hand</Button>
            </div>
            <SayMark v-if="saying" :key="saying" :child-id="childId" :step-id="stepId" :how="saying" @saved="changed($event)" />
            <Notice :error="pin.error.value" />
            <details class="rounded-lg border border-hem">
                <summary class="flex min-h-11 cursor-pointer items-center px-3 font-bold">How do we know?</summary>
                <div class="p-3 pt-0">
                    <div class="grid gap-4 sm:grid-cols-2">
                        <section>
                            <h3 class="mb-1 font-bold">What Can do asks for</h3>
                            <ul class="space-y-1">
                                <li v-for="clause in evidence.data.value.clauses" :key="clause.words" class="flex gap-2">
                                    <Check v-if="clause.met" :size="20" class="mt-0.5 shrink-0 text-deep" aria-label="met" />
                                    <Circle v-else :size="20" class="mt-0.5 shrink-0 text-soft" aria-label="still wanted" />
                                    {{ clause.words }}
                                </li>
                            </ul>
                        </section>
                        <section>
                            <h3 class="mb-1 font-bold">Memory</h3>
                            <MemoryCurve
                                v-if="evidence.data.value.memory"
                                :memory="evidence.data.value.memory"
                                :next-look="evidence.data.value.nextLook"
                                :carried="standing!.mark === 'can-do'"
                            />
                            <p v-else class="text-soft">It begins with the first answer without help.</p>
                        </section>
                        <section class="sm:col-span-2">
                            <h3 class="mb-1 font-bold">What it builds on</h3>
                            <p v-if="!evidence.data.value.needs.length" class="text-soft">Nothing: it can begin any day.</p>
                            <ul class="flex flex-wrap gap-x-6">
                                <li v-for="need in evidence.data.value.needs" :key="need.step.id">
                                    <button
                                        type="button"
                                        class="flex min-h-10 items-center gap-2 text-left underline decoration-hem underline-offset-4"
                                        @click="$emit('open', need.step.id)"
                                    >
                                        <Spindle
                                            :mark="need.standing.mark"
                                            :taken="need.standing.taken"
                                            :look="need.standing.look"
                                            :size="18"
                                            quiet
                                        />
                                        {{ need.step.name }}, {{ need.step.reach }}
                                        <span class="text-soft">{{ inWords(need.standing) }}</span>
                                    </button>
                                </li>
                            </ul>
                        </section>
                    </div>
                </div>
            </details>
            <section>
                <h3 class="mb-1 font-bold">What was seen</h3>
                <p v-if="!seenSoFar.length" class="text-soft">Nothing yet.</p>
                <div
                    v-else
                    class="max-h-72 overflow-auto rounded-lg border border-hem"
                    tabindex="0"
                    aria-label="What was seen, newest first"
                >
                    <table class="w-full text-left text-[0.95rem]">
                        <thead class="sticky top-0 bg-linen">
                            <tr>
                                <th class="p-2">Day</th>
                                <th class="p-2">Seen</th>
                                <th class="p-2">How</th>
                                <th class="p-2">Activity</th>
                                <th class="p-2"><span class="sr-only">Correct</span></th>
                            </tr>
                        </thead>
                        <tbody>
                            <template v-for="seen in seenSoFar" :key="seen.id">
                                <tr class="border-t border-hem/60 align-top" :class="seen.removed ? 'text-soft' : ''">
                                    <td class="p-2 whitespace-nowrap">{{ shortDay(seen.day) }}</td>
                                    <td class="p-2 font-bold">
                                        <span :class="seen.removed ? 'line-through' : ''">{{ seen.what }}</span><span
                                            v-if="seen.removed || seen.corrected"
                                            class="block text-sm font-normal"
                                            >{{ seen.removed ? 'taken back' : 'corrected' }}</span
                                        >
                                    </td>
                                    <td class="p-2">{{ inShort(seen) || '–' }}</td>
                                    <td class="p-2">
                                        {{ seen.activity
                                        }}<span v-if="seen.things.length" class="text-soft">, {{ seen.things.join(', ') }}</span
                                        ><span v-if="seen.form" class="text-soft">, {{ seen.form }}</span>
                                    </td>
                                    <td class="p-1 text-right">
                                        <button
                                            v-if="!seen.removed"
                                            type="button"
                                            class="min-h-9 px-2 text-sm font-bold text-deep underline underline-offset-4"
                                            :aria-expanded="correcting === seen.id"
                                            @click="correcting = correcting === seen.id ? null : seen.id"
                                        >
                                            Correct
                                        </button>
                                    </td>
                                </tr>
                                <tr v-if="correcting === seen.id">
                                    <td colspan="5" class="bg-linen px-3"><Correct :seen="seen" @done="changed()" /></td>
                                </tr>
                            </template>
                        </tbody>
                    </table>
                </div>
                <Notice :error="askEarlier.error.value" class="mt-2" />
                <Button v-if="end" class="mt-2" @click="askEarlier.mutate(end)">What was seen before that</Button>
            </section>
        </div>
    </Dialog>
</template>
