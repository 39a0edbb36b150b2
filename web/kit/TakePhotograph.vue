<script setup lang="ts">
import { Camera } from '@lucide/vue';
import { computed, ref } from 'vue';

import { type About, keep, take, type Taken } from '@/api/photographs';
import { changed } from '@/api/queries';
import Button from '@/kit/Button.vue';
import ChooseFile from '@/kit/ChooseFile.vue';
import Notice from '@/kit/Notice.vue';

/** Takes a photograph, or has one chosen; it is made smaller here, and what cannot be sent now stays until it can. */
const props = defineProps<{ about: About; words?: string; quiet?: boolean }>();
const waiting = ref<Taken | null>(null);
const kept = ref(0);
const busy = ref(false);
const error = ref<unknown>(null);
const says = computed(() =>
    kept.value === 0 ? '' : kept.value === 1 ? 'Kept in the Journal.' : `${kept.value} kept in the Journal.`,
);

async function chosen(files: File[]) {
    for (const file of files) {
        if (!(await once(async () => (waiting.value = await take(file, props.about)))) || !(await send())) {
            break;
        }
    }
}
async function send(): Promise<boolean> {
    return once(async () => {
        await keep(waiting.value!);
        waiting.value = null;
        kept.value += 1;
        changed('journal');
    });
}
async function once(work: () => Promise<unknown>): Promise<boolean> {
    busy.value = true;
    error.value = null;
    try {
        await work();
        return true;
    } catch (problem) {
        error.value = problem;
        return false;
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <div>
        <ChooseFile accept="image/*" multiple :quiet="quiet" :disabled="busy" data-take-photograph @chosen="chosen">
            <Camera :size="20" aria-hidden="true" /> {{ busy ? 'Keeping it…' : (words ?? 'Take a photograph') }}
        </ChooseFile>
        <p v-if="says && !error" role="status" class="mt-1 text-sm" data-photograph-kept>{{ says }}</p>
        <div v-if="error" class="mt-2 space-y-2">
            <Notice :error="error" />
            <p v-if="waiting" class="text-sm">The picture waits here as long as this page is open.</p>
            <Button v-if="waiting" :disabled="busy" data-send-again @click="send()">Send it again</Button>
        </div>
    </div>
</template>
