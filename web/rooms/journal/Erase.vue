<script setup lang="ts">
import { computed, ref, watch } from 'vue';

import { Problem } from '@/api/client';
import { useErase, useLeaves } from '@/api/journal';
import { forgetKept } from '@/api/kept';
import { useChildren, useMakeCopy } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';

/** A child erased for good: what it means is said first, a copy is offered, and the name is typed. */
const children = useChildren();
const all = computed(() => [...(children.data.value?.present ?? []), ...(children.data.value?.archived ?? [])]);
const childId = ref('');
const typed = ref('');
const copies = ref(true);
const says = ref('');
const query = useLeaves(childId);
const view = computed(() => query.data.value);
const leaves = computed(() => view.value?.leaves);
const copy = useMakeCopy();
const erase = useErase((said) => {
    says.value = said;
    childId.value = '';
    // This device kept the day for when the house does not answer.
    void forgetKept();
});
watch(childId, () => {
    typed.value = '';
    erase.reset();
    copy.reset();
});
const many = (count: number, one: string, more: string) => (count === 1 ? `1 ${one}` : `${count} ${more}`);
const error = computed(() => (erase.error.value instanceof Problem ? erase.error.value.fields.name : undefined));
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-5" aria-labelledby="erase">
        <h2 id="erase">Erase a child for good</h2>
        <p class="mb-3 max-w-prose text-soft">
            Archiving a child (in Children) plans for them no more and keeps the record. Erasing takes everything of them out of
            this folder, and nothing brings it back.
        </p>
        <p v-if="says" role="status" class="mb-3 rounded-lg bg-linen px-4 py-3 font-bold" data-erased>{{ says }}</p>
        <div class="flex flex-wrap gap-2">
            <Button v-for="child in all" :key="child.id" :data-erase="child.name" @click="childId = child.id"
                ><ThreadKnot :thread="child.thread" :size="18" /> {{ child.name }}…</Button
            >
        </div>
        <Dialog
            :open="childId !== ''"
            wide
            :title="view ? `Erase ${view.name} for good?` : 'Erase for good?'"
            @close="childId = ''"
        >
            <Notice :error="query.error.value" />
            <form v-if="view && leaves" class="space-y-4" @submit.prevent="erase.mutate({ childId, name: typed, copies })">
                <div>
                    <p class="font-bold">This goes, and does not come back:</p>
                    <ul class="list-disc pl-6" data-goes>
                        <li>the name, birth date, likings, allergies and settings</li>
                        <li>
                            {{ many(leaves.seen, 'thing that was seen', 'things that were seen') }}: tries, closing marks, notes
                        </li>
                        <li>{{ many(leaves.sittings, 'sitting', 'sittings') }}, planned and done</li>
                        <li v-if="leaves.photographs">
                            {{ many(leaves.photographs, 'photograph', 'photographs') }} of {{ view.name }} alone
                        </li>
                        <li v-if="leaves.letters">{{ many(leaves.letters, 'letter', 'letters') }} you wrote</li>
                        <li>files that were made ready to be taken away, and what can be undone today</li>
                    </ul>
                </div>
                <div>
                    <p class="font-bold">This stays:</p>
                    <ul class="list-disc pl-6">
                        <li v-if="leaves.shared">
                            {{ many(leaves.shared, 'photograph', 'photographs') }} with someone else on
                            {{ leaves.shared === 1 ? 'it' : 'them' }}. Take {{ leaves.shared === 1 ? 'it' : 'them' }} away in Days
                            if you want.
                        </li>
                        <li v-if="leaves.mentions">
                            {{ many(leaves.mentions, 'text', 'texts') }} of yours about others or about days in which the name
                            stands. Find it in Days.
                        </li>
                        <li>
                            copies and files that were carried elsewhere, calendars that were given away, pages that were printed:
                            they are out of Pindle's reach
                        </li>
                    </ul>
                </div>
                <div class="rounded-lg bg-linen p-3">
                    <p>
                        You may want a copy first: everything, with {{ view.name }} in it. Take it away from here before you
                        erase; what lies beside the data goes too.
                    </p>
                    <div class="mt-2 flex flex-wrap items-center gap-3">
                        <Button :disabled="copy.isPending.value" data-copy-first @click="copy.mutate()">Make a safe copy</Button>
                        <a
                            v-if="copy.data.value?.copies[0]"
                            class="inline-flex min-h-11 items-center font-bold text-deep underline underline-offset-4"
                            :href="`/api/house/copies/${copy.data.value.copies[0].name}`"
                            download
                            >Take it away</a
                        >
                    </div>
                    <Notice :error="copy.error.value" />
                </div>
                <label class="flex min-h-11 items-start gap-3">
                    <input v-model="copies" type="checkbox" class="mt-1 size-5 accent-deep" data-copies-too />
                    <span
                        >Erase the safe copies beside the data too ({{ leaves.copies }} now). As long as they lie there, whoever
                        puts one back brings {{ view.name }} back.</span
                    >
                </label>
                <Field id="erase-name" v-slot="{ control }" :label="`Type the name to be sure: ${view.name}`" :error="error">
                    <input
                        v-bind="control"
                        v-model="typed"
                        maxlength="60"
                        autocomplete="off"
                        class="min-h-11 w-full rounded-lg border-[1.5px] border-field px-3"
                        data-erase-name
                    />
                </Field>
                <Notice v-if="!error" :error="erase.error.value" />
                <div class="flex flex-wrap gap-2">
                    <Button
                        type="submit"
                        :disabled="erase.isPending.value || typed.trim() !== view.name"
                        class="border-care! text-care!"
                        data-erase-now
                        >Erase {{ view.name }} for good</Button
                    >
                    <Button kind="quiet" @click="childId = ''">Leave it</Button>
                </div>
            </form>
        </Dialog>
    </section>
</template>
