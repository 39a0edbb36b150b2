import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import { onSent } from '@/api/outbox';
import { cache, keys } from '@/api/queries';

import { after, helped, type Table } from './table';

/** Advice that waits for the parent, by set-up; and help that an idea asks for, by question. */
export const adviceFor = ref<Record<string, Schemas['AdviceView'] | null>>({});
export const askedHelp = ref<Record<string, Schemas['Help']>>({});

/** What the server has of a tap goes into the cached table, whichever room is open; where it was refused the table is asked for anew. */
onSent((item, answer) => {
    const key = keys.table(item.setUpId);
    if (!answer) {
        void cache.invalidateQueries({ queryKey: key });
        return;
    }
    cache.setQueryData<Table>(key, (table) => {
        const turn = table?.turns.find((one) =>
            'tap' in item ? one.questionId === item.tap.questionId : one.done?.id === item.takeBack,
        );
        return table && helped(after(table, item), turn?.sittingId ?? '', answer);
    });
    if (cache.isFetching({ queryKey: key })) {
        // What is on its way was read before this tap.
        void cache.invalidateQueries({ queryKey: key });
    }
    adviceFor.value = { ...adviceFor.value, [item.setUpId]: answer.advice ?? null };
});
