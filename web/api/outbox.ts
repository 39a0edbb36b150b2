import { ref } from 'vue';

import { api, Problem, type Schemas } from './client';

/**
 * Taps wait here until the server has them: kept in the browser, sent in order, tried again while there is no answer.
 * Each carries an id made here, so that sending one twice records it once.
 */
type Waiting = { setUpId: string; tap: Schemas['TryInput'] } | { takeBack: string };

const KEY = 'pindle.outbox';
const RETRY_MS = 3000;

export const waiting = ref<Waiting[]>(JSON.parse(localStorage.getItem(KEY) ?? '[]'));
export const refused = ref<string | null>(null);

let sending: Promise<void> | null = null;
let onAnswer: (answer: Schemas['TryView']) => void = () => {};

function keep(): void {
    localStorage.setItem(KEY, JSON.stringify(waiting.value));
}

async function sendAll(): Promise<void> {
    while (waiting.value[0]) {
        const next = waiting.value[0];
        try {
            onAnswer('tap' in next ? await api.record(next.setUpId, next.tap) : await api.takeBack(next.takeBack));
        } catch (error) {
            if (error instanceof Problem && error.status >= 400 && error.status < 500) {
                refused.value = error.message;
            } else {
                await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
                continue;
            }
        }
        waiting.value.shift();
        keep();
    }
}

export function send(item: Waiting): void {
    waiting.value.push(item);
    keep();
    void settle();
}

/** Resolves when nothing waits any more. */
export function settle(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = null));
    return sending;
}

export function listen(to: (answer: Schemas['TryView']) => void): void {
    onAnswer = to;
}

/** One id for this device, made once. */
export function deviceId(): string {
    let id = localStorage.getItem('pindle.device');
    if (!id) {
        id = newId();
        localStorage.setItem('pindle.device', id);
    }
    return id;
}

/** A random UUID; crypto.randomUUID is not there on plain http outside this machine. */
export function newId(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6]! & 0x0f) | 0x40;
    bytes[8] = (bytes[8]! & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
