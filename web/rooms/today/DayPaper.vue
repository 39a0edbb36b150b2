<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { closingMarks, formsWith } from '@/generated/words';
import { clock, longDay } from '@/kit/words';

/** The day on one page of paper with circles to pencil, and a card for whoever steps in. Only paper shows it. */
defineProps<{ day: Schemas['DayView'] }>();
const marks = Object.values(closingMarks);
</script>

<template>
    <section class="hidden text-[11pt] leading-snug print:block" data-paper>
        <h1 class="mb-2 text-[16pt]">{{ longDay(day.date) }}</h1>
        <p v-if="day.bring.length" class="mb-2">
            <b>Bring:</b> {{ day.bring.map((one) => `${one.count} ${one.name}`).join(', ') }}.
        </p>
        <article v-for="setUp in day.setUps" :key="setUp.id" class="mb-3 break-inside-avoid border-t border-black pt-1">
            <p>
                <b>{{ clock(setUp.start) }} to {{ clock(setUp.end) }} {{ setUp.name }}</b
                >, {{ setUp.place }}, {{ setUp.partWords }}. {{ setUp.inShort }}
            </p>
            <p>
                Put out:
                {{ [...setUp.laid.map((laid) => `${laid.count} ${laid.name}`), ...setUp.props].join(', ') || 'nothing' }}.
            </p>
            <p v-for="caution in setUp.cautions" :key="caution.say">{{ caution.say }}</p>
            <p v-for="sitting in setUp.sittings" :key="sitting.id" class="mt-1">
                {{ sitting.childName }}: {{ sitting.step.name }}, {{ sitting.step.reach
                }}{{ sitting.form ? ', ' + formsWith[sitting.form] : '' }}.
                <span v-for="mark in marks" :key="mark" class="ml-3 whitespace-nowrap">○ {{ mark }}</span>
            </p>
        </article>
        <p v-for="moment in day.moments" :key="moment.childId + moment.activityId">
            ○ Any time, {{ moment.childName }}: {{ moment.name }}{{ /[?!.]$/.test(moment.name) ? '' : ':' }} {{ moment.say }}
        </p>
        <aside class="mt-4 break-inside-avoid border-2 border-dashed border-black p-3">
            <p class="font-bold">For whoever steps in</p>
            <p>
                Sit with them, put out what is written, say the words in the line, and wait. Stop while it is still fun. Right or
                wrong, say what you saw, pencil one circle, and put everything away together.
            </p>
            <p v-for="setUp in day.setUps.filter((one) => one.state !== 'done')" :key="setUp.id">
                {{ clock(setUp.start) }} {{ setUp.sittings.map((sitting) => sitting.childName).join(' and ') }}: {{ setUp.name }}.
                {{ setUp.laid.map((laid) => `${laid.count} ${laid.name}`).join(', ') }}
            </p>
        </aside>
    </section>
</template>
