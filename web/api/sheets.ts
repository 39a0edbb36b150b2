import { useMutation, useQuery } from '@tanstack/vue-query';
import { type MaybeRefOrGetter, toValue } from 'vue';

import { ask, client, type Schemas } from './client';
import { cache, keys } from './queries';
import type { paths } from './types';

export type SheetKind = Schemas['SheetKind'];
export type Until = Schemas['Until'];
/** How a sheet is wanted, as it stands in an address. */
export type Wish = Record<string, string>;

type SheetQuery = NonNullable<paths['/api/make/{kind}']['get']['parameters']['query']>;
type SetQuery = NonNullable<paths['/api/make/set']['get']['parameters']['query']>;

/** What can be made, what is wanted, what is made already. */
export const useMake = () => useQuery({ queryKey: keys.make, queryFn: () => ask(client.GET('/api/make')) });

/** A sheet as it will be printed; asked for anew with every wish, the last one stays in sight meanwhile. */
export const useSheet = (kind: MaybeRefOrGetter<SheetKind | null>, wish: MaybeRefOrGetter<Wish>) =>
    useQuery({
        queryKey: ['sheet', kind, wish],
        queryFn: () =>
            ask(
                client.GET('/api/make/{kind}', {
                    params: { path: { kind: toValue(kind)! }, query: toValue(wish) as SheetQuery },
                }),
            ),
        enabled: () => toValue(kind) !== null,
        retry: false,
    });

/** What tomorrow wants and nobody has made: asked for in the evening. */
export const useTomorrow = (wanted: boolean) =>
    useQuery({
        queryKey: [...keys.make, 'tomorrow'],
        queryFn: () => ask(client.GET('/api/today/tomorrow')),
        enabled: wanted,
    });

/** What days want, as one set. */
export const useSet = (wish: MaybeRefOrGetter<Wish>, wanted: MaybeRefOrGetter<boolean>) =>
    useQuery({
        queryKey: [...keys.make, 'set', wish],
        queryFn: () => ask(client.GET('/api/make/set', { params: { query: toValue(wish) as SetQuery } })),
        enabled: wanted,
    });

/** Where a sheet lies as a file. */
export function sheetFile(kind: SheetKind, wish: Wish, as: 'pdf' | 'svg'): string {
    return `/api/make/${kind}.${as}?${new URLSearchParams(wish)}`;
}
export function setFile(wish: Wish): string {
    return `/api/make/set.pdf?${new URLSearchParams(wish)}`;
}

/** What is made changes what is wanted, and the plan. */
function madeChanged() {
    for (const key of ['make', 'today', 'table']) {
        void cache.invalidateQueries({ queryKey: [key] });
    }
}
export const useKeep = () =>
    useMutation({
        mutationFn: (body: Schemas['KeptInput']) => ask(client.POST('/api/make/kept', { body })),
        onSuccess: madeChanged,
    });
export const useChangeKept = () =>
    useMutation({
        mutationFn: ({ id, ...body }: Schemas['KeptChangeInput'] & { id: string }) =>
            ask(client.PUT('/api/make/kept/{id}', { params: { path: { id } }, body })),
        onSettled: madeChanged,
    });
export const useThrowAway = () =>
    useMutation({
        mutationFn: (id: string) => ask(client.DELETE('/api/make/kept/{id}', { params: { path: { id } } })),
        onSettled: madeChanged,
    });
