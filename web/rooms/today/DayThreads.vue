<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { threadStates } from '@/generated/words';
import { colour, pattern } from '@/kit/threads';
import { clock } from '@/kit/words';

/** The day as threads across a table: one a child, and the parent's that goes to whoever needs it. */
const props = defineProps<{ day: Schemas['DayView'] }>();
const emit = defineEmits<{
    open: [setUpId: string];
    move: [setUpId: string, start: number];
    block: [block: Schemas['BlockView'], start: number];
}>();

const WIDTH = 1000;
const LEFT = 96;
const GAP = 46;
const RIGHT = 34;
const TOP = 52;
const LANE = 46;
/** Two visits nearer than this are one way. */
const NEXT_DOOR = 26;

const height = computed(() => TOP + LANE * (props.day.children.length + 1) + 8);

/** Each window shows from its start to the later of its last use and ten minutes. */
const boards = computed(() => {
    const windows = props.day.windows.map((window) => {
        const [start = 0, end = 0] = window;
        const used = Math.max(
            start + 10,
            ...props.day.setUps.filter((one) => one.start >= start && one.end <= end).map((one) => one.end),
        );
        return {
            start,
            end: Math.min(end, Math.max(used, start + 10)),
            busy: used > start + 10 || props.day.setUps.some((one) => one.start >= start && one.end <= end),
        };
    });
    const shown = windows.filter((window) => window.busy);
    const list = shown.length ? shown : windows;
    const minutes = list.reduce((sum, one) => sum + one.end - one.start, 0);
    const scale = (WIDTH - LEFT - RIGHT - GAP * (list.length - 1)) / Math.max(1, minutes);
    let x = LEFT;
    return list.map((one) => {
        const board = { ...one, x, scale, width: (one.end - one.start) * scale };
        x += board.width + GAP;
        return board;
    });
});

type Board = (typeof boards.value)[number];

function boardOf(minute: number): Board | undefined {
    return boards.value.find((board) => minute >= board.start && minute <= board.end);
}

function x(minute: number): number {
    const board = boardOf(minute) ?? boards.value[0]!;
    return board.x + (minute - board.start) * board.scale;
}

const lane = (index: number) => TOP + LANE * (index + 1);

function ticks(board: Board): number[] {
    const list = [];
    for (let minute = board.start; minute <= board.end; minute += 5) {
        list.push(minute);
    }
    return list;
}

/** The parent's thread in one board: along the top, and down to the children at a set-up while it needs a hand. */
function parentPath(board: Board): string {
    const stops = props.day.parent
        .filter((one) => one.start >= board.start && one.end <= board.end)
        .sort((a, b) => a.start - b.start)
        .map((one) => {
            const setUp = props.day.setUps.find((other) => other.id === one.setUpId);
            const lanes = (setUp?.sittings ?? []).map((sitting) =>
                props.day.children.findIndex((child) => child.id === sitting.childId),
            );
            return { from: x(one.start), to: x(one.end), y: lane(Math.max(0, Math.min(...lanes))) - 20 };
        });
    let path = `M${board.x} ${TOP}`;
    // From one to the next at once when there is no room to come up between them.
    let [atX, atY] = [board.x, TOP];
    stops.forEach((stop, i) => {
        const next = stops[i + 1];
        const lead = Math.min(9, (stop.to - stop.from) / 3);
        const from = Math.max(atX, stop.from - 4);
        path += `L${from} ${atY}C${stop.from + lead} ${atY} ${stop.from - lead / 2} ${stop.y} ${stop.from + lead} ${stop.y}`;
        if (next && next.from - stop.to < NEXT_DOOR) {
            [atX, atY] = [stop.to - lead, stop.y];
            return;
        }
        path += `L${stop.to - lead} ${stop.y}C${stop.to + lead / 2} ${stop.y} ${stop.to - lead} ${TOP} ${stop.to + 4} ${TOP}`;
        [atX, atY] = [stop.to + 4, TOP];
    });
    return path + `L${board.x + board.width} ${TOP}`;
}

const numberOf = (setUpId: string | null | undefined) => props.day.setUps.findIndex((one) => one.id === setUpId) + 1;
const setUpName = (setUpId: string | null | undefined) => props.day.setUps.find((one) => one.id === setUpId)?.name ?? '';
const sitting = (name: string, at: Schemas['StretchView']) =>
    `${numberOf(at.setUpId)}: ${name} sits at ${setUpName(at.setUpId)}, ${clock(at.start)} to ${clock(at.end)}`;
/** A set-up for several is one cloth under all of them. */
const cloths = computed(() =>
    props.day.setUps
        .filter((one) => one.sittings.length > 1 && boardOf(one.start))
        .map((one) => {
            const lanes = one.sittings.map((sitting) => props.day.children.findIndex((child) => child.id === sitting.childId));
            return {
                id: one.id,
                x: x(one.start),
                width: x(one.end) - x(one.start),
                top: Math.min(...lanes),
                bottom: Math.max(...lanes),
            };
        }),
);
const blockWords = { 'arms-full': 'arms full', settling: 'feeding or settling', away: 'not there' };

/** Moving one along the day: by the arrow keys, or by dragging; in steps of five minutes. */
const STEP = 5;
const dragged = ref<{ id: string; from: number; minutes: number } | null>(null);
const mayMove = (setUpId: string | null | undefined) => doneState(setUpId) === 'planned';

function key(event: KeyboardEvent, stretch: Schemas['StretchView']) {
    const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0;
    if (by && stretch.setUpId && mayMove(stretch.setUpId)) {
        event.preventDefault();
        emit('move', stretch.setUpId, stretch.start + by);
    }
}
function drag(event: PointerEvent, stretch: Schemas['StretchView']) {
    if (stretch.setUpId && mayMove(stretch.setUpId)) {
        dragged.value = { id: stretch.setUpId, from: event.clientX, minutes: 0 };
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
    }
}
function dragOn(event: PointerEvent) {
    const svg = (event.currentTarget as SVGGraphicsElement).ownerSVGElement;
    const scale = boards.value[0]?.scale ?? 1;
    if (dragged.value && svg) {
        const units = ((event.clientX - dragged.value.from) * WIDTH) / svg.clientWidth;
        dragged.value.minutes = Math.round(units / scale / STEP) * STEP;
    }
}
function drop(stretch: Schemas['StretchView']) {
    const was = dragged.value;
    dragged.value = null;
    if (was && was.minutes && stretch.setUpId) {
        emit('move', stretch.setUpId, stretch.start + was.minutes);
    } else if (was && stretch.setUpId) {
        emit('open', stretch.setUpId);
    }
}
/** A time when you have less to give is moved in the same way. */
function blockKey(event: KeyboardEvent, block: Schemas['BlockView']) {
    const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0;
    if (by) {
        event.preventDefault();
        emit('block', block, Math.max(0, block.start + by));
    }
}
function blockDrag(event: PointerEvent, block: Schemas['BlockView']) {
    dragged.value = { id: block.state, from: event.clientX, minutes: 0 };
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
function blockDrop(block: Schemas['BlockView']) {
    const by = dragged.value?.minutes ?? 0;
    dragged.value = null;
    if (by) {
        emit('block', block, Math.max(0, block.start + by));
    }
}
const shift = (setUpId: string | null | undefined) =>
    dragged.value && dragged.value.id === setUpId ? dragged.value.minutes * (boards.value[0]?.scale ?? 1) : 0;
const doneState = (setUpId: string | null | undefined) => props.day.setUps.find((one) => one.id === setUpId)?.state;
/** Whether anyone is too young for a sitting. */
const onLap = computed(() => props.day.children.some((child) => child.stretches.some((stretch) => stretch.state === 'lap')));
</script>

<template>
    <figure class="overflow-x-auto rounded-2xl border border-hem bg-paper px-2 pt-1">
        <svg :viewBox="`0 0 ${WIDTH} ${height}`" class="block min-w-[40rem] w-full" role="group" aria-label="The day as threads">
            <g v-for="board in boards" :key="board.start">
                <rect :x="board.x - 6" y="22" :width="board.width + 12" :height="height - 28" rx="10" fill="var(--color-board)" />
                <g v-for="tick in ticks(board)" :key="tick">
                    <line
                        :x1="x(tick)"
                        :x2="x(tick)"
                        y1="24"
                        :y2="height - 8"
                        :stroke="tick % 10 === 0 ? 'var(--color-board-line)' : 'var(--color-board-hair)'"
                        stroke-width="1"
                    />
                    <text
                        v-if="(tick - board.start) % 10 === 0"
                        :x="x(tick)"
                        y="15"
                        text-anchor="middle"
                        font-size="13"
                        class="fill-soft"
                    >
                        {{ clock(tick) }}
                    </text>
                </g>
                <path
                    :d="parentPath(board)"
                    fill="none"
                    stroke="var(--color-ink)"
                    stroke-width="3.5"
                    stroke-linejoin="round"
                    stroke-linecap="round"
                />
            </g>
            <rect
                v-for="cloth in cloths"
                :key="cloth.id"
                :x="cloth.x - 4"
                :y="lane(cloth.top) - 21"
                :width="cloth.width + 8"
                :height="lane(cloth.bottom) - lane(cloth.top) + 42"
                rx="11"
                fill="var(--color-paper)"
                stroke="var(--color-wood)"
                stroke-width="2.5"
                :transform="`translate(${shift(cloth.id)} 0)`"
            />
            <g
                v-for="block in day.blocks"
                :key="block.state + block.start"
                tabindex="0"
                role="button"
                class="cursor-grab touch-none"
                :aria-label="`You: ${blockWords[block.state]}, ${clock(block.start)} to ${clock(block.end)}; arrow keys move it`"
                :transform="`translate(${shift(block.state)} 0)`"
                @keydown="blockKey($event, block)"
                @pointerdown="blockDrag($event, block)"
                @pointermove="dragOn"
                @pointerup="blockDrop(block)"
                @pointercancel="dragged = null"
            >
                <template v-if="boardOf(block.start) ?? boardOf(block.end)">
                    <rect
                        :x="x(Math.max(block.start, (boardOf(block.start) ?? boardOf(block.end))!.start))"
                        :y="TOP - 15"
                        :width="
                            Math.max(
                                8,
                                x(Math.min(block.end, (boardOf(block.start) ?? boardOf(block.end))!.end)) -
                                    x(Math.max(block.start, (boardOf(block.start) ?? boardOf(block.end))!.start)),
                            )
                        "
                        height="30"
                        rx="8"
                        fill="var(--color-hem)"
                        stroke="var(--color-ink)"
                        stroke-dasharray="3 3"
                    />
                    <text
                        :x="x(Math.max(block.start, (boardOf(block.start) ?? boardOf(block.end))!.start)) + 6"
                        :y="TOP + 5"
                        font-size="13"
                        class="fill-ink"
                    >
                        {{ blockWords[block.state] }}
                    </text>
                </template>
            </g>
            <text x="8" :y="TOP + 5" font-size="15" font-weight="700" class="fill-ink">You</text>
            <g v-for="(child, i) in day.children" :key="child.id">
                <text x="8" :y="lane(i) + 5" font-size="15" font-weight="700" :fill="colour(child.thread)">
                    {{ child.name.length > 9 ? child.name.slice(0, 8) + '…' : child.name }}
                </text>
                <g v-for="stretch in child.stretches" :key="stretch.start">
                    <title>
                        {{ child.name }} {{ threadStates[stretch.state] }}, {{ clock(stretch.start) }} to {{ clock(stretch.end) }}
                    </title>
                    <line
                        v-if="stretch.state !== 'sit' && stretch.state !== 'asleep'"
                        :x1="x(stretch.start)"
                        :x2="x(stretch.end)"
                        :y1="lane(i)"
                        :y2="lane(i)"
                        :stroke="colour(child.thread)"
                        :stroke-width="stretch.state === 'free' ? 1.6 : 3"
                        :stroke-dasharray="stretch.state === 'beside' ? '2 5' : stretch.state === 'lap' ? '8 4' : undefined"
                        stroke-linecap="round"
                    />
                    <text
                        v-else-if="stretch.state === 'asleep'"
                        :x="x(stretch.start) + 4"
                        :y="lane(i) + 5"
                        font-size="13"
                        class="fill-soft"
                    >
                        asleep
                    </text>
                    <a
                        v-else
                        href="#"
                        class="group outline-none"
                        :class="mayMove(stretch.setUpId) ? 'cursor-grab touch-none' : ''"
                        :transform="`translate(${shift(stretch.setUpId)} 0)`"
                        :aria-label="sitting(child.name, stretch) + (mayMove(stretch.setUpId) ? '; arrow keys move it' : '')"
                        draggable="false"
                        @click.prevent="mayMove(stretch.setUpId) ? undefined : $emit('open', stretch.setUpId!)"
                        @keydown="key($event, stretch)"
                        @keydown.enter.prevent="$emit('open', stretch.setUpId!)"
                        @pointerdown="drag($event, stretch)"
                        @pointermove="dragOn"
                        @pointerup="drop(stretch)"
                        @pointercancel="dragged = null"
                    >
                        <rect
                            :x="x(stretch.start)"
                            :y="lane(i) - 17"
                            :width="x(stretch.end) - x(stretch.start)"
                            height="34"
                            rx="9"
                            fill="var(--color-paper)"
                            :stroke="colour(child.thread)"
                            stroke-width="1.5"
                            class="group-focus-visible:stroke-[4]"
                        />
                        <line
                            :x1="x(stretch.start) + 2"
                            :x2="x(stretch.end) - 2"
                            :y1="lane(i) + 9"
                            :y2="lane(i) + 9"
                            :stroke="colour(child.thread)"
                            stroke-width="6"
                            :stroke-dasharray="pattern(child.thread)"
                        />
                        <circle
                            :cx="(x(stretch.start) + x(stretch.end)) / 2"
                            :cy="lane(i) - 5"
                            r="10"
                            :fill="doneState(stretch.setUpId) === 'done' ? 'var(--color-paper)' : colour(child.thread)"
                            :stroke="colour(child.thread)"
                            stroke-width="1.5"
                        />
                        <text
                            :x="(x(stretch.start) + x(stretch.end)) / 2"
                            :y="lane(i) - 0.5"
                            text-anchor="middle"
                            font-size="13"
                            font-weight="700"
                            :fill="doneState(stretch.setUpId) === 'done' ? colour(child.thread) : 'var(--color-white)'"
                        >
                            {{ numberOf(stretch.setUpId) }}
                        </text>
                    </a>
                </g>
            </g>
        </svg>
        <figcaption class="px-2 pb-2 text-sm text-soft">
            Your thread comes down to whoever needs you. Thick: at the table. Dotted: playing beside you.
            <template v-if="onLap">Dashed: on your lap.</template> Thin: on their own. One cloth under several: together.
        </figcaption>
    </figure>
</template>
