<script setup lang="ts">
import { Printer } from '@lucide/vue';
import { computed, ref, watch } from 'vue';
import { onBeforeRouteLeave } from 'vue-router';

import { useLetter, useLetterChanges } from '@/api/journal';
import Button from '@/kit/Button.vue';
import Choice from '@/kit/Choice.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import TakePhotograph from '@/kit/TakePhotograph.vue';
import Wait from '@/kit/Wait.vue';
import { usePaper } from '@/kit/paper';

import Who from './Who.vue';
import { useWhose } from './whose';

const paper = usePaper();
/** Once a month, one warm page a child: Pindle suggests it from what was seen, the parent writes it their own way, and prints it. */
const { childId } = useWhose();
const month = ref('');
const query = useLetter(childId, month);
const letter = computed(() => query.data.value);
const text = ref('');
const photographId = ref('');
const { write, forget } = useLetterChanges(childId, month, (kept) => take(kept));
function take(from: { text: string; photographId?: string | null }) {
    text.value = from.text;
    photographId.value = from.photographId ?? '';
}
watch(
    letter,
    (now, before) => now && (now.month !== before?.month || now.child.id !== before?.child.id || !isChanged.value) && take(now),
    {
        immediate: true,
    },
);
const isChanged = computed(
    () => !!letter.value && (text.value !== letter.value.text || photographId.value !== (letter.value.photographId ?? '')),
);
onBeforeRouteLeave(() => !isChanged.value || window.confirm('The letter has changes that are not kept. Leave it?'));
const months = computed(() =>
    Object.entries((letter.value?.months ?? {}) as Record<string, string>).map(([value, words]) => ({ value, words })),
);
const chosen = computed({
    get: () => letter.value?.month ?? '',
    set: (value) => {
        month.value = value;
    },
});
const keep = (then?: () => void) =>
    write.mutate(
        { text: text.value, version: letter.value!.version, photographId: photographId.value || null },
        { onSuccess: () => then?.() },
    );
const file = computed(
    () =>
        `/api/journal/children/${childId.value}/letter.pdf?${new URLSearchParams({ month: letter.value?.month ?? '', paper: paper.value })}`,
);
const print = () => window.open(file.value, '_blank');
</script>

<template>
    <div>
        <div class="mb-4 flex flex-wrap items-end gap-4">
            <Who v-model="childId" />
            <Choice v-if="letter" v-model="chosen" label="" :options="months" class="w-52" />
        </div>
        <Wait v-if="query.isPending.value && childId" what="Fetching paper…" />
        <Notice :error="query.error.value" />
        <p v-if="!childId">Nobody is at the table yet.</p>
        <div v-if="letter" class="grid items-start gap-5 lg:grid-cols-[1fr_18rem]">
            <form class="rounded-2xl border border-hem bg-paper p-5" @submit.prevent="keep()">
                <Field
                    id="letter"
                    v-slot="{ control }"
                    :label="`${letter.child.name}, ${letter.called}`"
                    :error="write.error.value?.message"
                    hint="It is yours: change whatever you like before it is printed."
                >
                    <textarea
                        v-bind="control"
                        v-model="text"
                        rows="16"
                        maxlength="4000"
                        class="w-full rounded-lg border-[1.5px] border-field p-3 text-lg leading-relaxed"
                        data-letter
                    />
                </Field>
                <p class="mt-2 text-sm text-soft">Below it stands: {{ letter.footnote }}</p>
                <div class="mt-4 flex flex-wrap items-center gap-3">
                    <Button type="submit" kind="strong" :disabled="write.isPending.value || !isChanged" data-keep-letter
                        >Keep</Button
                    >
                    <Button data-print-letter :disabled="write.isPending.value" @click="isChanged ? keep(print) : print()"
                        ><Printer :size="18" aria-hidden="true" /> {{ isChanged ? 'Keep and print' : 'Print' }}</Button
                    >
                    <Button
                        v-if="letter.isKept"
                        kind="quiet"
                        :disabled="forget.isPending.value"
                        data-anew
                        @click="forget.mutate()"
                        >Begin anew from what was seen</Button
                    >
                    <p v-if="letter.isKept && !isChanged" role="status" class="text-sm" data-letter-kept>Kept as you wrote it.</p>
                </div>
                <Notice :error="forget.error.value" class="mt-3" />
            </form>
            <aside class="space-y-5" aria-label="Beside the letter">
                <fieldset class="rounded-2xl border border-hem bg-paper p-4">
                    <legend class="sr-only">A photograph</legend>
                    <p class="mb-2 font-bold" aria-hidden="true">A photograph</p>
                    <p v-if="!letter.photographs.length" class="mb-2 text-sm text-soft">None of {{ letter.called }} yet.</p>
                    <label v-if="letter.photographs.length" class="flex min-h-11 items-center gap-2">
                        <input v-model="photographId" type="radio" value="" class="size-5 accent-deep" /> none
                    </label>
                    <div class="grid grid-cols-2 gap-2">
                        <label v-for="one in letter.photographs" :key="one.id" class="block">
                            <input
                                v-model="photographId"
                                type="radio"
                                :value="one.id"
                                class="peer sr-only"
                                :data-letter-photograph="one.id"
                            />
                            <img
                                :src="`${one.src}?small=1`"
                                :alt="one.words || 'A photograph of the month'"
                                class="h-24 w-full rounded-lg border-4 border-transparent object-cover peer-checked:border-deep"
                                :class="'peer-focus-visible:outline-3 peer-focus-visible:outline-deep'"
                            />
                        </label>
                    </div>
                    <TakePhotograph
                        v-if="month === '' || months[0]?.value === month"
                        class="mt-3"
                        :about="{ childIds: [childId] }"
                        words="Add one of today"
                    />
                </fieldset>
                <section v-if="letter.own.length" class="rounded-2xl border border-hem bg-paper p-4" aria-labelledby="own-words">
                    <h2 id="own-words" class="mb-1">You wrote down</h2>
                    <ul class="space-y-1.5">
                        <li v-for="(words, i) in letter.own" :key="i" class="border-l-4 border-wood pl-3 italic">{{ words }}</li>
                    </ul>
                </section>
            </aside>
        </div>
    </div>
</template>
