import Dexie, { type Table } from 'dexie';

import { type Item, trouble } from './items';

/** Where items wait: the browser's database, or, where that is broken or full, the memory of this page. */
class Database extends Dexie {
    items!: Table<Item, number>;

    constructor() {
        super('pindle');
        this.version(1).stores({ items: '++seq' });
    }
}

const database = new Database();
let memory: Item[] | null = null;
let seqInMemory = 1_000_000_000;

/** Runs it on the database; from the first failure on everything is in memory, with what could still be read. */
async function on<T>(database_: () => Promise<T>, inMemory: (items: Item[]) => T): Promise<T> {
    if (memory === null) {
        try {
            return await database_();
        } catch {
            memory = await database.items.toArray().catch(() => []);
            trouble.value =
                'This browser cannot keep what you tap (its store is full or broken). It is sent as usual; do not close this page while something waits.';
        }
    }
    return inMemory(memory);
}

/** In order. */
export const all = (): Promise<Item[]> =>
    on(
        () => database.items.orderBy('seq').toArray(),
        (items) => [...items],
    );

/** Gives its place in the order. */
export const add = (item: Item): Promise<number> =>
    on(
        () => database.items.add(item),
        (items) => {
            items.push({ ...item, seq: seqInMemory });
            return seqInMemory++;
        },
    );

export const change = (seq: number, to: Partial<Item>): Promise<void> =>
    on(
        async () => void (await database.items.update(seq, to)),
        (items) => void Object.assign(items.find((item) => item.seq === seq) ?? {}, to),
    );

export const remove = (seq: number): Promise<void> =>
    on(
        () => database.items.delete(seq),
        (items) => {
            memory = items.filter((item) => item.seq !== seq);
        },
    );
