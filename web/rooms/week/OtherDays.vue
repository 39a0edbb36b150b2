<script setup lang="ts">
import { computed, ref, watch } from 'vue';

import { Problem, type Schemas } from '@/api/client';
import { useLowWeek, type useWeekChanges } from '@/api/week';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import { shortDay } from '@/kit/words';

/** Days off, who is away, and a low week: what goes before the usual week for a while. */
const props = defineProps<{
    week: Schemas['WeekView'];
    changes: ReturnType<typeof useWeekChanges>;
    adding: 'holiday' | 'away' | null;
}>();
const emit = defineEmits<{ close: [] }>();

const LOW_DAYS = 6;
const DAY_MS = 24 * 60 * 60 * 1000;
const low = useLowWeek();
const from = ref('');
const to = ref('');
const who = ref('');
watch(
    () => props.adding,
    (adding) => {
        if (adding) {
            props.changes.forget();
            from.value = to.value = props.week.from > props.week.today ? props.week.from : props.week.today;
            who.value ||= props.week.children[0]?.id ?? '';
        }
    },
    { immediate: true },
);
const fields = computed(() => (props.changes.error.value instanceof Problem ? props.changes.error.value.fields : {}));
const range = (one: { from: string; to: string }) =>
    one.from === one.to ? shortDay(one.from) : `${shortDay(one.from)} to ${shortDay(one.to)}`;
function keep() {
    const days = { from: from.value, to: to.value };
    if (props.adding === 'away') {
        props.changes.away(who.value, days, () => emit('close'));
    } else {
        props.changes.holiday(days, () => emit('close'));
    }
}
const lowUntil = () => new Date(Date.parse(props.week.today) + LOW_DAYS * DAY_MS).toISOString().slice(0, 10);
</script>

<template>
    <section class="rounded-2xl border border-hem bg-paper p-4" aria-label="Days off and away">
        <h2 class="mb-2">Days off and away</h2>
        <p v-if="!week.holidays.length && !week.away.length" class="text-soft">None ahead.</p>
        <ul class="space-y-1">
            <li v-for="one in week.holidays" :key="one.from" class="flex items-center justify-between gap-2">
                <span><b>Off</b> {{ range(one) }}</span>
                <Button
                    kind="quiet"
                    class="px-2!"
                    :disabled="changes.busy.value"
                    :aria-label="`Not off ${range(one)}`"
                    data-no-holiday
                    @click="changes.noHoliday(one)"
                    >Not after all</Button
                >
            </li>
            <li v-for="one in week.away" :key="one.childId + one.from" class="flex items-center justify-between gap-2">
                <span
                    ><b>{{ one.name }} away</b> {{ range(one) }}</span
                >
                <Button
                    kind="quiet"
                    class="px-2!"
                    :disabled="changes.busy.value"
                    :aria-label="`${one.name} not away ${range(one)}`"
                    data-not-away
                    @click="changes.notAway(one.childId, { from: one.from, to: one.to })"
                    >Not after all</Button
                >
            </li>
        </ul>
        <div class="mt-3 border-t border-hem pt-3">
            <template v-if="week.lowUntil">
                <p>A low week until {{ shortDay(week.lowUntil) }}.</p>
                <Button kind="quiet" class="px-1!" :disabled="low.isPending.value" data-low-over @click="low.mutate(null)"
                    >It is over</Button
                >
            </template>
            <Button v-else :disabled="low.isPending.value" data-low @click="low.mutate(lowUntil())">A low week from today</Button>
            <p v-if="!week.lowUntil" class="mt-1 text-sm text-soft">
                Illness, a new baby, moving: one thing a day at most for seven days, and nothing counts as missed.
            </p>
            <Notice :error="low.error.value" />
        </div>
        <Dialog
            v-if="adding"
            :open="true"
            :title="adding === 'away' ? 'Someone is away' : 'Days off for everyone'"
            @close="$emit('close')"
        >
            <form class="space-y-4" @submit.prevent="keep">
                <Field v-if="adding === 'away'" id="away-who" v-slot="{ control }" label="Who" :error="fields.childId">
                    <select v-bind="control" v-model="who">
                        <option v-for="child in week.children" :key="child.id" :value="child.id">{{ child.name }}</option>
                    </select>
                </Field>
                <div class="flex flex-wrap gap-4">
                    <Field id="days-from" v-slot="{ control }" label="From" :error="fields.from">
                        <input v-bind="control" v-model="from" type="date" required />
                    </Field>
                    <Field id="days-to" v-slot="{ control }" label="To, with that day" :error="fields.to">
                        <input v-bind="control" v-model="to" type="date" required />
                    </Field>
                </div>
                <Notice v-if="!Object.keys(fields).length" :error="changes.error.value" />
                <Button kind="strong" type="submit" data-keep-days :disabled="changes.busy.value">Keep it so</Button>
                <p class="text-sm text-soft">
                    {{
                        adding === 'away'
                            ? 'Nothing is planned for them then, and nothing is missed.'
                            : 'Nothing is planned on these days; the usual week stays as it is.'
                    }}
                </p>
            </form>
        </Dialog>
    </section>
</template>
