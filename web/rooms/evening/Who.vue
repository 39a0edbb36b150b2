<script setup lang="ts">
import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import Button from '@/kit/Button.vue';
import Field from '@/kit/Field.vue';

/** A first name and a birthday, others, a little one, and what nobody may touch. */
defineProps<{ allergens: Schemas['AllergenView'][]; fields: Record<string, string>; busy: boolean }>();
const emit = defineEmits<{ next: [who: Schemas['WhoInput']] }>();

const MOST = 6;
const children = ref([{ name: '', born: '' }]);
const littleOne = ref('');
const allergies = ref<string[]>([]);
const next = () =>
    emit('next', {
        children: children.value,
        littleOne: littleOne.value === '' ? null : Number(littleOne.value),
        allergies: allergies.value,
    });
</script>

<template>
    <form class="flex flex-1 flex-col gap-4" @submit.prevent="next">
        <h1 class="text-2xl">Who is it for?</h1>
        <div v-for="(child, i) in children" :key="i" class="grid grid-cols-[1fr_auto] gap-3">
            <Field v-slot="{ control }" :id="'name-' + i" label="First name" :error="fields[`children.${i}.name`]"
                ><input v-bind="control" v-model="child.name" autocomplete="off" class="w-full text-lg" />
            </Field>
            <Field v-slot="{ control }" :id="'born-' + i" label="Birthday" :error="fields[`children.${i}.born`]"
                ><input v-bind="control" v-model="child.born" type="date" class="text-lg" />
            </Field>
        </div>
        <Button v-if="children.length < MOST" kind="quiet" class="-ml-4 self-start" @click="children.push({ name: '', born: '' })"
            >Another child</Button
        >
        <Field id="little-one" v-slot="{ control }" label="Anyone else under three?" :error="fields.littleOne"
            ><select v-bind="control" v-model="littleOne" class="min-h-11 w-full rounded-lg border-2 border-hem bg-paper px-2">
                <option value="">No</option>
                <option value="6">Yes, a baby</option>
                <option value="18">Yes, one year old</option>
                <option value="30">Yes, two years old</option>
            </select>
        </Field>
        <details class="rounded-xl border border-hem bg-paper p-3">
            <summary class="min-h-8 font-bold">
                Anything nobody may touch?{{ allergies.length ? ` (${allergies.length})` : '' }}
            </summary>
            <ul class="mt-2 grid grid-cols-2 gap-x-3">
                <li v-for="allergen in allergens" :key="allergen.id">
                    <label class="flex min-h-11 items-center gap-2">
                        <input v-model="allergies" type="checkbox" :value="allergen.id" class="size-6 shrink-0 accent-deep" />
                        {{ allergen.name }}
                    </label>
                </li>
            </ul>
        </details>
        <p v-if="fields.children" class="font-bold text-care">{{ fields.children }}</p>
        <Button kind="strong" type="submit" class="sticky bottom-3 mt-auto min-h-14" :disabled="busy">Next</Button>
    </form>
</template>
