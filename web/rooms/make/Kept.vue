<script setup lang="ts">
import { reactive, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useChangeKept, useThrowAway } from '@/api/sheets';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';

/** What is made and where it is; how it stands with it can be said, and what is half made is gone on with. */
defineProps<{ kept: Schemas['KeptView'][] }>();
const emit = defineEmits<{ goOn: [kept: Schemas['KeptView']] }>();

const change = useChangeKept();
const away = useThrowAway();
const open = ref('');
const now = reactive({ state: 'made' as Schemas['MadeState'], keptAt: '', pagesDone: 0 });
const STATES: Record<Schemas['MadeState'], string> = { made: 'made', 'half-made': 'half made', 'worn-out': 'worn out' };

function look(one: Schemas['KeptView']) {
    open.value = open.value === one.id ? '' : one.id;
    Object.assign(now, { state: one.state, keptAt: one.keptAt ?? '', pagesDone: one.pagesDone });
}
const save = (one: Schemas['KeptView']) =>
    change.mutate(
        { id: one.id, version: one.version, ...now, pagesDone: Number(now.pagesDone) || 0 },
        { onSuccess: () => (open.value = '') },
    );
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="Made and kept">
        <h2 class="mb-2">Made and kept</h2>
        <p v-if="!kept.length" class="text-soft">
            Nothing yet. When you have cut something out, say where it lies: Pindle then prefers games that need it.
        </p>
        <ul class="divide-y divide-hem">
            <li v-for="one in kept" :key="one.id" :data-kept="one.id">
                <button
                    type="button"
                    class="min-h-11 w-full py-1 text-left hover:bg-linen"
                    :aria-expanded="open === one.id"
                    @click="look(one)"
                >
                    <b>{{ one.name }}</b>
                    <span class="block text-sm" :class="one.state === 'made' ? 'text-soft' : 'font-bold text-care'"
                        >{{ STATES[one.state] }}<template v-if="one.state === 'half-made'">, {{ one.pagesDone }} done</template
                        ><template v-if="one.keptAt">, {{ one.keptAt }}</template></span
                    >
                </button>
                <form v-if="open === one.id" class="space-y-3 pb-3" @submit.prevent="save(one)">
                    <Field v-slot="{ control }" :id="`state-${one.id}`" label="How it is"
                        ><select v-bind="control" v-model="now.state">
                            <option v-for="(words, state) in STATES" :key="state" :value="state">{{ words }}</option>
                        </select></Field
                    >
                    <Field v-if="now.state === 'half-made'" v-slot="{ control }" :id="`pages-${one.id}`" label="Pages done"
                        ><input v-bind="control" v-model="now.pagesDone" type="number" min="0" max="200"
                    /></Field>
                    <Field v-slot="{ control }" :id="`place-${one.id}`" label="Where it is"
                        ><input v-bind="control" v-model="now.keptAt" maxlength="60" placeholder="blue tin, second shelf"
                    /></Field>
                    <Notice :error="change.error.value" />
                    <div class="flex flex-wrap gap-2">
                        <Button kind="strong" type="submit" :disabled="change.isPending.value">Keep it so</Button>
                        <Button v-if="one.kind" data-go-on @click="emit('goOn', one)">{{
                            one.state === 'half-made' ? 'Go on with it' : 'Print it again'
                        }}</Button>
                        <Button kind="quiet" :disabled="away.isPending.value" @click="away.mutate(one.id)">Thrown away</Button>
                    </div>
                </form>
            </li>
        </ul>
    </section>
</template>
