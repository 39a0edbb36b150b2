<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId } from '@/api/device';
import { send } from '@/api/outbox/send';
import { closingMarks as markWords } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** The paper day, entered in the evening: all children on one screen, one mark a sitting, or that it did not happen. */
const props = defineProps<{ setUps: Schemas['SetUpView'][] }>();
const emit = defineEmits<{ close: [] }>();

type Said = Schemas['ClosingMark'] | 'did-not-happen';
const marks = Object.keys(markWords) as Schemas['ClosingMark'][];
const said = ref<Record<string, Said>>({});
const busy = ref(false);
const rows = computed(() =>
    props.setUps.flatMap((setUp) =>
        setUp.sittings.map((sitting) => ({ setUp, sitting, label: `${sitting.childName}: ${setUp.name}` })),
    ),
);
const chosen = computed(() => Object.keys(said.value).length);

/** What was not marked stays as it was; nothing is held against anyone. */
async function enter() {
    busy.value = true;
    for (const setUp of props.setUps) {
        const happened = setUp.sittings.filter((one) => said.value[one.id] && said.value[one.id] !== 'did-not-happen');
        for (const sitting of happened) {
            const mark = said.value[sitting.id] as Schemas['ClosingMark'];
            await send(setUp.id, `${sitting.childName}: ${markWords[mark]}, ${setUp.name}`, {
                kind: 'closing',
                closing: { id: newId(), sittingId: sitting.id, mark, deviceId: deviceId(), at: Date.now() },
            });
        }
        if (happened.length) {
            await send(setUp.id, `The end, ${setUp.name}`, { kind: 'finish', ending: 'done' });
        }
    }
    emit('close');
}
</script>

<template>
    <Dialog open wide title="How did today go?" @close="$emit('close')">
        <p class="mb-3 text-soft">
            One mark each, as your pencil had it. What you leave out is not counted, nor held against anyone.
        </p>
        <ul class="divide-y divide-hem/60">
            <li v-for="{ setUp, sitting, label } in rows" :key="sitting.id" class="py-3" data-close-row>
                <p class="mb-2 flex flex-wrap items-center gap-2">
                    <ThreadKnot :thread="sitting.thread" /> <b>{{ sitting.childName }}</b> {{ setUp.name }}
                    <span class="text-soft">{{ sitting.step.name }}, {{ sitting.step.reach }}</span>
                </p>
                <div class="flex flex-wrap gap-2" role="group" :aria-label="label">
                    <button
                        v-for="mark in [...marks, 'did-not-happen' as const]"
                        :key="mark"
                        type="button"
                        class="min-h-11 rounded-lg border-2 bg-paper px-3"
                        :class="said[sitting.id] === mark ? 'border-ink font-bold' : 'border-hem'"
                        :aria-pressed="said[sitting.id] === mark"
                        @click="said = { ...said, [sitting.id]: mark }"
                    >
                        {{ mark === 'did-not-happen' ? 'Did not happen' : markWords[mark] }}
                    </button>
                </div>
            </li>
        </ul>
        <Button class="mt-3" kind="strong" :disabled="!chosen || busy" @click="enter">Done for today</Button>
    </Dialog>
</template>
