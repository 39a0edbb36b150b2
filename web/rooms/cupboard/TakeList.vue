<script setup lang="ts">
import { computed, ref } from 'vue';

import { useTakeList } from '@/api/queries';
import Button from '@/kit/Button.vue';
import ChooseFile from '@/kit/ChooseFile.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';

/** A whole list of things out of a spreadsheet: looked at line by line, and written only where every line can be read. */
const file = ref<File | null>(null);
const list = useTakeList();
const read = computed(() => list.data.value);
const does: Record<string, string> = { add: 'new', change: 'changes', same: 'as it is', refused: 'cannot be read' };
function chosen([first]: File[]) {
    file.value = first ?? null;
    if (file.value) {
        list.mutate({ file: file.value, write: false });
    }
}
function close() {
    file.value = null;
    list.reset();
}
</script>

<template>
    <ChooseFile quiet accept=".csv,text/csv" data-take-list @chosen="chosen">Read a list in (CSV)…</ChooseFile>
    <Dialog :open="file !== null" wide title="A list of things" @close="close">
        <Notice :error="list.error.value" class="mb-3" />
        <template v-if="read">
            <p v-if="read.written" role="status" class="mb-3 font-bold" data-list-written>It is in the cupboard.</p>
            <p v-else-if="read.refused" class="mb-3 text-care">
                {{ read.refused === 1 ? 'One line cannot be read' : `${read.refused} lines cannot be read` }}: put right what is
                said below and choose the file again. Nothing was written.
            </p>
            <p v-else class="mb-3">{{ read.add }} new, {{ read.change }} changed. Nothing is written yet.</p>
            <div class="max-h-96 overflow-auto">
                <table class="w-full text-left">
                    <thead>
                        <tr>
                            <th class="pr-4">Line</th>
                            <th class="pr-4">Thing</th>
                            <th class="pr-4">How many</th>
                            <th>What it does</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="one in read.lines" :key="one.line" class="border-t border-hem" :data-list-line="one.line">
                            <td class="py-1 pr-4">{{ one.line }}</td>
                            <td class="py-1 pr-4">{{ one.name }}</td>
                            <td class="py-1 pr-4">{{ one.amount ?? '' }}</td>
                            <td class="py-1" :class="one.does === 'refused' ? 'text-care' : ''">
                                {{ does[one.does] }}{{ one.says === does[one.does] ? '' : `: ${one.says}` }}
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <div class="mt-4 flex gap-2">
                <Button
                    v-if="!read.written && !read.refused && read.add + read.change > 0"
                    kind="strong"
                    :disabled="list.isPending.value"
                    data-write-list
                    @click="file && list.mutate({ file, write: true })"
                    >Put it in the cupboard</Button
                >
                <Button kind="quiet" @click="close">{{ read.written ? 'Done' : 'Leave it' }}</Button>
            </div>
        </template>
    </Dialog>
</template>
