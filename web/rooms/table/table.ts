import type { Schemas } from '@/api/client';
import type { Item } from '@/api/outbox/items';
import { helpAfter, walk } from '@/generated/walk';
import { closingMarks as closingWords } from '@/generated/words';

/** The table as one document: what the server said, with what was done since. Each of these gives a new one, with or without the house. */
export type Table = Schemas['TableView'];
export type Turn = Schemas['TurnView'];
export type Seat = Schemas['SeatView'];
export type Help = Schemas['Help'];
export type Idea = Schemas['ScriptIdeaView'];

/** How a sitting went on the whole: a mark, a tally, or that it is not counted. */
export type Closed = { sittingId: string; mark?: Schemas['ClosingMark']; alone?: number; of?: number; skip?: boolean };
export const closingMarks = Object.keys(closingWords) as Schemas['ClosingMark'][];

const withTurn = (table: Table, is: (turn: Turn) => boolean, done: Turn['done']): Table => ({
    ...table,
    turns: table.turns.map((turn) => (is(turn) ? { ...turn, done } : turn)),
});

const withSeat = (table: Table, sittingId: string | undefined, change: (seat: Seat) => Seat): Table => ({
    ...table,
    seats: table.seats.map((seat) => (seat.sittingId === sittingId ? change(seat) : seat)),
});

export const seatOf = (table: Table, sittingId: string | undefined): Seat | undefined =>
    table.seats.find((seat) => seat.sittingId === sittingId);

/** The table with the help that the next question of a step is asked with. */
export const helped = (table: Table, sittingId: string | undefined, stepId: string, help: Help): Table =>
    withSeat(table, sittingId, (seat) => (stepId in seat.helps ? { ...seat, helps: { ...seat.helps, [stepId]: help } } : seat));

/** The table after something done at it that may still wait to be sent. */
export function after(table: Table, { setUpId, deed }: Item): Table {
    if (setUpId !== table.id) {
        return table;
    }
    switch (deed.kind) {
        case 'tap': {
            const { tap } = deed;
            const asked = table.turns.find((turn) => turn.questionId === tap.questionId);
            const done = withTurn(table, (turn) => turn === asked, {
                id: tap.id,
                outcome: tap.outcome,
                help: tap.help,
                // Times the house has set right may be ahead of a clock that is slow: what is tapped now still comes last.
                at: Math.max(tap.at, 1 + (newest(table)?.done?.at ?? 0)),
                guess: tap.guess ?? null,
                counted: tap.counted ?? null,
                onFingers: tap.method === 'fingers' || tap.slip === 'on-fingers',
                slip: tap.slip ?? null,
            });
            const isSure = seatOf(table, tap.sittingId)?.sure.includes(asked?.stepId ?? '');
            return asked && !isSure ? helped(done, tap.sittingId, asked.stepId, helpAfter[tap.help][tap.outcome]) : done;
        }
        case 'take-back': {
            const turn = table.turns.find((one) => one.done?.id === deed.attemptId);
            const without = withTurn(table, (one) => one === turn, null);
            return turn?.done ? helped(without, turn.sittingId, turn.stepId, turn.done.help) : without;
        }
        case 'advice':
            return advised(table, deed.advice);
        case 'words':
            return { ...table, note: deed.note };
        default:
            return table;
    }
}

/** What was answered of a sitting, in order of time. */
const answered = (table: Table, sittingId: string): Turn[] =>
    table.turns.filter((turn) => turn.sittingId === sittingId && turn.done).sort((a, b) => a.done!.at - b.done!.at);

/** Questions made beforehand for an idea, the nearest to the last one first. */
function spares(seat: Seat, idea: Schemas['Idea'], load: number): Turn[] {
    return seat.script.spares
        .filter((spare) => spare.idea === idea)
        .map((spare) => spare.turn)
        .filter((turn) => (idea === 'smaller-numbers' ? turn.load < load : turn.load > load))
        .sort((a, b) => Math.abs(a.load - load) - Math.abs(b.load - load));
}

/** The question that an idea asks next; undefined where it is only said, or nothing is left. */
export function more(table: Table, sittingId: string, { idea, asks }: Idea): Turn | undefined {
    const [seat, last] = [seatOf(table, sittingId), answered(table, sittingId).at(-1)];
    if (!seat || !last || !asks || asks === 'last-easy') {
        return undefined;
    }
    return asks === 'spare' ? spares(seat, idea, last.load)[0] : { ...last, ask: last.askAgain, done: null };
}

/** The table after an idea was taken or let pass: as the house will say, and already now. */
function advised(table: Table, { sittingId, idea, taken, questionId }: Schemas['AdviceInput']): Table {
    const seat = seatOf(table, sittingId);
    const known =
        seat &&
        Object.values(seat.script.ideas)
            .flat()
            .find((one) => one.idea === idea);
    const offered = withSeat(table, sittingId, (one) => ({
        ...one,
        script: { ...one.script, offered: [...one.script.offered, idea] },
    }));
    const last = answered(table, sittingId).at(-1);
    if (!taken || !known?.asks || !last) {
        return offered;
    }
    const left = offered.turns.filter((turn) => turn.sittingId === sittingId && !turn.done);
    const others = offered.turns.filter((turn) => !left.includes(turn));
    if (known.asks === 'last-easy') {
        const easy = left.filter((turn) => turn.level === 'sure').at(-1) ?? left.at(-1);
        return { ...offered, turns: inTurn(offered, [...others, ...(easy ? [easy] : [])]) };
    }
    const added = more(table, sittingId, known);
    if (!added || !questionId) {
        return offered;
    }
    const turn: Turn = { ...added, questionId };
    const at = known.asks === 'later' ? Math.max(0, left.length - 1) : 0;
    const taken_ = withSeat(offered, sittingId, (one) => ({
        ...one,
        script: { ...one.script, spares: one.script.spares.filter((spare) => spare.turn.questionId !== questionId) },
    }));
    return { ...taken_, turns: inTurn(taken_, [...others, ...left.slice(0, at), turn, ...left.slice(at)]) };
}

/** Children take turns: what each is asked keeps its order. */
function inTurn(table: Table, turns: Turn[]): Turn[] {
    const own = table.seats.map((seat) => turns.filter((turn) => turn.sittingId === seat.sittingId));
    const most = Math.max(0, ...own.map((of) => of.length));
    return Array.from({ length: most }, (_, i) => own.flatMap((of) => of.slice(i, i + 1))).flat();
}

/** Advice that follows from what was seen last in a sitting: looked up in the table that the house walks too. */
export function adviceAfter(table: Table, sittingId: string): { sittingId: string; cause: string; ideas: Idea[] } | null {
    const [seat, turns] = [seatOf(table, sittingId), answered(table, sittingId)];
    const last = turns.at(-1);
    if (!seat || !last) {
        return null;
    }
    let row = 0;
    let causes: string[] = [];
    for (const { done } of turns) {
        const event = done!.outcome + (done!.help === 'bare' ? '' : ' helped') + (done!.onFingers ? ' fingers' : '');
        [row, causes] = walk[row]?.[event] ?? [0, []];
    }
    const slip = turns
        .map((turn) => turn.done!.slip)
        .filter((one) => one != null)
        .at(-1);
    const { script } = seat;
    const holds = (one: Idea): boolean => {
        switch (one.when) {
            case 'help-is-left':
                return last.done!.help !== 'shown';
            case 'help-is-spent':
                return last.done!.help === 'shown';
            case 'slipped':
                return slip !== undefined;
            case 'spare-is-left':
                return spares(seat, one.idea, last.load).length > 0;
            default:
                return true;
        }
    };
    for (const cause of causes) {
        const ideas = (script.ideas[cause] ?? []).filter((one) => !script.offered.includes(one.idea) && holds(one));
        if (ideas.length) {
            const said = (one: Idea) => (one.when === 'slipped' && slip ? { ...one, words: script.remedies[slip] ?? '' } : one);
            return { sittingId, cause: script.causes[cause] ?? '', ideas: ideas.map(said) };
        }
    }
    return null;
}

/** What was gone past: without a word, or left out altogether. */
export type Passed = { without: string[]; leftOut: string[]; at: number };
export const isPassed = ({ without, leftOut }: Passed, turn: Turn): boolean =>
    without.includes(turn.questionId) || leftOut.includes(turn.questionId);

/** The question to ask now: the next in turn, or the next of the child to whom the parent gives it; undefined when all were. */
export function current(table: Table, passed: Passed, to: string | null): Turn | undefined {
    const open = table.turns.filter((turn) => !turn.done && !isPassed(passed, turn));
    return open.find((turn) => turn.sittingId === to) ?? open[0];
}

/** Questions of a sitting that were asked and that nobody tapped, those of its own steps. */
export const untapped = (table: Table, seat: Seat, leftOut: string[] = []): number =>
    table.turns.filter(
        (turn) =>
            turn.sittingId === seat.sittingId && !turn.done && turn.stepId in seat.helps && !leftOut.includes(turn.questionId),
    ).length;

export const doneCount = (table: Table, passed: Passed): number =>
    table.turns.filter((turn) => turn.done || isPassed(passed, turn)).length;

/** The newest answered question, which undo takes back. */
export const newest = (table: Table): Turn | undefined =>
    table.turns.filter((turn) => turn.done).sort((a, b) => b.done!.at - a.done!.at)[0];

/** The help a question is asked with, from its step, one less for each of that step gone past since the last tap; a check is always without. */
export function helpFor(table: Table, turn: Turn, passed: Passed): Help {
    const seat = seatOf(table, turn.sittingId);
    let help = (turn.level !== 'check' && seat?.helps[turn.stepId]) || 'bare';
    const own = table.turns.filter((one) => one.sittingId === turn.sittingId && one.stepId === turn.stepId);
    const lastTapped = own.map((one) => !!one.done).lastIndexOf(true);
    for (const one of own.slice(lastTapped + 1, own.indexOf(turn))) {
        help = passed.without.includes(one.questionId) ? helpAfter[help]['at-once'] : help;
    }
    return help;
}

/** A picture with as much of it done as the help says. */
export const pictureOf = (turn: Turn, help: Help): string =>
    (help === 'shown' ? turn.finished : help === 'part-done' ? turn.helped : null) ?? turn.picture;
