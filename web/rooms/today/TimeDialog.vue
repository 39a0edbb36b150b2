<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Dialog from '@/kit/Dialog.vue';
import Notice from '@/kit/Notice.vue';
import { clock, minutes } from '@/kit/words';

import type { Changes } from '@/api/changes';

/** A planned activity at another time. */
const props = defineProps<{ setUp: Schemas['SetUpView']; changes: Changes }>();
const emit = defineEmits<{ close: [] }>();
const at = ref(clock(props.setUp.start).padStart(5, '0'));
</script>

<template>
    <Dialog open :title="`When, ${setUp.name}?`" @close="$emit('close')">
        <form
            class="space-y-3"
            @submit.prevent="
                changes.move(setUp.id, minutes(at));
                emit('close');
            "
        >
            <label class="block">Begins at <input v-model="at" type="time" required /></label>
            <p class="text-soft">What is only planned makes room; what is begun, done or kept does not.</p>
            <Notice :error="changes.error.value" />
            <Button kind="strong" type="submit">Move it</Button>
        </form>
    </Dialog>
</template>
