import type { Schemas } from '@/api/client';
import { outcomes as words } from '@/generated/words';

export const outcomes: { id: Schemas['Outcome']; words: string; class: string }[] = [
    { id: 'at-once', words: words['at-once'], class: 'bg-deep text-white border-deep' },
    { id: 'worked-it-out', words: words['worked-it-out'], class: 'bg-worked border-deep text-ink' },
    { id: 'with-help', words: words['with-help'], class: 'bg-helped border-wood text-ink' },
    { id: 'not-yet', words: words['not-yet'], class: 'bg-paper border-field text-ink' },
];
