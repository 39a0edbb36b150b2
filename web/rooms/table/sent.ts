import { ref } from 'vue';

import type { Schemas } from '@/api/client';
import type { Item } from '@/api/outbox/items';
import { onSent } from '@/api/outbox/send';
import { cache, changed, keepTable, keys } from '@/api/queries';

import { after, helped, type Table } from './table';

/** Advice that waits for the parent, by set-up; and help that an idea asks for, by question. */
export const adviceFor = ref<Record<string, Schemas['AdviceView'] | null>>({});
export const askedHelp = ref<Record<string, Schemas['Help']>>({});

/** What the house says goes into the cached table, whichever room is open; where it refused the table is asked for anew. */
onSent((item, answer) => {
    const key = keys.table(item.setUpId);
    if (!answer) {
        void cache.invalidateQueries({ queryKey: key });
        return;
    }
    if ('turns' in answer) {
        keepTable(answer);
        if (item.deed.kind === 'finish') {
            changed('evidence');
        } else if (item.deed.kind === 'advice') {
            advised(item.deed.advice, answer);
        }
        return;
    }
    cache.setQueryData<Table>(key, (table) => table && helped(after(table, item), turnOf(table, item)?.sittingId ?? '', answer));
    if (cache.isFetching({ queryKey: key })) {
        // What is on its way was read before this tap: it must not arrive.
        void cache.cancelQueries({ queryKey: key }).then(() => cache.refetchQueries({ queryKey: key }));
    }
    adviceFor.value = { ...adviceFor.value, [item.setUpId]: answer.advice ?? null };
});

function turnOf(table: Table, { deed }: Item) {
    return table.turns.find((turn) =>
        deed.kind === 'tap'
            ? turn.questionId === deed.tap.questionId
            : deed.kind === 'take-back' && turn.done?.id === deed.attemptId,
    );
}

/** An idea was taken, or let pass for the next one. */
function advised({ sittingId, idea, taken }: Schemas['AdviceInput'], table: Table): void {
    const advice = adviceFor.value[table.id];
    const was = advice?.ideas.find((one) => one.idea === idea);
    const rest = advice?.ideas.filter((one) => one.idea !== idea) ?? [];
    adviceFor.value = { ...adviceFor.value, [table.id]: !taken && advice && rest.length ? { ...advice, ideas: rest } : null };
    const next = table.turns.find((turn) => turn.sittingId === sittingId && !turn.done);
    if (taken && was?.help && next) {
        askedHelp.value = { ...askedHelp.value, [next.questionId]: was.help };
    }
}
