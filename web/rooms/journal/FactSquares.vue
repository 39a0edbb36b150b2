<script setup lang="ts">
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { useFact } from '@/api/journal';
import { factStandings } from '@/generated/words';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import Wait from '@/kit/Wait.vue';

import FactCell from './FactCell.vue';

/** Sums and differences, each a square of cloth: woven through, half woven, one thread, bare. A square opens its tries. */
const props = defineProps<{ childId: string; squares: Schemas['FactSquareView'][] }>();
const shown = ref<Schemas['FactSquare']>('sums-to-ten');
const square = computed(() => props.squares.find((one) => one.square === shown.value) ?? props.squares[0]);
const open = ref('');
const fact = useFact(() => props.childId, open);
const standings = Object.entries(factStandings) as [Schemas['FactStanding'], string][];
const across = Array.from({ length: 11 }, (_, i) => i);
</script>

<template>
    <section class="min-w-0 rounded-2xl border border-hem bg-paper p-4" aria-labelledby="facts">
        <div class="mb-3 flex flex-wrap items-center gap-2">
            <h2 id="facts" class="mr-2">Facts</h2>
            <button
                v-for="one in squares"
                :key="one.square"
                type="button"
                class="min-h-11 rounded-lg border-2 px-3 font-bold"
                :class="one === square ? 'border-deep bg-linen' : 'border-hem'"
                :aria-pressed="one === square"
                :data-square="one.square"
                @click="shown = one.square"
            >
                {{ one.name }}
            </button>
        </div>
        <template v-if="square">
            <p class="mb-2" data-facts-say>{{ square.says }}</p>
            <ul class="mb-3 flex flex-wrap gap-x-5 gap-y-1 text-sm">
                <li v-for="[standing, words] in standings" :key="standing" class="flex items-center gap-1.5">
                    <FactCell :standing="standing" /> {{ words }}
                </li>
            </ul>
            <div class="overflow-x-auto">
                <table class="font-numeral" :aria-label="square.name">
                    <thead>
                        <tr>
                            <th class="p-px text-sm font-normal">{{ square.square === 'differences' ? '−' : '+' }}</th>
                            <th v-for="second in across" :key="second" class="p-px text-center text-sm font-normal">
                                {{ second }}
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="row in square.rows" :key="row.first">
                            <th class="p-px pr-1.5 text-right text-sm font-normal">{{ row.first }}</th>
                            <td v-for="(one, i) in row.facts" :key="i" class="p-px sm:p-0.5">
                                <button
                                    v-if="one"
                                    type="button"
                                    class="block"
                                    :aria-label="`${one.words}: ${factStandings[one.standing]}`"
                                    :title="`${one.words}: ${factStandings[one.standing]}`"
                                    :disabled="one.standing === 'not-met'"
                                    :data-fact="one.key"
                                    @click="open = one.key"
                                >
                                    <FactCell :standing="one.standing" />
                                </button>
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
        </template>
        <Dialog
            :open="open !== ''"
            :title="fact.data.value ? `${fact.data.value.words}: ${fact.data.value.standing}` : 'A fact'"
            @close="open = ''"
        >
            <Wait v-if="fact.isPending.value" what="Looking them up…" />
            <Notice :error="fact.error.value" />
            <ul v-if="fact.data.value" class="divide-y divide-hem" data-tries>
                <li v-for="(one, i) in fact.data.value.tries" :key="i" class="py-2">
                    <b>{{ one.called }}:</b> {{ one.outcome
                    }}<template v-if="one.method">, {{ one.method.toLowerCase() }}</template
                    ><template v-if="one.slip">, {{ one.slip.toLowerCase() }}</template>
                    <span class="block text-sm text-soft">{{ one.activity }}</span>
                </li>
            </ul>
        </Dialog>
    </section>
</template>
