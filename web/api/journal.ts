import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/vue-query';
import { type MaybeRefOrGetter, toValue } from 'vue';

import { ask, client, type Schemas } from './client';
import { askAllAnew, cache, type Id, keys, useChange } from './queries';

/** Days, newest first, a page at a time; of one child and with some words, where they are asked for. */
export const useDays = (child: MaybeRefOrGetter<string>, find: MaybeRefOrGetter<string>) =>
    useInfiniteQuery({
        queryKey: [...keys.journal, 'days', child, find],
        queryFn: ({ pageParam }) =>
            ask(
                client.GET('/api/journal', {
                    params: {
                        query: { child: toValue(child), find: toValue(find), ...(pageParam ? { before: pageParam } : {}) },
                    },
                }),
            ),
        initialPageParam: '',
        getNextPageParam: (last) => last.before ?? undefined,
        placeholderData: (before) => before,
    });

export const useNamePhotograph = (then: () => void) =>
    useChange(
        'journal',
        ({ id, ...body }: Schemas['PhotographChangeInput'] & { id: string }) =>
            ask(client.PUT('/api/journal/photographs/{id}', { params: { path: { id } }, body })),
        then,
    );
export const useRemovePhotograph = (then: () => void) =>
    useChange('journal', (id: string) => ask(client.DELETE('/api/journal/photographs/{id}', { params: { path: { id } } })), then);

/** The year of the house that a day is in; '' for this one. */
export const useYear = (of: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: [...keys.journal, 'year', of],
        queryFn: () =>
            ask(client.GET('/api/journal/year', { params: { query: { ...(toValue(of) ? { of: toValue(of) } : {}) } } })),
        placeholderData: (before: Schemas['YearView'] | undefined) => before,
    });
export const useYearStart = (then: () => void) =>
    useChange('journal', (body: Schemas['YearStartInput']) => ask(client.PUT('/api/journal/year', { body })), then);

/** How a child has come along since a day; '' for the last two months. */
export const useAlong = (childId: Id, then: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: [...keys.journal, 'along', childId, then],
        queryFn: () =>
            ask(
                client.GET('/api/journal/children/{childId}', {
                    params: {
                        path: { childId: toValue(childId) },
                        query: { ...(toValue(then) ? { then: toValue(then) } : {}) },
                    },
                }),
            ),
        enabled: () => toValue(childId) !== '',
        placeholderData: (before: Schemas['AlongView'] | undefined) => before,
    });
export const useFact = (childId: Id, key: Id) =>
    useQuery({
        queryKey: [...keys.journal, 'fact', childId, key],
        queryFn: () =>
            ask(
                client.GET('/api/journal/children/{childId}/facts/{key}', {
                    params: { path: { childId: toValue(childId), key: toValue(key) } },
                }),
            ),
        enabled: () => toValue(key) !== '',
    });

/** The letter of one child and month; '' for this month. */
const letterOf = (childId: Id, month: MaybeRefOrGetter<string>) => ({
    path: { childId: toValue(childId) },
    query: { ...(toValue(month) ? { month: toValue(month) } : {}) },
});
export const useLetter = (childId: Id, month: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: [...keys.journal, 'letter', childId, month],
        queryFn: () => ask(client.GET('/api/journal/children/{childId}/letter', { params: letterOf(childId, month) })),
        enabled: () => toValue(childId) !== '',
    });
export function useLetterChanges(childId: Id, month: MaybeRefOrGetter<string>, then: (letter: Schemas['LetterView']) => void) {
    const keep = (letter: Schemas['LetterView']) => {
        cache.setQueryData([...keys.journal, 'letter', toValue(childId), toValue(month)], letter);
        then(letter);
    };
    return {
        write: useMutation({
            mutationFn: (body: Schemas['LetterInput']) =>
                ask(client.PUT('/api/journal/children/{childId}/letter', { params: letterOf(childId, month), body })),
            onSuccess: keep,
        }),
        forget: useMutation({
            mutationFn: () => ask(client.DELETE('/api/journal/children/{childId}/letter', { params: letterOf(childId, month) })),
            onSuccess: keep,
        }),
    };
}

/** What a portfolio is made of. */
export interface Chosen {
    from: string;
    to: string;
    child: string;
    /** What is left out, with commas between. */
    without: string;
}
export const usePortfolio = (chosen: MaybeRefOrGetter<Chosen>) =>
    useQuery({
        queryKey: [...keys.journal, 'portfolio', chosen],
        queryFn: () => ask(client.GET('/api/journal/portfolio', { params: { query: toValue(chosen) } })),
        enabled: () => toValue(chosen).to !== '',
        placeholderData: (before: Schemas['PortfolioView'] | undefined) => before,
        retry: false,
    });
export const useKeepPage = (then: () => void) =>
    useChange(
        'journal',
        ({ id, ...body }: Schemas['PageInput'] & { id: string | null }) =>
            id === null
                ? ask(client.POST('/api/journal/pages', { body }))
                : ask(client.PUT('/api/journal/pages/{id}', { params: { path: { id } }, body })),
        then,
    );
export const useRemovePage = () =>
    useChange('journal', (id: string) => ask(client.DELETE('/api/journal/pages/{id}', { params: { path: { id } } })));

/** The whole household, out and in: each begins a job. */
export const useExport = (then: (job: Schemas['JobView']) => void) =>
    useMutation({ mutationFn: () => ask(client.POST('/api/journal/export')), onSuccess: then });
export const useImport = (then: (job: Schemas['JobView']) => void) =>
    useMutation({
        mutationFn: (file: File) =>
            ask(
                client.POST('/api/journal/import', {
                    body: file as unknown as string,
                    bodySerializer: (body) => body,
                    headers: { 'Content-Type': 'application/zip' },
                }),
            ),
        onSuccess: then,
    });

/** Erasing a child for good: what would go, and doing it. */
export const useLeaves = (childId: Id) =>
    useQuery({
        queryKey: [...keys.journal, 'leaves', childId],
        queryFn: () =>
            ask(client.GET('/api/journal/children/{childId}/erase', { params: { path: { childId: toValue(childId) } } })),
        enabled: () => toValue(childId) !== '',
        staleTime: 0,
    });
export const useErase = (then: (says: string) => void) =>
    useMutation({
        mutationFn: ({ childId, ...body }: Schemas['EraseInput'] & { childId: string }) =>
            ask(client.POST('/api/journal/children/{childId}/erase', { params: { path: { childId } }, body })),
        onSuccess: ({ says }) => {
            void askAllAnew();
            then(says);
        },
    });
