<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId } from '@/api/device';
import { useHandMark, useSeen } from '@/api/queries';
import { marks as markNames } from '@/generated/words';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';
import Notice from '@/kit/Notice.vue';
import Outcomes from '@/kit/Outcomes.vue';
import Spindle from '@/kit/Spindle.vue';

/** What a parent knows besides the tries: "I saw it elsewhere" in two taps, or a mark set by hand. */
const props = defineProps<{ childId: string; stepId: string; how: 'seen' | 'mark' }>();
const emit = defineEmits<{ saved: [evidence: Schemas['EvidenceView']] }>();
const note = ref('');
const id = newId();
const stamp = () => ({ id, note: note.value, deviceId: deviceId(), at: Date.now() });

const seen = useSeen(props.childId, props.stepId, (evidence) => emit('saved', evidence));
const mark = useHandMark(props.childId, props.stepId, (evidence) => emit('saved', evidence));
const marks: Schemas['Mark'][] = ['not-met', 'begun', 'nearly', 'can-do'];
</script>

<template>
    <div class="space-y-3 rounded-xl border border-hem bg-linen p-3">
        <Field
            v-slot="{ control }"
            id="mark-note"
            label="Where or why (if you like)"
            :hint="how === 'seen' ? 'For example: in the garden, counting steps' : ''"
            ><input v-bind="control" v-model="note" type="text" maxlength="200" autocomplete="off"
        /></Field>
        <template v-if="how === 'seen'">
            <Outcomes :disabled="seen.isPending.value" @tap="seen.mutate({ ...stamp(), outcome: $event })" />
            <p class="text-sm text-soft">A note can make Not met Begun, and Begun Nearly; it never makes a step Can do.</p>
        </template>
        <template v-else>
            <div class="flex flex-wrap gap-2">
                <Button
                    v-for="to in marks"
                    :key="to"
                    :data-set-mark="to"
                    :disabled="mark.isPending.value"
                    @click="mark.mutate({ ...stamp(), mark: to })"
                >
                    <Spindle :mark="to" :size="18" quiet /> {{ markNames[to] }}
                </Button>
            </div>
            <p class="text-sm text-soft">The mark holds, and says that it was set by hand, until later evidence moves it.</p>
        </template>
        <Notice :error="seen.error.value ?? mark.error.value" />
    </div>
</template>
