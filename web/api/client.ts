import createClient from 'openapi-fetch';
import { ref } from 'vue';

import type { components, paths } from './types';

export type Schemas = components['schemas'];

/** What the server says when something can not be done: a sentence, and the field it is about. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string>,
    ) {
        super(message);
    }
}

export const client = createClient<paths>({ headers: { Accept: 'application/json' } });

/** Whether the house said that it does not know this device: the lock screen comes up. */
export const signedOut = ref(false);

/** The house holds the clock of this device against its own. */
client.use({
    onRequest({ request }) {
        request.headers.set('X-Device-Now', String(Date.now()));
        return request;
    },
});

type Answer<T> = { data?: T; error?: unknown; response: Response };
type Problems = { title?: string; detail?: string; errors?: { field: string; message: string }[] };

/** What the server answers, or a Problem. */
export async function ask<T>(asked: Promise<Answer<T>>): Promise<T> {
    let answer: Answer<T>;
    try {
        answer = await asked;
    } catch {
        throw new Problem(0, 'Pindle does not answer. Nothing was lost; is it still running?', {});
    }
    if (!answer.response.ok) {
        signedOut.value ||= answer.response.status === 401;
        const problem = (answer.error ?? {}) as Problems;
        throw new Problem(
            answer.response.status,
            problem.detail ?? problem.title ?? 'That did not work.',
            Object.fromEntries((problem.errors ?? []).map((error) => [error.field, error.message])),
        );
    }
    return answer.data as T;
}
