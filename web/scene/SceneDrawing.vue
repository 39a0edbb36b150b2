<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';

import { glyphs } from './glyphs';

/** Draws a set-up picture that core worked out in millimetres. What it says stands in its label. */
const props = defineProps<{ scene: Schemas['SceneView'] }>();

const margin = 6;
const box = computed(() => `${-margin} ${-margin} ${props.scene.width + 2 * margin} ${props.scene.height + 2 * margin}`);
const glyph = (name: string | null | undefined) => glyphs[name ?? 'counter'] ?? glyphs.counter!;
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
