import { ask, client, Problem, type Schemas } from '../client';
import { newId } from '../device';
import { type Answer, type Deed, type Item, items, ready } from './items';
import * as store from './store';

/**
 * What is done at the table waits here until the house has it: kept in the browser, sent in order, one tab at a time. What belongs to one
 * set-up keeps its order; where the house fails at one, the others go on. What the house refuses is kept with the reason.
 */

/** A request takes no longer. */
const LIMIT_MS = 15_000;
/** What other tabs changed is shown after so long. */
const READ_MS = 150;
/** So long until the next try; twice as long after each, up to the most. */
const PAUSE_MS = 1_000;
const LONGEST_PAUSE_MS = 60_000;
/** After so many failures of the house at one item, its set-up waits and the others go on. */
const FAILURES = 3;
/** Never the fault of what was sent: no answer, signed out, asked too often, too slow. */
const NOT_ITS_FAULT = [0, 401, 403, 408, 421, 429, 503, 507];

type Told = (item: Item, answer: Answer | null) => void;
const listeners: Told[] = [];
const tabs = new BroadcastChannel('pindle.outbox');
type Word = { item?: Item; answer?: Answer | null };

function request(setUpId: string, deed: Deed, signal: AbortSignal): Promise<Answer> {
    const params = { path: { setUpId } };
    switch (deed.kind) {
        case 'tap':
            return ask(client.POST('/api/table/{setUpId}/attempts', { params, body: deed.tap, signal }));
        case 'take-back':
            return ask(client.DELETE('/api/table/attempts/{id}', { params: { path: { id: deed.attemptId } }, signal }));
        case 'correct':
            return ask(
                client.PUT('/api/table/attempts/{id}', {
                    params: { path: { id: deed.attemptId } },
                    body: deed.correction,
                    signal,
                }),
            );
        case 'advice':
            return ask(client.POST('/api/table/{setUpId}/advice', { params, body: deed.advice, signal }));
        case 'note':
            return ask(client.POST('/api/table/{setUpId}/all-at-once', { params, body: deed.note, signal }));
        case 'words':
            return ask(client.PUT('/api/table/{setUpId}/note', { params, body: { note: deed.note }, signal }));
        case 'closing':
            return ask(client.POST('/api/table/{setUpId}/closing', { params, body: deed.closing, signal }));
        case 'finish':
            return ask(client.POST('/api/table/{setUpId}/finish', { params, body: { ending: deed.ending }, signal }));
    }
}

/** On their way into the store: shown already. */
let coming: Item[] = [];

async function read(): Promise<void> {
    const stored = await store.all();
    const there = new Set(stored.map((item) => item.key));
    items.value = [...stored, ...coming.filter((item) => !there.has(item.key))];
}

function tell(item: Item, answer: Answer | null): void {
    listeners.forEach((told) => told(item, answer));
}

/** Says to the other tabs that something changed in the store; this tab has it in `items` already. */
function say(word: Word = {}): void {
    tabs.postMessage(JSON.parse(JSON.stringify(word)));
}

async function change(item: Item, to: Partial<Item>, told: { answer: null } | null = null): Promise<void> {
    await store.change(item.seq!, to);
    items.value = items.value.map((one) => (one.key === item.key ? { ...one, ...to } : one));
    say(told ? { item, ...told } : {});
}

async function remove(item: Item, answer: Answer | null): Promise<void> {
    await store.remove(item.seq!);
    items.value = items.value.filter((one) => one.key !== item.key);
    say({ item, answer });
}

/** The first item that may go now: not behind one of its own set-up that waits for its time. */
function next(now: number): Item | undefined {
    const held = new Set<string>();
    for (const item of items.value) {
        if (item.refused !== null) {
            continue;
        }
        if (item.seq !== undefined && item.notBefore <= now && !held.has(item.setUpId)) {
            return item;
        }
        held.add(item.setUpId);
    }
    return undefined;
}

/** Sends what may go. Says in how many milliseconds to try again; null when nothing waits. */
async function sendAll(): Promise<number | null> {
    let troubles = 0;
    await read();
    for (;;) {
        let item = next(Date.now());
        if (!item) {
            // Other tabs may have left something meanwhile.
            await read();
            item = next(Date.now());
        }
        if (!item) {
            const times = items.value.filter((one) => one.refused === null).map((one) => one.notBefore - Date.now());
            return times.length ? Math.max(PAUSE_MS, Math.min(...times)) : null;
        }
        try {
            const answer = await request(item.setUpId, item.deed, AbortSignal.timeout(LIMIT_MS));
            troubles = 0;
            // Told first: an answered question must not look open for a moment. Sent once more it would be the same.
            tell(item, answer);
            await remove(item, answer);
        } catch (error) {
            const status = error instanceof Problem ? error.status : 0;
            if (NOT_ITS_FAULT.includes(status)) {
                return Math.min(LONGEST_PAUSE_MS, PAUSE_MS * 2 ** pauses++);
            }
            if (status >= 500) {
                const failed = item.failed + 1;
                const wait = failed < FAILURES ? 0 : Math.min(LONGEST_PAUSE_MS, PAUSE_MS * 2 ** (failed - FAILURES + 1));
                await change(item, { failed, notBefore: Date.now() + wait });
                await new Promise((resolve) => setTimeout(resolve, Math.min(3, troubles++) * 300));
                continue;
            }
            await change(item, { refused: (error as Problem).message }, { answer: null });
            tell(item, null);
        }
        pauses = 0;
    }
}

let pauses = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
let running = false;
let again = false;

/** One tab at a time; where the browser has no locks two tabs may send the same twice, which does it once. */
const alone = (work: () => Promise<void>): Promise<unknown> =>
    navigator.locks ? navigator.locks.request('pindle.outbox', work) : work();

/** Sends now, and again later while something waits. */
export async function settle(): Promise<void> {
    again = running;
    if (running) {
        return;
    }
    running = true;
    clearTimeout(timer);
    try {
        do {
            again = false;
            await alone(async () => {
                const wait = await sendAll();
                clearTimeout(timer);
                if (wait !== null) {
                    timer = setTimeout(() => void settle(), wait * (0.75 + Math.random() / 2));
                }
            });
        } while (again);
    } finally {
        running = false;
    }
}

export async function send(setUpId: string, label: string, deed: Deed): Promise<void> {
    const item: Item = { key: newId(), setUpId, deed, label, made: Date.now(), failed: 0, notBefore: 0, refused: null };
    // Seen at once, even before the store has it.
    coming.push(item);
    items.value = [...items.value, item];
    const seq = await store.add(item);
    coming = coming.filter((one) => one !== item);
    items.value = items.value.map((one) => (one.key === item.key ? { ...one, seq } : one));
    say();
    void settle();
}

/** The parent wants a refused item sent again. */
export async function sendAgain(item: Item): Promise<void> {
    await change(item, { refused: null, failed: 0, notBefore: 0 });
    void settle();
}

/** The parent lets a refused item go. */
export async function letGo(item: Item): Promise<void> {
    await remove(item, null);
    tell(item, null);
}

/** Takes the names off what waits: this device is signed out. */
export async function blank(): Promise<void> {
    for (const item of await store.all()) {
        await change(item, { label: 'Something from the table' });
    }
}

/** Tells what became of each: the answer, or null where it was refused or let go. Those that another tab sent are told too. */
export function onSent(told: Told): void {
    listeners.push(told);
}

/** What other tabs do in quick succession is read once. */
let reading: ReturnType<typeof setTimeout> | undefined;

tabs.onmessage = (message: MessageEvent<Word>) => {
    reading ??= setTimeout(() => {
        reading = undefined;
        void read();
    }, READ_MS);
    if (message.data.item) {
        tell(message.data.item, message.data.answer ?? null);
    }
};

/** What 0.4.0 and 0.3.0 kept in another place; 0.3.0 named a question by its place in the sitting. */
async function takeOver(): Promise<void> {
    type Old = { setUpId?: string; tap?: Schemas['AttemptInput'] & { place?: number }; takeBack?: string };
    const kept = localStorage.getItem('pindle.outbox');
    for (const old of kept === null ? [] : (JSON.parse(kept) as Old[])) {
        if (old.tap && old.tap.place !== undefined) {
            old.tap = { ...old.tap, questionId: `${old.tap.sittingId}-${old.tap.place}` };
        }
        const deed: Deed = old.tap ? { kind: 'tap', tap: old.tap } : { kind: 'take-back', attemptId: old.takeBack ?? '' };
        await store.add({
            key: newId(),
            setUpId: old.setUpId ?? '',
            deed,
            label: 'From before Pindle was renewed',
            made: Date.now(),
            failed: 0,
            notBefore: 0,
            refused: null,
        });
    }
    localStorage.removeItem('pindle.outbox');
}

/** Begins with the page: what waited when it was closed goes on. */
export async function start(): Promise<void> {
    try {
        await takeOver();
    } catch {
        // Without a place to keep things there was nothing kept before either.
    }
    await read();
    ready.value = true;
    const now = () => {
        pauses = 0;
        void settle();
    };
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', () => document.hidden || now());
    void settle();
}
