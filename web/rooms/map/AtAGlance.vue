<script setup lang="ts">
import { computed } from 'vue';

import type { Schemas } from '@/api/client';
import Spindle from '@/kit/Spindle.vue';

/** A line a strand: what the child can do, what they are on, what comes next, and what is worth a look. */
const props = defineProps<{ map: Schemas['MapView'] }>();
defineEmits<{ open: [stepId: string] }>();
const early = computed(() => props.map.glances.filter((glance) => glance.thin).length * 2 > props.map.glances.length);
const said = (step: Schemas['StepView']) => `${step.name.toLowerCase()}, ${step.reach}`;
</script>

<template>
    <section aria-labelledby="at-a-glance">
        <h2 id="at-a-glance" class="mb-2">At a glance</h2>
        <p v-if="early" class="mb-2 max-w-prose text-soft">
            The first weeks: Pindle is still finding out. What it has not seen is not held against {{ map.childName }}.
        </p>
        <ul class="divide-y divide-hem/60 rounded-2xl border border-hem bg-paper">
            <li v-for="glance in map.glances" :key="glance.strand" class="flex gap-3 px-4 py-2.5" :data-glance="glance.strand">
                <Spindle
                    class="mt-1"
                    :mark="glance.can ? 'can-do' : glance.now ? 'begun' : 'not-met'"
                    :look="glance.look.length > 0"
                    :size="20"
                    quiet
                />
                <p class="min-w-0 flex-1">
                    <b>{{ glance.name }}:</b>
                    {{ glance.can ?? (glance.now ? '' : 'nothing seen yet')
                    }}<template v-if="glance.now"
                        >{{ glance.can ? '; now on ' : ' on '
                        }}<button
                            type="button"
                            class="underline decoration-hem underline-offset-4"
                            @click="$emit('open', glance.now.id)"
                        >
                            {{ said(glance.now) }}
                        </button></template
                    ><template v-if="glance.next"
                        >{{ glance.now || glance.can ? '; next ' : '; first '
                        }}<button
                            type="button"
                            class="underline decoration-hem underline-offset-4"
                            @click="$emit('open', glance.next.id)"
                        >
                            {{ said(glance.next) }}
                        </button></template
                    ><template v-if="glance.look.length"
                        >. Worth a look:
                        <template v-for="(step, i) in glance.look" :key="step.id"
                            >{{ i ? '; ' : ''
                            }}<button
                                type="button"
                                class="underline decoration-wood underline-offset-4"
                                @click="$emit('open', step.id)"
                            >
                                {{ said(step) }}
                            </button></template
                        ></template
                    >.
                    <span v-if="glance.thin && (glance.can || glance.now)" class="text-soft">I have seen little of this.</span>
                </p>
            </li>
        </ul>
    </section>
</template>
