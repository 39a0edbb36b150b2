import type { Schemas } from '@/api/client';
import { outcomes as words } from '@/generated/words';

/** Two pairs: on their own, a whole thread; not alone yet, a thread with an open end. The keys lie under one hand. */
export const outcomePairs: {
    name: string;
    whole: boolean;
    outcomes: { id: Schemas['Outcome']; words: string; key: string }[];
}[] = [
    {
        name: 'On their own',
        whole: true,
        outcomes: [
            { id: 'at-once', words: words['at-once'], key: 'a' },
            { id: 'worked-it-out', words: words['worked-it-out'], key: 's' },
        ],
    },
    {
        name: 'Not alone yet',
        whole: false,
        outcomes: [
            { id: 'with-help', words: words['with-help'], key: 'd' },
            { id: 'not-yet', words: words['not-yet'], key: 'f' },
        ],
    },
];

export const outcomes = outcomePairs.flatMap((pair) => pair.outcomes);
