import { onBeforeUnmount, onMounted } from 'vue';

/**
 * One registry for all keys. The newest scope that is open is asked first, then the house. After g only rooms are meant: a key of the
 * room that happens to be the same does nothing.
 */
type Keys = Record<string, () => void>;

const scopes: Keys[] = [];
/** What g leads to, and until when it waits for the second key. */
let places: Keys = {};
let leadsUntil = 0;

const LEAD_MS = 1500;

function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
    );
}

function press(event: KeyboardEvent): void {
    // What is played with has keys of its own.
    const isPlaying = event.target instanceof Element && event.target.closest('[data-own-keys]');
    const elsewhere = event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || isPlaying;
    if (elsewhere || document.querySelector('[role="dialog"]')) {
        return;
    }
    const leads = Date.now() < leadsUntil;
    leadsUntil = 0;
    const act = leads ? places[event.key] : [...scopes].reverse().find((scope) => scope[event.key])?.[event.key];
    if (act) {
        event.preventDefault();
        act();
    } else if (!leads && event.key === 'g') {
        leadsUntil = Date.now() + LEAD_MS;
    }
}

window.addEventListener('keydown', press);

/** Keys of a room while it is open. Nothing fires while someone types or a dialog is open. */
export function useKeys(keys: Keys): void {
    onMounted(() => scopes.push(keys));
    onBeforeUnmount(() => scopes.splice(scopes.indexOf(keys), 1));
}

/** Where g and a second key lead. */
export function useLead(to: Keys): void {
    onMounted(() => (places = to));
}
