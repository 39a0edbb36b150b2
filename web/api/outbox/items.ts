import { computed, ref } from 'vue';

import type { Schemas } from '../client';

/** One thing done at the table. Each kind carries an id made on this device, so that sending it twice does it once. */
export type Deed =
    | { kind: 'tap'; tap: Schemas['AttemptInput'] }
    | { kind: 'take-back'; attemptId: string }
    | { kind: 'correct'; attemptId: string; correction: Schemas['CorrectionInput'] }
    | { kind: 'advice'; advice: Schemas['AdviceInput'] }
    /** Of 0.7.0, which may still wait. */
    | { kind: 'note'; note: Schemas['AllAtOnceInput'] }
    | { kind: 'words'; note: string }
    | { kind: 'closing'; closing: Schemas['ClosingInput'] }
    | { kind: 'finish'; ending: Schemas['Ending'] };

/** A deed on its way to the house. */
export type Item = {
    /** Its place in the order; given by the store. */
    seq?: number;
    /** Its name on this device. */
    key: string;
    setUpId: string;
    deed: Deed;
    /** What it was, for the parent. */
    label: string;
    made: number;
    /** How often the house failed at it, and not before when it is tried again. */
    failed: number;
    notBefore: number;
    /** Why the house refused it; such an item waits for the parent. */
    refused: string | null;
};

/** What the house said to a deed: of a tap its mark and advice, of the others the table. */
export type Answer = Schemas['AttemptView'] | Schemas['TableView'];

/** Whether the store was read: before that nobody knows what waits, and a question may look unanswered that is not. */
export const ready = ref(false);

/** All items as the store has them, in order; other tabs' too. */
export const items = ref<Item[]>([]);
export const waiting = computed(() => items.value.filter((item) => item.refused === null));
export const refused = computed(() => items.value.filter((item) => item.refused !== null));

/** What the parent should know of the store: that it keeps nothing after this page is closed. */
export const trouble = ref<string | null>(null);
