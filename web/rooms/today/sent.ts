import { onSent } from '@/api/outbox/send';
import { changed } from '@/api/queries';

/** A sitting that was closed from here is over when the house has it: the day and the map say so then. */
onSent((item, answer) => {
    if (answer && item.deed.kind === 'finish') {
        changed('evidence');
    }
});
