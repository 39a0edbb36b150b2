import { items } from './outbox/items';
import { forgetKept } from './kept';
import { cache } from './queries';

/** A device that is signed out forgets names and plans. Taps that wait stay, without the names beside them. */
export async function forget(): Promise<void> {
    cache.removeQueries({ predicate: (query) => query.queryKey[0] !== 'lock' });
    sessionStorage.clear();
    await forgetKept();
    if (items.value.length) {
        const { blank } = await import('./outbox/send');
        await blank();
    }
}
