<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';

import { glyphs } from './glyphs';

/** Draws a set-up picture that core worked out in millimetres. What it says stands in its label. */
const props = defineProps<{ scene: Schemas['SceneView'] }>();

const margin = 6;
const box = computed(() => `${-margin} ${-margin} ${props.scene.width + 2 * margin} ${props.scene.height + 2 * margin}`);
const glyph = (name: string | null | undefined) => glyphs[name ?? 'counter'] ?? glyphs.counter!;
/** Lines of a square of a hundred. */
function grid(item: Schemas['ItemView'], count: number): string {
    const [left, top] = [item.x - item.width / 2, item.y - item.height / 2];
    let path = '';
    for (let i = 1; i < count; i++) {
        path += `M${left + (i * item.width) / count} ${top}v${item.height}M${left} ${top + (i * item.height) / count}h${item.width}`;
    }
    return path;
}
const corners = (count: number, turn = 0) =>
    Array.from({ length: count }, (_, i) => {
        const angle = (2 * Math.PI * (i + turn)) / count - Math.PI / 2;
        return `${i ? 'L' : 'M'}${(48 * Math.cos(angle)).toFixed(1)} ${(48 * Math.sin(angle)).toFixed(1)}`;
    }).join('') + 'z';
/** Flat shapes 1 to 8, then solid ones as they are seen from the front and a little above. */
const shapes: Record<string, string> = {
    1: 'M-46 0a46 46 0 1 0 92 0a46 46 0 1 0 -92 0z',
    2: 'M-42-42H42V42H-42z',
    3: 'M0-44L48 42H-48z',
    4: 'M-48-28H48V28H-48z',
    5: 'M-48 0a48 30 0 1 0 96 0a48 30 0 1 0 -96 0z',
    6: corners(6),
    7: corners(5),
    8: 'M0-46L34 0 0 46-34 0z',
    9: 'M-46 0a46 46 0 1 0 92 0a46 46 0 1 0 -92 0zM-46 0q46 20 92 0q-46 24 -92 0z',
    10: 'M-48-16l22-18h74l-22 18zM-48-16h74v50h-74zM26-16l22-18v50l-22 18z',
    11: 'M-32-34a32 12 0 1 0 64 0a32 12 0 1 0 -64 0zM-32-34v66a32 12 0 0 0 64 0v-66a32 12 0 0 1 -64 0z',
    12: 'M0-46L38 32a38 13 0 0 1 -76 0z',
    13: 'M-40-18l20-20h60l-20 20zM-40-18h60v60h-60zM20-18l20-20v60l-20 20z',
};
const shapePath = (label: string | null | undefined) => shapes[label ?? '1'] ?? shapes[1];
const size = (item: Schemas['ItemView']) => Math.min(item.width, item.height) * 0.5;
</script>

<template>
    <svg :viewBox="box" role="img" :aria-label="scene.alt" class="size-full" preserveAspectRatio="xMidYMid meet">
        <template v-for="(item, i) in scene.items" :key="i">
            <g
                v-if="item.kind === 'thing'"
                :transform="`translate(${item.x} ${item.y}) scale(${item.width / 20})`"
                :opacity="item.faint ? 0.35 : 1"
            >
                <path
                    :d="glyph(item.glyph).body"
                    :fill="item.faint ? 'none' : glyph(item.glyph).fill"
                    :stroke="glyph(item.glyph).line"
                    :stroke-width="glyph(item.glyph).fill === 'none' ? 2.4 : 1"
                    :stroke-dasharray="item.faint ? '2 1.5' : undefined"
                    stroke-linejoin="round"
                    stroke-linecap="round"
                    fill-rule="evenodd"
                />
                <path
                    v-if="glyph(item.glyph).marks && !item.faint"
                    :d="glyph(item.glyph).marks"
                    fill="none"
                    :stroke="glyph(item.glyph).line"
                    stroke-width="0.8"
                />
                <text v-if="item.label" text-anchor="middle" dy="0.36em" font-size="9" class="fill-ink font-bold">
                    {{ item.label }}
                </text>
            </g>
            <template v-else-if="item.kind === 'plate' || item.kind === 'bowl' || item.kind === 'ring'">
                <ellipse
                    :cx="item.x"
                    :cy="item.y"
                    :rx="item.width / 2"
                    :ry="item.height / 2"
                    :fill="item.kind === 'ring' ? 'none' : item.kind === 'bowl' ? '#e9e2d2' : '#fffdf8'"
                    :stroke="item.kind === 'ring' ? '#a9834f' : '#b3a88f'"
                    :stroke-width="item.kind === 'ring' ? 5 : 2"
                    :stroke-dasharray="item.kind === 'ring' ? '9 3' : undefined"
                />
                <text
                    v-if="item.label"
                    :x="item.x"
                    :y="item.y"
                    dy="0.35em"
                    text-anchor="middle"
                    class="fill-ink font-numeral"
                    :font-size="item.height * 0.4"
                >
                    {{ item.label }}
                </text>
            </template>
            <rect
                v-else-if="item.kind === 'block' || item.kind === 'band'"
                :x="item.x - item.width / 2"
                :y="item.y - item.height / 2"
                :width="item.width"
                :height="item.height"
                :rx="item.kind === 'band' ? 6 : 2"
                :fill="item.kind === 'band' ? 'none' : '#7f9c93'"
                :stroke="item.kind === 'band' ? '#a9834f' : '#2f4a3f'"
                :stroke-width="item.kind === 'band' ? 3 : 1.6"
            />
            <path
                v-else-if="item.kind === 'jar'"
                :d="`M${item.x - item.width / 2} ${item.y - item.height / 2}v${item.height - 8}q0 8 8 8h${item.width - 16}q8 0 8 -8v-${item.height - 8}`"
                fill="#eef2ef"
                stroke="#8fa3a0"
                stroke-width="2.4"
            />
            <rect
                v-else-if="item.kind === 'strip'"
                :x="item.x - item.width / 2"
                :y="item.y - item.height / 2"
                :width="item.width"
                :height="item.height"
                rx="3"
                fill="#d9c39a"
                stroke="#6d5a34"
                stroke-width="1.4"
            />
            <g v-else-if="item.kind === 'coin'">
                <circle :cx="item.x" :cy="item.y" :r="item.width / 2" fill="#e3cf93" stroke="#6e5312" stroke-width="1.4" />
                <text
                    :x="item.x"
                    :y="item.y"
                    dy="0.36em"
                    text-anchor="middle"
                    class="fill-ink font-numeral"
                    :font-size="item.width * 0.5"
                >
                    {{ item.label }}
                </text>
            </g>
            <g
                v-else-if="item.kind === 'mat' || item.kind === 'bundle' || item.kind === 'single'"
                :opacity="item.faint ? 0.6 : 1"
            >
                <rect
                    :x="item.x - item.width / 2"
                    :y="item.y - item.height / 2"
                    :width="item.width"
                    :height="item.height"
                    rx="2"
                    :fill="item.kind === 'mat' ? '#c9d3c4' : '#d9b98a'"
                    stroke="#6b4b1f"
                    stroke-width="1.2"
                />
                <path v-if="item.kind === 'mat'" :d="grid(item, 10)" fill="none" stroke="#6b7f66" stroke-width="0.5" />
                <rect
                    v-if="item.kind === 'bundle'"
                    :x="item.x - item.width / 2 - 1.5"
                    :y="item.y - 5"
                    :width="item.width + 3"
                    height="10"
                    fill="#fffdf8"
                    stroke="#6b4b1f"
                    stroke-width="1"
                />
            </g>
            <path
                v-else-if="item.kind === 'shape'"
                :d="shapePath(item.label)"
                :transform="`translate(${item.x} ${item.y}) scale(${item.width / 100})`"
                fill="#9fb8b3"
                stroke="#2b5452"
                stroke-width="2.5"
                stroke-linejoin="round"
                fill-rule="evenodd"
            />
            <g v-else-if="item.kind === 'mouth'" :transform="`translate(${item.x} ${item.y}) scale(${item.width / 40})`">
                <g v-if="item.label === '='" stroke="#24332d" stroke-width="3" fill="none">
                    <path d="M-12-6h24M-12 6h24" />
                </g>
                <g v-else :transform="item.label === '>' ? 'scale(-1 1)' : undefined">
                    <path d="M14-15L-12 0 14 15" fill="none" stroke="#2f4a3f" stroke-width="5" stroke-linejoin="round" />
                    <path d="M8-11l-1 5M2-8l-1 5M8 11l-1-5M2 8l-1-5" stroke="#2f4a3f" stroke-width="1.6" />
                    <circle cx="0" cy="-13" r="2.4" fill="#24332d" />
                </g>
            </g>
            <g v-else-if="item.kind === 'beam'" :transform="`translate(${item.x} ${item.y}) scale(${item.width / 40})`">
                <path d="M-5 16L0 4 5 16z" fill="#a9834f" />
                <g :transform="item.label === '<' ? 'rotate(14)' : item.label === '>' ? 'rotate(-14)' : undefined">
                    <path d="M-17 3h34" stroke="#24332d" stroke-width="2.6" />
                    <path d="M-20 3a6 6 0 0 0 10 0zM10 3a6 6 0 0 0 10 0z" fill="#2f4a3f" />
                </g>
            </g>
            <rect
                v-else-if="item.kind === 'cell'"
                :x="item.x - item.width / 2"
                :y="item.y - item.height / 2"
                :width="item.width"
                :height="item.height"
                fill="#fffdf8"
                stroke="#6d6552"
                stroke-width="1.6"
            />
            <template v-else-if="item.kind === 'card' || item.kind === 'gap' || item.kind === 'box'">
                <rect
                    :x="item.x - item.width / 2"
                    :y="item.y - item.height / 2"
                    :width="item.width"
                    :height="item.height"
                    :rx="item.kind === 'box' ? 2 : 5"
                    :fill="item.kind === 'gap' ? 'none' : '#fffdf8'"
                    stroke="#6d6552"
                    :stroke-width="1.6"
                    :stroke-dasharray="item.kind === 'gap' ? '5 4' : undefined"
                />
                <text
                    v-if="item.label"
                    :x="item.x"
                    :y="item.y"
                    dy="0.36em"
                    text-anchor="middle"
                    class="fill-ink font-numeral"
                    :font-size="size(item) * (item.label.length > 1 ? 1.1 : 1.4)"
                >
                    {{ item.label }}
                </text>
            </template>
            <template v-else-if="item.kind === 'cup'">
                <path
                    :d="`M${item.x - item.width / 2} ${item.y + item.height / 2}L${item.x - item.width * 0.34} ${item.y - item.height / 2}h${item.width * 0.68}L${item.x + item.width / 2} ${item.y + item.height / 2}z`"
                    fill="#8fa3a0"
                    stroke="#3f5452"
                    stroke-width="2"
                    stroke-linejoin="round"
                />
                <text
                    :x="item.x"
                    :y="item.y"
                    dy="0.36em"
                    text-anchor="middle"
                    fill="#fff"
                    class="font-numeral"
                    :font-size="item.height * 0.5"
                >
                    ?
                </text>
            </template>
            <line
                v-else-if="item.kind === 'line'"
                :x1="item.x - item.width / 2"
                :x2="item.x + item.width / 2"
                :y1="item.y"
                :y2="item.y"
                stroke="#24332d"
                stroke-width="2"
                stroke-linecap="round"
            />
            <template v-else-if="item.kind === 'tick'">
                <line :x1="item.x" :x2="item.x" :y1="item.y - 4" :y2="item.y + 4" stroke="#24332d" stroke-width="1.4" />
                <text :x="item.x" :y="item.y + 19" text-anchor="middle" class="fill-ink font-numeral" font-size="12">
                    {{ item.label }}
                </text>
            </template>
            <path
                v-else-if="item.kind === 'hop'"
                :d="`M${item.x - item.width / 2} ${item.y - 3}Q${item.x} ${item.y - item.height * 1.6} ${item.x + item.width / 2} ${item.y - 3}`"
                fill="none"
                stroke="#a2452f"
                :stroke-width="1.8"
                :stroke-dasharray="item.faint ? '3 3' : undefined"
            />
            <line
                v-else-if="item.kind === 'link'"
                :x1="item.x - item.width / 2"
                :y1="item.y - item.height / 2"
                :x2="item.x + item.width / 2"
                :y2="item.y + item.height / 2"
                stroke="#b3a88f"
                stroke-width="3"
            />
        </template>
    </svg>
</template>
