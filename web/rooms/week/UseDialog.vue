<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { Problem } from '@/api/client';
import type { useWeekChanges } from '@/api/week';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { longDay, minutes, timeField } from '@/kit/words';

/** How a day is used: hours, and minutes for each child; every week on that weekday, or on this one day. */
const props = defineProps<{
    week: Schemas['WeekView'];
    of: { weekday: number } | { date: string };
    changes: ReturnType<typeof useWeekChanges>;
}>();
const emit = defineEmits<{ close: [] }>();

const MOST_WINDOWS = 6;
const one = computed(() =>
    'date' in props.of
        ? props.week.days.find(({ date }) => date === (props.of as { date: string }).date)!
        : props.week.usual.find(({ weekday }) => weekday === (props.of as { weekday: number }).weekday)!,
);
const title = computed(() => ('date' in props.of ? longDay(props.of.date) : `Every ${one.value.name}`));
const isChanged = computed(() => 'why' in one.value && one.value.why === 'once');

const windows = ref(one.value.windows.map(([from = 0, to = 0]) => ({ from: timeField(from), to: timeField(to) })));
const own = ref<Record<string, string>>(
    Object.fromEntries(
        props.week.children.map(({ id }) => [id, String((one.value.minutes as Record<string, number>)[id] ?? '')]),
    ),
);
const fields = computed(() => (props.changes.error.value instanceof Problem ? props.changes.error.value.fields : {}));

function keep(used = windows.value) {
    const said = Object.entries(own.value).filter(([, value]) => String(value).trim() !== '');
    const use = {
        windows: used.map(({ from, to }) => [minutes(from), minutes(to)]),
        minutes: Object.fromEntries(said.map(([id, value]) => [id, Number(value)])),
    };
    if ('date' in props.of) {
        props.changes.once(props.of.date, use, () => emit('close'));
    } else {
        props.changes.usual(props.of.weekday, use, () => emit('close'));
    }
}
const another = () => windows.value.push(windows.value.length ? { from: '16:00', to: '16:20' } : { from: '09:00', to: '09:40' });
</script>

<template>
    <Dialog :open="true" :title="title" @close="$emit('close')">
        <form class="space-y-4" @submit.prevent="keep()">
            <fieldset class="space-y-2">
                <legend class="mb-1 font-bold">When you can be there</legend>
                <p v-if="!windows.length" class="text-soft">Not at all: a day off.</p>
                <div v-for="(window, i) in windows" :key="i">
                    <div class="flex flex-wrap items-center gap-2">
                        <input
                            v-model="window.from"
                            type="time"
                            required
                            :aria-label="`Time ${i + 1} from`"
                            :aria-invalid="fields[`windows.${i}`] ? 'true' : undefined"
                        />
                        <span>to</span>
                        <input
                            v-model="window.to"
                            type="time"
                            required
                            :aria-label="`Time ${i + 1} to`"
                            :aria-invalid="fields[`windows.${i}`] ? 'true' : undefined"
                        />
                        <Button kind="quiet" class="px-2!" @click="windows.splice(i, 1)">Remove</Button>
                    </div>
                    <p v-if="fields[`windows.${i}`]" class="mt-1 font-bold text-care">{{ fields[`windows.${i}`] }}</p>
                </div>
                <Button v-if="windows.length < MOST_WINDOWS" kind="quiet" data-another-time @click="another">{{
                    windows.length ? 'Another time' : 'A time'
                }}</Button>
            </fieldset>
            <fieldset v-if="windows.length && week.children.length" class="space-y-2">
                <legend class="mb-1 font-bold">Minutes of maths for each, where not as usual</legend>
                <Field
                    v-for="child in week.children"
                    :id="'minutes-' + child.id"
                    :key="child.id"
                    v-slot="{ control }"
                    :label="child.name"
                    :error="fields[`minutes.${child.id}`]"
                >
                    <span class="flex items-center gap-2">
                        <ThreadKnot :thread="child.thread" />
                        <input
                            v-bind="control"
                            v-model="own[child.id]"
                            type="number"
                            min="0"
                            max="60"
                            inputmode="numeric"
                            class="w-24"
                            :placeholder="String(child.ownMinutes)"
                        />
                        <span class="text-sm text-soft">0 for none that day</span>
                    </span>
                </Field>
            </fieldset>
            <Notice v-if="!Object.keys(fields).length" :error="changes.error.value" />
            <div class="flex flex-wrap gap-2">
                <Button kind="strong" type="submit" data-keep-use :disabled="changes.busy.value">Keep it so</Button>
                <Button v-if="windows.length" data-off :disabled="changes.busy.value" @click="keep([])">Off</Button>
                <Button
                    v-if="isChanged && 'date' in of"
                    kind="quiet"
                    data-as-usual
                    :disabled="changes.busy.value"
                    @click="changes.asUsual(of.date, () => emit('close'))"
                    >As usual again</Button
                >
            </div>
            <p class="text-sm text-soft">
                {{
                    'date' in of
                        ? 'Only this one day; the usual week stays as it is.'
                        : 'Every week from now on; days with hours of their own keep them.'
                }}
                What is begun or done stays.
            </p>
        </form>
    </Dialog>
</template>
