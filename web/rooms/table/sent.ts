import type { Schemas } from '@/api/client';
import type { Item } from '@/api/outbox/items';
import { onSent } from '@/api/outbox/send';
import { cache, changed, keepTable, keys } from '@/api/queries';

import { after, helped, type Table } from './table';

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
        }
        return;
    }
    if (answer.isOver) {
        void cache.invalidateQueries({ queryKey: key });
    }
    // The day says now that it is begun.
    void cache.invalidateQueries({ queryKey: keys.today });
    cache.setQueryData<Table>(key, (table) => table && recorded(table, item, answer));
    if (cache.isFetching({ queryKey: key })) {
        // What is on its way was read before this tap: it must not arrive.
        void cache.cancelQueries({ queryKey: key }).then(() => cache.refetchQueries({ queryKey: key }));
    }
});

function recorded(table: Table, item: Item, answer: Schemas['AttemptView']): Table {
    const { deed } = item;
    const turn = table.turns.find((one) =>
        deed.kind === 'tap'
            ? one.questionId === deed.tap.questionId
            : deed.kind === 'take-back' && one.done?.id === deed.attemptId,
    );
    return helped(after(table, item), turn?.sittingId, answer.stepId, answer.help);
}
