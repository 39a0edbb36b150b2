<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { marks } from '@/generated/words';
import Spindle from '@/kit/Spindle.vue';

/** Spindles by strand, as they stood and as they stand: side by side, never added up. */
const props = defineProps<{ strands: Schemas['StrandThenView'][]; then: string }>();
const order: Schemas['Mark'][] = ['can-do', 'nearly', 'begun', 'not-met'];
const said = (strand: Schemas['StrandThenView'], at: 'then' | 'now') =>
    order
        .map((mark) => [mark, strand.steps.filter((step) => step[at] === mark).length] as const)
        .filter(([mark, count]) => count > 0 && mark !== 'not-met')
        .map(([mark, count]) => `${count} ${marks[mark]}`)
        .join(', ') || 'nothing met';
const sorted = (strand: Schemas['StrandThenView'], at: 'then' | 'now') =>
    [...strand.steps].sort((a, b) => order.indexOf(a[at]) - order.indexOf(b[at]));
const label = (strand: Schemas['StrandThenView'], at: 'then' | 'now') =>
    `${strand.name}, ${at === 'then' ? props.then : 'now'}: ${said(strand, at)}`;
</script>

<template>
    <p v-if="!strands.length">Nothing was met yet.</p>
    <div v-else class="overflow-x-auto" tabindex="0" role="region" aria-label="Then and now, strand by strand">
        <table class="w-full text-left">
            <thead>
                <tr>
                    <th class="py-1 pr-4"><span class="sr-only">Strand</span></th>
                    <th class="py-1 pr-4">{{ then }}</th>
                    <th class="py-1 pr-4">Now</th>
                    <th class="hidden py-1 md:table-cell">Can do now, and could not then</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="strand in strands" :key="strand.name" class="border-t border-hem align-top" :data-strand="strand.name">
                    <th class="py-2 pr-4 font-bold">{{ strand.name }}</th>
                    <td v-for="at in ['then', 'now'] as const" :key="at" class="py-2 pr-4">
                        <span class="flex max-w-52 flex-wrap gap-0.5" role="img" :aria-label="label(strand, at)">
                            <Spindle v-for="step in sorted(strand, at)" :key="step.id" :mark="step[at]" :size="16" quiet />
                        </span>
                        <span class="text-sm text-soft">{{ said(strand, at) }}</span>
                    </td>
                    <td class="hidden py-2 md:table-cell">
                        <ul v-if="strand.since.length" class="list-disc pl-5">
                            <li v-for="words in strand.since" :key="words">{{ words }}</li>
                        </ul>
                        <span v-else class="text-soft">nothing new</span>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>
