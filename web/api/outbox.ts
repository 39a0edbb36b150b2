import { useLocalStorage } from '@vueuse/core';
import { ref } from 'vue';

import { Problem, type Schemas } from './client';
import { recordAttempt, takeBackAttempt } from './queries';

/**
 * Taps wait here until the server has them: kept in the browser, sent in order, tried again while there is no answer.
 * Each carries an id made here, so that sending one twice records it once.
 */
export type Waiting = { setUpId: string; tap: Schemas['AttemptInput'] } | { setUpId: string; takeBack: string };

const RETRY_MS = 3000;

export const waiting = useLocalStorage<Waiting[]>('pindle.outbox', [], { flush: 'sync' });
export const refused = ref<string | null>(null);

let sending: Promise<void> | null = null;
const listeners: ((item: Waiting, answer: Schemas['AttemptView'] | null) => void)[] = [];

async function sendAll(): Promise<void> {
    while (waiting.value[0]) {
        const next = waiting.value[0];
        let answer: Schemas['AttemptView'] | null = null;
        try {
            answer = 'tap' in next ? await recordAttempt(next.setUpId, next.tap) : await takeBackAttempt(next.takeBack);
        } catch (error) {
            if (!(error instanceof Problem && error.status >= 400 && error.status < 500)) {
                await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
                continue;
            }
            refused.value = error.message;
        }
        listeners.forEach((tell) => tell(next, answer));
        waiting.value = waiting.value.slice(1);
    }
}

export function send(item: Waiting): void {
    waiting.value = [...waiting.value, item];
    void settle();
}

/** Resolves when nothing waits any more. */
export function settle(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = null));
    return sending;
}

/** Tells what became of each, in order: the answer, or null where it was refused. */
export function onSent(tell: (item: Waiting, answer: Schemas['AttemptView'] | null) => void): void {
    listeners.push(tell);
}

/** One id for this device, made once. */
export function deviceId(): string {
    const id = useLocalStorage('pindle.device', '');
    id.value ||= newId();
    return id.value;
}

/** A random UUID; crypto.randomUUID is not there on plain http outside this machine. */
export function newId(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6]! & 0x0f) | 0x40;
    bytes[8] = (bytes[8]! & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
