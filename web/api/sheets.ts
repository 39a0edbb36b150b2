import { useQuery } from '@tanstack/vue-query';
import { type MaybeRefOrGetter, toValue } from 'vue';

import { ask, client, type Schemas } from './client';
import { keys } from './queries';
import type { paths } from './types';

export type SheetWish = NonNullable<paths['/api/make/{kind}']['get']['parameters']['query']>;

/** What can be made. */
export const useMake = () => useQuery({ queryKey: keys.make, queryFn: () => ask(client.GET('/api/make')) });

/** A sheet as it will be printed; asked for anew with every wish. */
export const useSheet = (kind: MaybeRefOrGetter<Schemas['SheetKind'] | null>, query: MaybeRefOrGetter<Record<string, unknown>>) =>
    useQuery({
        queryKey: ['sheet', kind, query],
        queryFn: () =>
            ask(
                client.GET('/api/make/{kind}', {
                    params: { path: { kind: toValue(kind)! }, query: toValue(query) as SheetWish },
                }),
            ),
        enabled: () => toValue(kind) !== null,
        retry: false,
    });
