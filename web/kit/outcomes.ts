import type { Schemas } from '@/api/client';

export const outcomes: { id: Schemas['Outcome']; words: string; class: string }[] = [
    { id: 'at-once', words: 'At once', class: 'bg-deep text-white border-deep' },
    { id: 'worked-it-out', words: 'Worked it out', class: 'bg-[#dfe7dc] border-deep text-ink' },
    { id: 'with-help', words: 'With help', class: 'bg-[#f0e6d2] border-wood text-ink' },
    { id: 'not-yet', words: 'Not yet', class: 'bg-cloth border-[#8b8470] text-ink' },
];

export const outcomeWords: Record<string, string> = Object.fromEntries(outcomes.map((outcome) => [outcome.id, outcome.words]));
