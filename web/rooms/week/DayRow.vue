<script setup lang="ts">
import { Hand } from '@lucide/vue';
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import ThreadKnot from '@/kit/ThreadKnot.vue';
import { colour, pattern } from '@/kit/threads';
import { clock, shortDay } from '@/kit/words';

/** One day: when the parent can be there, and for each child what is planned in full, what was done, or what likely comes. */
const props = defineProps<{
    day: Schemas['WeekDayView'];
    children: Schemas['WeekChildView'][];
    likely: Schemas['OutlookDayView'] | undefined;
    waiting: boolean;
    /** What becomes of it, where it did not happen. */
    missed?: string | undefined;
    planning: boolean;
}>();
defineEmits<{ use: []; plan: [] }>();

const isOff = computed(() => !props.day.windows.length);
const hours = computed(() => props.day.windows.map(([from = 0, to = 0]) => `${clock(from)}–${clock(to)}`));
const why = { usual: '', once: 'this day only', holiday: '', today: 'changed in Today' } as const;
const cells = computed(() =>
    props.children.map((child) => {
        const own = props.day.children.find(({ childId }) => childId === child.id)!;
        const ahead = props.likely?.children.find(({ childId }) => childId === child.id);
        const likely = own.setUps.length || props.day.isPlanned ? [] : (ahead?.setUps ?? []);
        const all = own.setUps.length ? own.setUps : likely;
        return {
            child,
            own,
            ahead,
            likely,
            strands: [...new Set((ahead?.setUps ?? []).flatMap(({ steps }) => steps.map(({ strand }) => strand)))],
            minutes: all.reduce((sum, { start, end }) => sum + end - start, 0),
        };
    }),
);
const as = { new: 'new', look: 'a look', 'goes-on': '' } as const;
/** Something planned or done: then nothing is only likely. */
const isFirm = computed(() => props.day.children.some(({ setUps }) => setUps.length));
const rest = (child: (typeof cells.value)[number]) => {
    if (child.own.absent) {
        return child.own.absent === 'away' ? 'Away' : 'Ill';
    }
    if (props.day.isOver || isOff.value || child.own.setUps.length) {
        return '';
    }
    if (!child.child.isPlanned) {
        return 'Beside you';
    }
    return child.own.minutes === 0 ? 'None this day' : '';
};
</script>

<template>
    <li
        class="threads grid-cols-1 rounded-2xl border bg-paper sm:grid"
        :class="[day.isToday ? 'border-2 border-ink' : 'border-hem', isOff || day.isOver ? 'opacity-90' : '']"
        :data-day="day.date"
    >
        <div class="flex flex-col items-start gap-1 border-hem p-2 sm:border-r">
            <button
                type="button"
                class="min-h-11 w-full rounded-lg px-1 text-left hover:bg-linen disabled:hover:bg-transparent"
                :disabled="day.isOver"
                :aria-label="`${day.name} ${shortDay(day.date)}: change`"
                :data-use="day.date"
                @click="$emit('use')"
            >
                <b>{{ day.name }}</b> <span class="whitespace-nowrap text-soft">{{ shortDay(day.date) }}</span>
                <span class="block text-sm" :class="day.isOver ? 'text-soft' : ''">
                    <template v-if="isOff">{{ day.why === 'holiday' ? 'Days off' : 'Off' }}</template>
                    <span v-for="time in hours" v-else :key="time" class="block whitespace-nowrap">{{ time }}</span>
                </span>
                <span v-if="why[day.why]" class="block text-sm text-soft">{{ why[day.why] }}</span>
            </button>
            <span v-if="likely?.isHeavy" class="flex items-center gap-1 px-1 text-sm font-bold" data-heavy
                ><Hand :size="15" aria-hidden="true" /> wants {{ likely.withMinutes }} min of you</span
            >
            <p v-if="day.clock" class="px-1 text-sm font-bold text-care" data-clock>{{ day.clock }}</p>
            <template v-if="!day.isOver && children.length">
                <RouterLink
                    v-if="day.isPlanned"
                    :to="{ name: 'today', query: day.isToday ? {} : { day: day.date } }"
                    class="flex min-h-11 items-center px-1 text-sm font-bold text-deep underline underline-offset-4 sm:min-h-6"
                    >planned in full</RouterLink
                >
                <Button
                    v-else-if="!isOff"
                    kind="quiet"
                    class="px-1! py-0! text-sm sm:min-h-6!"
                    :disabled="planning"
                    :data-plan="day.date"
                    @click="$emit('plan')"
                    >Plan it in full</Button
                >
            </template>
        </div>
        <p v-if="day.untouched" class="px-3 py-2 text-soft sm:col-span-full sm:col-start-2" data-untouched>
            {{ missed ?? day.untouched }}
        </p>
        <template v-else-if="!isOff || isFirm">
            <div v-for="cell in cells" :key="cell.child.id" class="relative px-3 py-2 text-sm" :data-cell="cell.child.id">
                <svg class="absolute inset-y-0 left-0 hidden h-full w-1.5 sm:block" aria-hidden="true" preserveAspectRatio="none">
                    <line
                        x1="3"
                        y1="0"
                        x2="3"
                        y2="100%"
                        :stroke="colour(cell.child.thread)"
                        stroke-width="3"
                        :stroke-dasharray="pattern(cell.child.thread)"
                    />
                </svg>
                <p class="flex items-center gap-1 font-bold sm:sr-only">
                    <ThreadKnot :thread="cell.child.thread" :size="16" /> {{ cell.child.name }}
                </p>
                <p v-if="day.isOver" class="pl-1">
                    <span class="text-soft">{{ cell.own.minutesDone ? `${cell.own.minutesDone} min: ` : '' }}</span>{{
                        cell.own.setUps
                            .filter(({ isDone }) => isDone)
                            .map(({ name }) => name)
                            .join(', ')
                    }}
                </p>
                <ul v-else class="space-y-1 pl-1">
                    <li v-for="setUp in cell.own.setUps" :key="setUp.id">
                        <b>{{ setUp.name }}</b><template v-if="setUp.isDone"> · done</template>
                        <span class="block text-soft">{{ setUp.steps.join(' · ') }}</span>
                    </li>
                    <li v-for="setUp in cell.likely" :key="setUp.name + setUp.start" class="italic">
                        {{ setUp.name }}<b v-if="setUp.isNew" class="not-italic"> · new game</b>
                        <span v-for="step in setUp.steps" :key="step.name" class="block text-soft">
                            {{ step.name }}<b v-if="as[step.as]"> · {{ as[step.as] }}</b>
                        </span>
                    </li>
                </ul>
                <p v-if="rest(cell)" class="pl-1 text-soft">{{ rest(cell) }}</p>
                <p v-if="waiting && !cell.own.setUps.length && !rest(cell)" class="pl-1 text-soft">…</p>
                <p v-if="!day.isOver && cell.minutes" class="pl-1 text-soft" data-how-much>
                    {{ cell.minutes }} of {{ cell.own.minutes }} min<template v-if="cell.strands.length"
                        >: {{ cell.strands.join(', ') }}</template
                    >
                </p>
                <p v-if="cell.ahead?.due.length" class="pl-1" data-due>
                    <span class="font-bold">Due:</span> {{ cell.ahead.due.slice(0, 2).join(', ')
                    }}<template v-if="cell.ahead.due.length > 2"> and {{ cell.ahead.due.length - 2 }} more</template>
                </p>
            </div>
        </template>
    </li>
</template>
