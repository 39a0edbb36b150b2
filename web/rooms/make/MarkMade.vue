<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { type SheetKind, useKeep, type Wish } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';

/** Once printed: it is made, or half made, and lies there. */
const props = defineProps<{ kind: SheetKind; wish: Wish; pages: number }>();
const keep = useKeep();
const keptAt = ref('');
const pagesDone = ref(1);
const said = ref('');
const NUMBERS = ['reach', 'unit', 'copies', 'seed', 'from'];
/** The same wish as it is sent with a body: numbers are numbers there. */
const as = computed(() =>
    Object.fromEntries(Object.entries(props.wish).map(([name, value]) => [name, NUMBERS.includes(name) ? Number(value) : value])),
);
function mark(state: Schemas['MadeState']) {
    const body = {
        state,
        kind: props.kind,
        as: as.value,
        keptAt: keptAt.value,
        pagesDone: state === 'half-made' ? Number(pagesDone.value) : 0,
    };
    keep.mutate(body as unknown as Schemas['KeptInput'], {
        onSuccess: (kept) =>
            (said.value = `${kept.name}: ${state === 'made' ? 'made' : 'half made'}${kept.keptAt ? `, ${kept.keptAt}` : ''}.`),
    });
}
</script>

<template>
    <form class="mt-5 rounded-2xl border border-hem bg-paper p-4" data-mark-made @submit.prevent="mark('made')">
        <h3 class="mb-2 text-lg font-bold">Cut and done?</h3>
        <div class="flex flex-wrap items-end gap-3">
            <Field v-slot="{ control }" id="made-place" label="Where it is kept" class="w-60"
                ><input v-bind="control" v-model="keptAt" maxlength="60" placeholder="blue tin, second shelf"
            /></Field>
            <Button kind="strong" type="submit" data-made :disabled="keep.isPending.value">It is made</Button>
            <template v-if="pages > 1">
                <Field v-slot="{ control }" id="made-pages" label="Pages done" class="w-28"
                    ><input v-bind="control" v-model="pagesDone" type="number" min="0" :max="pages"
                /></Field>
                <Button data-half-made :disabled="keep.isPending.value" @click="mark('half-made')">Half of it</Button>
            </template>
        </div>
        <p v-if="said" role="status" class="mt-2 font-bold" data-kept-said>{{ said }}</p>
        <Notice :error="keep.error.value" class="mt-2" />
    </form>
</template>
