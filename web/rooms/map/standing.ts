import type { Schemas } from '@/api/client';
import { marks } from '@/generated/words';
import { shortDay } from '@/kit/words';

/** Where a step stands, for reading: its mark and what is said beside it. */
export function inWords(standing: Schemas['StandingView']): string {
    const mark = standing.taken ? 'Taken as known' : marks[standing.mark];
    return [
        mark,
        standing.mark === 'can-do' && standing.since && `since ${shortDay(standing.since)}`,
        standing.look && 'worth a look',
        standing.beside,
        standing.setByHand && 'set by hand',
    ]
        .filter(Boolean)
        .join(', ');
}
