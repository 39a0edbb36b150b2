import { useSessionStorage } from '@vueuse/core';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId } from '@/api/device';
import { ready, waiting } from '@/api/outbox/items';
import { send } from '@/api/outbox/send';
import { useTableDocument } from '@/api/queries';
import { closingMarks as markWords, outcomes as outcomeWords } from '@/generated/words';

import { after, type Closed, current, helpFor, newest, seatOf, type Table } from './table';
import { adviceFor, askedHelp } from './sent';

/** The table of a set-up: the cached document with the taps that still wait. */
export function useTable(setUpId: string) {
    const document = useTableDocument(setUpId);
    const table = computed(() =>
        ready.value && document.data.value ? waiting.value.reduce(after, document.data.value) : undefined,
    );
    return { document, table };
}

type TableOf = ReturnType<typeof useTable>['table'];

/** Taps: what was seen of the question asked now, with how they got there where the parent said so. */
export function useTaps(setUpId: string, table: TableOf) {
    const method = ref<Schemas['Method'] | null>(null);
    const slip = ref<Schemas['Slip'] | null>(null);
    /** Questions gone past without a word. */
    const passed = useSessionStorage<string[]>(`passed-${setUpId}`, []);
    const turn = computed(() => table.value && current(table.value, passed.value));
    const help = computed<Schemas['Help']>(() =>
        table.value && turn.value
            ? (askedHelp.value[turn.value.questionId] ?? helpFor(table.value, turn.value, passed.value))
            : 'bare',
    );

    function tap(outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }) {
        // A guess has its own outcome: keys do not tap one.
        if (!turn.value || table.value?.isDone || (turn.value.isGuess && !guessed)) {
            return;
        }
        const { sittingId, questionId } = turn.value;
        void send(setUpId, label(table.value, sittingId, outcomeWords[outcome]), {
            kind: 'tap',
            tap: {
                id: newId(),
                sittingId,
                questionId,
                outcome,
                help: help.value,
                deviceId: deviceId(),
                at: Date.now(),
                method: method.value,
                slip: slip.value,
                ...guessed,
            },
        });
        method.value = null;
        slip.value = null;
    }

    function next() {
        if (turn.value && !table.value?.isDone) {
            passed.value = [...passed.value, turn.value.questionId];
            method.value = null;
            slip.value = null;
        }
    }

    function undo() {
        const last = table.value && newest(table.value);
        if (last && !table.value?.isDone) {
            adviceFor.value = { ...adviceFor.value, [setUpId]: null };
            void send(setUpId, label(table.value, undefined, 'Undo: ' + outcomeWords[last.outcome]), {
                kind: 'take-back',
                attemptId: last.id,
            });
        }
    }

    return { method, slip, turn, help, passed, tap, next, undo };
}

/** Advice: the parent takes the first idea, lets it pass for another, or closes it. */
export function useAdvice(setUpId: string) {
    const advice = computed<Schemas['AdviceView'] | null>({
        get: () => adviceFor.value[setUpId] ?? null,
        set: (value) => (adviceFor.value = { ...adviceFor.value, [setUpId]: value }),
    });
    const busy = computed(() => waiting.value.some((item) => item.setUpId === setUpId && item.deed.kind === 'advice'));

    function answer(taken: boolean) {
        const idea = advice.value?.ideas[0];
        if (advice.value && idea && !busy.value) {
            void send(setUpId, taken ? 'An idea taken: ' + idea.words : 'An idea passed over', {
                kind: 'advice',
                advice: { id: newId(), sittingId: advice.value.sittingId, idea: idea.idea, taken },
            });
        }
    }

    return { advice, busy, answer };
}

/** The end: with notes, where hands were full. It waits like everything else while the house does not answer. */
export function useEnd(setUpId: string, table: TableOf) {
    const waits = computed(() => waiting.value.some((item) => item.setUpId === setUpId && item.deed.kind === 'finish'));

    async function finish(ending: Schemas['Ending']) {
        if (!waits.value) {
            await send(setUpId, label(table.value, undefined, 'The end'), { kind: 'finish', ending });
        }
    }

    /** How it went on the whole, of what nobody tapped. */
    async function close(closed: Closed[], asked?: number) {
        for (const { sittingId, mark, alone, of, skip } of closed) {
            if (!skip) {
                const said = mark ? markWords[mark] : `${alone} of ${of} alone`;
                await send(setUpId, label(table.value, sittingId, 'On the whole: ' + said), {
                    kind: 'closing',
                    closing: { id: newId(), sittingId, mark, alone, of, asked, deviceId: deviceId(), at: Date.now() },
                });
            }
        }
    }

    return { waits, finish, close };
}

/** What it was, for the parent who finds it refused later. */
function label(table: Table | undefined, sittingId: string | undefined, what: string): string {
    const name = table && seatOf(table, sittingId)?.childName;
    return [name ? `${name}: ${what}` : what, table?.name].filter(Boolean).join(', ');
}
