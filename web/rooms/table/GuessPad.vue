<script setup lang="ts">
import { computed, ref, watch } from 'vue';

import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';

/** A guess is kept before anything is counted; the outcome follows from how far off it was. */
const props = defineProps<{ turn: string; exact: number }>();
const emit = defineEmits<{ counted: [guess: number, counted: number] }>();
const guess = ref('');
const kept = ref(false);
const counted = ref('');
watch(
    () => props.turn,
    () => {
        guess.value = '';
        kept.value = false;
        counted.value = '';
    },
);
const whole = (text: string | number) => /^\d{1,4}$/.test(String(text));
const ready = computed(() => kept.value && whole(counted.value) && Number(counted.value) > 0);
</script>

<template>
    <form
        class="flex flex-wrap items-end gap-3"
        @submit.prevent="kept ? ready && emit('counted', Number(guess), Number(counted)) : (kept = whole(guess))"
    >
        <Field v-slot="{ control }" id="guess" label="Their guess" class="w-32"
            ><input
                v-bind="control"
                v-model="guess"
                type="number"
                inputmode="numeric"
                min="0"
                max="1000"
                :disabled="kept"
                class="text-2xl"
        /></Field>
        <Button v-if="!kept" kind="strong" type="submit" class="min-h-14" :disabled="!whole(guess)">Keep the guess</Button>
        <template v-else>
            <Field v-slot="{ control }" id="counted" label="Counted" class="w-32"
                ><input v-bind="control" v-model="counted" type="number" inputmode="numeric" min="1" max="1000" class="text-2xl"
            /></Field>
            <Button class="min-h-14" @click="counted = String(exact)">It was {{ exact }}</Button>
            <Button kind="strong" type="submit" class="min-h-14" :disabled="!ready">Next</Button>
        </template>
    </form>
</template>
