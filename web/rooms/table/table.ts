import type { Schemas } from '@/api/client';
import type { Item } from '@/api/outbox/items';
import { closingMarks as closingWords } from '@/generated/words';

/** The table as one document: what the server said, with what was tapped since. Each of these gives a new one. */
export type Table = Schemas['TableView'];
export type Turn = Schemas['TurnView'];
export type Seat = Schemas['SeatView'];

function withTurn(table: Table, is: (turn: Turn) => boolean, done: Turn['done']): Table {
    return { ...table, turns: table.turns.map((turn) => (is(turn) ? { ...turn, done } : turn)) };
}

/** The table after something done at it that may still wait to be sent. */
export function after(table: Table, { setUpId, deed }: Item): Table {
    if (setUpId !== table.id) {
        return table;
    }
    switch (deed.kind) {
        case 'tap':
            return withTurn(table, (turn) => turn.questionId === deed.tap.questionId, {
                id: deed.tap.id,
                outcome: deed.tap.outcome,
                help: deed.tap.help,
                at: deed.tap.at,
                guess: deed.tap.guess ?? null,
                counted: deed.tap.counted ?? null,
            });
        case 'take-back':
            return withTurn(table, (turn) => turn.done?.id === deed.attemptId, null);
        default:
            return table;
    }
}

/** The table with the help that the next question of a step is asked with, as the record says after an answer. */
export function helped(table: Table, sittingId: string, answer: Schemas['AttemptView']): Table {
    return {
        ...table,
        seats: table.seats.map((seat) =>
            seat.sittingId === sittingId && answer.stepId in seat.helps
                ? { ...seat, helps: { ...seat.helps, [answer.stepId]: answer.help } }
                : seat,
        ),
    };
}

/** The question to ask now: neither tapped nor gone past; undefined when all were. */
export const current = (table: Table, passed: string[]): Turn | undefined =>
    table.turns.find((turn) => !turn.done && !passed.includes(turn.questionId));

/** How a sitting went on the whole: a mark, a tally, or that it is not counted. */
export type Closed = { sittingId: string; mark?: Schemas['ClosingMark']; alone?: number; of?: number; skip?: boolean };
export const closingMarks = Object.keys(closingWords) as Schemas['ClosingMark'][];

/** Questions of a sitting that nobody tapped, those of its own steps. */
export const untapped = (table: Table, seat: Seat): number =>
    table.turns.filter((turn) => turn.sittingId === seat.sittingId && !turn.done && turn.stepId in seat.helps).length;

export const doneCount = (table: Table): number => table.turns.filter((turn) => turn.done).length;

/** The newest answer, which undo takes back. */
export const newest = (table: Table): NonNullable<Turn['done']> | undefined =>
    table.turns
        .flatMap((turn) => (turn.done ? [turn.done] : []))
        .sort((a, b) => b.at - a.at)
        .at(0);

export const seatOf = (table: Table, sittingId: string | undefined): Seat | undefined =>
    table.seats.find((seat) => seat.sittingId === sittingId);

const less = { shown: 'part-done', 'part-done': 'bare', bare: 'bare' } as const;

/** Help for a question: the ladder of its step, and less after each that was gone past; what is sure, or a check, is asked without. */
export const helpFor = (table: Table, turn: Turn, passed: string[]): Schemas['Help'] => {
    const seat = seatOf(table, turn.sittingId);
    let help = (turn.level !== 'check' && seat?.helps[turn.stepId]) || 'bare';
    const own = table.turns.filter((one) => one.sittingId === turn.sittingId && one.stepId === turn.stepId);
    const lastTapped = own.map((one) => !!one.done).lastIndexOf(true);
    for (const one of own.slice(lastTapped + 1, own.indexOf(turn))) {
        help = passed.includes(one.questionId) ? less[help] : help;
    }
    return help;
};
