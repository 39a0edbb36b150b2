<script setup lang="ts">
import { toRef } from 'vue';
import { RouterLink } from 'vue-router';

import { useActivity, useActivityToday, useRemoveActivity } from '@/api/queries';
import Button from '@/kit/Button.vue';
import Cautions from '@/kit/Cautions.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';
import { usePaper } from '@/kit/paper';
import Picture from '@/scene/Picture.vue';

/** One activity written out: a one-minute rehearsal with the real things. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ close: []; change: [] }>();
const id = toRef(props, 'id');
const paper = usePaper();
const activity = useActivity(id);

const use = useActivityToday();
const remove = useRemoveActivity(() => emit('close'));
</script>

<template>
    <Dialog open wide :title="activity.data.value?.card.name ?? 'Activity'" @close="$emit('close')">
        <Wait v-if="activity.isPending.value" what="Turning the page…" />
        <Notice v-else-if="activity.error.value" :error="activity.error.value" />
        <div v-else-if="activity.data.value" class="space-y-4" data-written-out>
            <div class="flex flex-col gap-4 sm:flex-row">
                <div class="h-40 shrink-0 rounded-xl bg-linen p-2 sm:w-56">
                    <Picture :svg="activity.data.value.card.picture" />
                </div>
                <div class="min-w-0 flex-1 space-y-2">
                    <p>{{ activity.data.value.card.inShort }}</p>
                    <p v-if="activity.data.value.card.lacks" class="rounded-lg bg-care-cloth px-3 py-2 text-care">
                        {{ activity.data.value.card.lacks }}
                    </p>
                    <div class="flex flex-wrap gap-2">
                        <Button kind="strong" :disabled="use.isPending.value" @click="use.mutate(id)">Use it today</Button>
                        <a
                            :href="`/api/activities/${id}/file`"
                            class="inline-flex min-h-11 items-center px-2 font-bold text-deep underline underline-offset-4"
                            >Save as a file</a
                        >
                        <a
                            :href="`/api/activities/${id}.pdf?paper=${paper}`"
                            target="_blank"
                            class="inline-flex min-h-11 items-center px-2 font-bold text-deep underline underline-offset-4"
                            data-activity-pdf
                            >Print it</a
                        >
                        <template v-if="activity.data.value.card.own">
                            <Button kind="quiet" @click="$emit('change')">Change</Button>
                            <Button kind="quiet" :disabled="remove.isPending.value" @click="remove.mutate(id)">Remove</Button>
                        </template>
                    </div>
                    <p v-if="use.isSuccess.value" role="status">
                        It is in today's plan.
                        <RouterLink to="/" class="font-bold text-deep underline underline-offset-4">Go to Today</RouterLink>
                    </p>
                    <Notice :error="use.error.value ?? remove.error.value" />
                </div>
            </div>
            <Cautions :cautions="activity.data.value.cautions" />
            <div class="grid gap-4 sm:grid-cols-2">
                <section class="space-y-2">
                    <h3 class="font-bold">Lay out</h3>
                    <p>{{ activity.data.value.layOutWords }}</p>
                    <ul class="list-disc pl-5 text-[0.95rem]">
                        <li v-for="role in activity.data.value.layOut" :key="role">{{ role }}</li>
                        <li v-for="prop in activity.data.value.props" :key="prop">{{ prop }}</li>
                    </ul>
                    <p v-if="activity.data.value.layOut.length" class="text-sm text-soft">
                        Counted for “{{ activity.data.value.layOutFor }}”; the plan counts anew for each child.
                    </p>
                    <p v-if="activity.data.value.sheets.length" data-sheets>
                        To print:
                        <template v-for="(sheet, i) in activity.data.value.sheets" :key="sheet.kind"
                            >{{ i ? ', ' : ''
                            }}<RouterLink
                                :to="{ name: 'make', query: { sheet: sheet.kind } }"
                                class="underline underline-offset-4"
                                >{{ sheet.name }}</RouterLink
                            ></template
                        >.
                    </p>
                    <p v-else class="text-soft">Needs nothing printed.</p>
                    <h3 class="font-bold">Show</h3>
                    <ol class="list-decimal pl-6">
                        <li v-for="line in activity.data.value.show" :key="line">{{ line }}</li>
                    </ol>
                    <h3 class="font-bold">Say, for example</h3>
                    <p v-for="(words, form) in activity.data.value.say" :key="form">
                        <span class="text-soft">{{ form }}:</span> {{ words }}
                    </p>
                    <p><b>Guess first:</b> {{ activity.data.value.predict }}</p>
                </section>
                <section class="space-y-2">
                    <h3 class="font-bold">Help, less and less</h3>
                    <ol class="list-decimal pl-6">
                        <li v-for="level in ['shown', 'part-done', 'bare']" :key="level">
                            {{ activity.data.value.helps[level] }}
                        </li>
                    </ol>
                    <p><b>Easier:</b> {{ activity.data.value.easier }}</p>
                    <p><b>Further:</b> {{ activity.data.value.further }}</p>
                    <p><b>Their turn:</b> {{ activity.data.value.childTurn }}</p>
                    <p><b>They check:</b> {{ activity.data.value.check }}</p>
                    <p><b>An elder:</b> {{ activity.data.value.twist }}</p>
                    <p><b>A little one:</b> {{ activity.data.value.toddlerJob }}</p>
                    <p v-if="activity.data.value.waiting"><b>Who waits:</b> {{ activity.data.value.waiting }}</p>
                    <p><b>Tidy up:</b> {{ activity.data.value.tidy }}</p>
                </section>
            </div>
            <section>
                <h3 class="font-bold">Look for</h3>
                <ul class="list-disc pl-5">
                    <li v-for="line in activity.data.value.lookFor" :key="line">{{ line }}</li>
                </ul>
            </section>
            <section>
                <h3 class="font-bold">Serves</h3>
                <p class="text-soft">
                    {{ activity.data.value.card.steps.map((step) => `${step.name}, ${step.reach}`).join('; ') }}
                </p>
            </section>
        </div>
    </Dialog>
</template>
