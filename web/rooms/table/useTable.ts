import { useSessionStorage } from '@vueuse/core';
import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId } from '@/api/device';
import { ready, waiting } from '@/api/outbox/items';
import { send } from '@/api/outbox/send';
import { useTableDocument } from '@/api/queries';
import { closingMarks as markWords, outcomes as outcomeWords } from '@/generated/words';

import './sent';
import {
    adviceAfter,
    after,
    type Closed,
    current,
    helpFor,
    type Help,
    type Idea,
    more,
    newest,
    type Passed,
    seatOf,
    type Table,
} from './table';

/** The table of a set-up: the cached document with what still waits. */
export function useTable(setUpId: string) {
    const document = useTableDocument(setUpId);
    const table = computed(() =>
        ready.value && document.data.value ? waiting.value.reduce(after, document.data.value) : undefined,
    );
    return { document, table };
}

type TableOf = ReturnType<typeof useTable>['table'];

/** The questions: what is asked now and with which help, what was seen of it, and going on without a word. */
export function useTaps(setUpId: string, table: TableOf, goingThrough: () => string | undefined) {
    const method = ref<Schemas['Method'] | null>(null);
    const slip = ref<Schemas['Slip'] | null>(null);
    const passed = useSessionStorage<Passed>(`gone-past-${setUpId}`, { without: [], leftOut: [], at: 0 });
    /** Done alone of those gone past, by sitting: a lid moved aside. */
    const lids = useSessionStorage<Record<string, number>>(`lids-${setUpId}`, {});
    /** To whom the parent gives the next one. */
    const to = ref<string | null>(null);
    /** Help that the parent or an idea chose, by question. */
    const chosen = ref<Record<string, Help>>({});
    const turn = computed(() => {
        const asked = goingThrough();
        return (
            table.value &&
            (table.value.turns.find((one) => one.questionId === asked) ?? current(table.value, passed.value, to.value))
        );
    });
    const help = computed<Help>(() =>
        table.value && turn.value
            ? (chosen.value[turn.value.questionId] ?? helpFor(table.value, turn.value, passed.value))
            : 'bare',
    );

    function moveOn(): void {
        [method.value, slip.value, to.value] = [null, null, null];
    }

    function tap(outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }) {
        // A guess has its own outcome: keys do not tap one.
        if (!turn.value || goingThrough() || table.value?.isDone || (turn.value.isGuess && !guessed)) {
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
        moveOn();
    }

    /** On to the next: nothing is recorded. */
    function next(alone = false) {
        if (turn.value && !goingThrough() && !table.value?.isDone) {
            const { questionId, sittingId } = turn.value;
            passed.value = {
                ...passed.value,
                without: [...passed.value.without, questionId],
                at: Math.max(Date.now(), 1 + (last.value?.done?.at ?? 0)),
            };
            lids.value = alone ? { ...lids.value, [sittingId]: (lids.value[sittingId] ?? 0) + 1 } : lids.value;
            moveOn();
        }
    }

    /** It was not asked at all. */
    function leaveOut() {
        if (turn.value && !goingThrough() && !table.value?.isDone) {
            passed.value = { ...passed.value, leftOut: [...passed.value.leftOut, turn.value.questionId] };
            moveOn();
        }
    }

    const last = computed(() => table.value && newest(table.value));
    /** What undo takes back: the last one gone past where that came after the last tap, else the last tap. */
    const undoes = computed<string | null>(() => {
        const done = last.value?.done;
        return passed.value.without.length && passed.value.at > (done?.at ?? 0)
            ? 'Next'
            : done
              ? outcomeWords[done.outcome]
              : null;
    });

    function undo() {
        const done = last.value?.done;
        if (undoes.value === 'Next') {
            back();
        } else if (done && !table.value?.isDone) {
            void send(setUpId, label(table.value, undefined, 'Undo: ' + outcomeWords[done.outcome]), {
                kind: 'take-back',
                attemptId: done.id,
            });
        }
    }

    /** The last one gone past is asked again. */
    function back() {
        const questionId = passed.value.without.at(-1);
        const of = table.value?.turns.find((one) => one.questionId === questionId);
        passed.value = { ...passed.value, without: passed.value.without.slice(0, -1) };
        if (of && lids.value[of.sittingId]) {
            lids.value = { ...lids.value, [of.sittingId]: lids.value[of.sittingId]! - 1 };
        }
    }

    return { method, slip, turn, help, chosen, passed, lids, to, last, undoes, tap, next, leaveOut, undo };
}

/** Advice: the parent takes the first idea, lets it pass for another, or closes it. */
export function useAdvice(setUpId: string, table: TableOf, taps: ReturnType<typeof useTaps>) {
    /** The attempt after which nothing more is to be offered. */
    const closed = ref<string | null>(null);
    const advice = computed(() => {
        const last = taps.last.value;
        return !table.value || table.value.isDone || !last?.done || closed.value === last.done.id
            ? null
            : adviceAfter(table.value, last.sittingId);
    });

    function close() {
        closed.value = taps.last.value?.done?.id ?? null;
    }

    /** An idea may also be taken without having been offered: smaller or bigger numbers. */
    function take(sittingId: string, idea: Idea) {
        const added = table.value && more(table.value, sittingId, idea);
        const questionId = added && (idea.asks === 'spare' ? added.questionId : newId());
        const help = taps.last.value?.done && idea.helps[taps.last.value.done.help];
        answer(sittingId, idea, true, questionId);
        close();
        const next = questionId ?? table.value?.turns.find((turn) => turn.sittingId === sittingId && !turn.done)?.questionId;
        if (help && next) {
            taps.chosen.value = { ...taps.chosen.value, [next]: help };
        }
    }

    function answer(sittingId: string, { idea, words }: Idea, taken: boolean, questionId?: string) {
        void send(setUpId, (taken ? 'An idea taken: ' : 'An idea passed over: ') + words, {
            kind: 'advice',
            advice: { id: newId(), sittingId, idea, taken, questionId },
        });
    }

    function takeFirst() {
        const idea = advice.value?.ideas[0];
        if (advice.value && idea) {
            take(advice.value.sittingId, idea);
        }
    }

    function other() {
        const [idea, next] = advice.value?.ideas ?? [];
        if (advice.value && idea) {
            answer(advice.value.sittingId, idea, false);
            if (!next) {
                close();
            }
        }
    }

    return { advice, take, takeFirst, other, close };
}

/** The end: with notes, where hands were full. It waits like everything else while the house does not answer. */
export function useEnd(setUpId: string, table: TableOf, passed: () => Passed) {
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
                const leftOut = passed().leftOut;
                await send(setUpId, label(table.value, sittingId, 'On the whole: ' + said), {
                    kind: 'closing',
                    closing: { id: newId(), sittingId, mark, alone, of, asked, leftOut, deviceId: deviceId(), at: Date.now() },
                });
            }
        }
    }

    const note = (words: string) => send(setUpId, label(table.value, undefined, 'A note'), { kind: 'words', note: words });

    return { waits, finish, close, note };
}

/** What it was, for the parent who finds it refused later. */
function label(table: Table | undefined, sittingId: string | undefined, what: string): string {
    const name = table && seatOf(table, sittingId)?.childName;
    return [name ? `${name}: ${what}` : what, table?.name].filter(Boolean).join(', ');
}
