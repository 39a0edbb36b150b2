<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { toRef } from 'vue';
import { RouterLink } from 'vue-router';

import { api } from '@/api/client';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import SceneDrawing from '@/scene/SceneDrawing.vue';

/** One activity written out: a one-minute rehearsal with the real things. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ close: []; change: [] }>();
const queries = useQueryClient();
const id = toRef(props, 'id');
const family = useQuery({ queryKey: ['family', id], queryFn: () => api.family(id.value) });

const use = useMutation({
    mutationFn: () => api.useFamily(props.id),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['today'] }),
});
const remove = useMutation({
    mutationFn: () => api.removeFamily(props.id),
    onSuccess: () => {
        void queries.invalidateQueries({ queryKey: ['families'] });
        emit('close');
    },
});
</script>

<template>
    <Dialog open wide :title="family.data.value?.card.name ?? 'Activity'" @close="$emit('close')">
        <Wait v-if="family.isPending.value" what="Turning the page…" />
        <Notice v-else-if="family.error.value" :error="family.error.value" />
        <div v-else-if="family.data.value" class="space-y-4" data-written-out>
            <div class="flex flex-col gap-4 sm:flex-row">
                <div class="h-40 shrink-0 rounded-xl bg-linen p-2 sm:w-56">
                    <SceneDrawing :scene="family.data.value.card.scene" />
                </div>
                <div class="min-w-0 flex-1 space-y-2">
                    <p>{{ family.data.value.card.inShort }}</p>
                    <p v-if="family.data.value.card.lacks" class="rounded-lg bg-care-cloth px-3 py-2 text-care">
                        {{ family.data.value.card.lacks }}
                    </p>
                    <div class="flex flex-wrap gap-2">
                        <Button kind="strong" :disabled="use.isPending.value" @click="use.mutate()">Use it today</Button>
                        <a
                            :href="`/api/families/${id}/file`"
                            class="inline-flex min-h-11 items-center px-2 font-bold text-deep underline underline-offset-4"
                            >Save as a file</a
                        >
                        <template v-if="family.data.value.card.own">
                            <Button kind="quiet" @click="$emit('change')">Change</Button>
                            <Button kind="quiet" :disabled="remove.isPending.value" @click="remove.mutate()">Remove</Button>
                        </template>
                    </div>
                    <p v-if="use.isSuccess.value" role="status">
                        It is in today's plan.
                        <RouterLink to="/" class="font-bold text-deep underline underline-offset-4">Go to Today</RouterLink>
                    </p>
                    <Notice :error="use.error.value ?? remove.error.value" />
                </div>
            </div>
            <div v-if="family.data.value.cautions.length" class="space-y-1 rounded-lg bg-care-cloth px-3 py-2 text-care">
                <p v-for="caution in family.data.value.cautions" :key="caution">{{ caution }}</p>
                <p class="text-sm">The usual cautions; labels, local rules and doctors come first.</p>
            </div>
            <div class="grid gap-4 sm:grid-cols-2">
                <section class="space-y-2">
                    <h3 class="font-bold">Lay out</h3>
                    <p>{{ family.data.value.layOutWords }}</p>
                    <ul class="list-disc pl-5 text-[0.95rem]">
                        <li v-for="role in family.data.value.layOut" :key="role">{{ role }}</li>
                        <li v-for="prop in family.data.value.props" :key="prop">{{ prop }}</li>
                    </ul>
                    <p v-if="family.data.value.layOut.length" class="text-sm text-soft">
                        Counted for “{{ family.data.value.layOutFor }}”; the plan counts anew for each child.
                    </p>
                    <h3 class="font-bold">Show</h3>
                    <ol class="list-decimal pl-6">
                        <li v-for="line in family.data.value.show" :key="line">{{ line }}</li>
                    </ol>
                    <h3 class="font-bold">Say, for example</h3>
                    <p v-for="(words, form) in family.data.value.say" :key="form">
                        <span class="text-soft">{{ form }}:</span> {{ words }}
                    </p>
                    <p><b>Guess first:</b> {{ family.data.value.predict }}</p>
                </section>
                <section class="space-y-2">
                    <h3 class="font-bold">Help, less and less</h3>
                    <ol class="list-decimal pl-6">
                        <li v-for="level in ['shown', 'part-done', 'bare']" :key="level">{{ family.data.value.helps[level] }}</li>
                    </ol>
                    <p><b>Easier:</b> {{ family.data.value.easier }}</p>
                    <p><b>Further:</b> {{ family.data.value.further }}</p>
                    <p><b>Their turn:</b> {{ family.data.value.childTurn }}</p>
                    <p><b>They check:</b> {{ family.data.value.check }}</p>
                    <p><b>An elder:</b> {{ family.data.value.twist }}</p>
                    <p><b>A little one:</b> {{ family.data.value.toddlerJob }}</p>
                    <p v-if="family.data.value.waiting"><b>Who waits:</b> {{ family.data.value.waiting }}</p>
                    <p><b>Tidy up:</b> {{ family.data.value.tidy }}</p>
                </section>
            </div>
            <section>
                <h3 class="font-bold">Look for</h3>
                <ul class="list-disc pl-5">
                    <li v-for="line in family.data.value.lookFor" :key="line">{{ line }}</li>
                </ul>
            </section>
            <section>
                <h3 class="font-bold">Serves</h3>
                <p class="text-soft">
                    {{ family.data.value.card.steps.map((step) => `${step.name}, ${step.reach}`).join('; ') }}
                </p>
            </section>
        </div>
    </Dialog>
</template>
