import type { Schemas } from '@/api/client';
import type { Item } from '@/api/outbox/items';

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
            seat.sittingId === sittingId && seat.step.id === answer.stepId ? { ...seat, help: answer.help } : seat,
        ),
    };
}

/** The question to ask now; undefined when all were. */
export const current = (table: Table): Turn | undefined => table.turns.find((turn) => !turn.done);

export const doneCount = (table: Table): number => table.turns.filter((turn) => turn.done).length;

/** The newest answer, which undo takes back. */
export const newest = (table: Table): NonNullable<Turn['done']> | undefined =>
    table.turns
        .flatMap((turn) => (turn.done ? [turn.done] : []))
        .sort((a, b) => b.at - a.at)
        .at(0);

export const seatOf = (table: Table, sittingId: string | undefined): Seat | undefined =>
    table.seats.find((seat) => seat.sittingId === sittingId);

/** Help for a question: the ladder of the step the child sits with; a sure question is asked bare. */
export const helpFor = (table: Table, turn: Turn): Schemas['Help'] => {
    const seat = seatOf(table, turn.sittingId);
    return seat && seat.step.id === turn.stepId ? seat.help : 'bare';
};
