import { useQuery } from '@tanstack/vue-query';
import { toValue } from 'vue';

import { ask, client, type Schemas } from './client';
import { cache, type Id, keys, useChange } from './queries';

/** First looks and looks round. */
export const useLook = (childId: Id) =>
    useQuery({
        queryKey: ['look', childId],
        queryFn: () => ask(client.GET('/api/children/{childId}/first-look', { params: { path: { childId: toValue(childId) } } })),
        staleTime: 0,
    });
/** Where a look would stand after each answer to the task that is shown: fetched while the parent reads it. */
export const useLookAhead = (childId: string, done: () => number, enabled: () => boolean) =>
    useQuery({
        queryKey: ['look-ahead', childId, done],
        queryFn: () => ask(client.GET('/api/children/{childId}/first-look/ahead', { params: { path: { childId } } })),
        enabled,
    });
export const showLook = (childId: string, look: Schemas['FirstLookView']) => cache.setQueryData(keys.look(childId), look);
const lookPath = (childId: string) => ({ params: { path: { childId } } });
const useLookChange = <I>(childId: string, change: (input: I) => Promise<Schemas['FirstLookView']>) =>
    useChange('child', change, (look) => cache.setQueryData(keys.look(childId), look));
export const useBeginLook = (childId: string) =>
    useLookChange(childId, (canAlready: string[]) =>
        ask(client.POST('/api/children/{childId}/first-look', { ...lookPath(childId), body: { canAlready } })),
    );
/** One look round after a long while. */
export const useBeginRound = (then: (look: Schemas['FirstLookView']) => void) =>
    useChange(
        'evidence',
        (childId: string) => ask(client.POST('/api/children/{childId}/first-look/round', lookPath(childId))),
        (look) => {
            cache.setQueryData(keys.look(look.childId), look);
            then(look);
        },
    );
export const useLookAnswer = (childId: string) =>
    useLookChange(childId, (body: Schemas['LookAnswerInput']) =>
        ask(client.POST('/api/children/{childId}/first-look/answers', { ...lookPath(childId), body })),
    );
export const useLookUndo = (childId: string) =>
    useLookChange(childId, () => ask(client.DELETE('/api/children/{childId}/first-look/answers/last', lookPath(childId))));
export const useLookStop = (childId: string) =>
    useLookChange(childId, () => ask(client.POST('/api/children/{childId}/first-look/stop', lookPath(childId))));
