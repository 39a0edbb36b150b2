import type { Schemas } from '@/api/client';

/** A child as it is, ready to be sent back with one thing changed. */
export function inputOf(child: Schemas['ChildView']): Schemas['ChildInput'] {
    return {
        name: child.name,
        born: child.born ?? null,
        allergies: child.allergies,
        likedThings: child.likedThings,
        rests: child.rests,
        minutesADay: child.minutesADay ?? null,
        longestSitting: child.longestSitting ?? null,
        mayBeAlone: child.mayBeAlone ?? null,
        settings: Object.fromEntries(Object.entries(child.settings)),
        version: child.version,
    };
}
