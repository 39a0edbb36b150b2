import { QueryClient, useMutation, useQuery } from '@tanstack/vue-query';
import { type MaybeRefOrGetter, toValue, watch } from 'vue';

import { ask, client, Problem, type Schemas } from './client';

/** So long after no answer a room asks again. */
const AGAIN_MS = 3_000;

/** What is on today is kept as long as it is today. */
const DAY_MS = 24 * 60 * 60 * 1000;

/** The one cache of what the server said. */
export const cache = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 5_000,
            retry: 1,
            // While the house does not answer it is said, and asked again.
            refetchInterval: ({ state }) => (state.error instanceof Problem && state.error.status === 0 ? AGAIN_MS : false),
        },
    },
});

/** Where each answer is kept. */
export const keys = {
    house: ['house'],
    evening: ['evening'],
    lock: ['lock'],
    devices: ['devices'],
    copies: ['copies'],
    today: ['today'],
    week: ['week'],
    table: (setUpId: string) => ['table', setUpId],
    standIns: ['stand-ins'],
    make: ['make'],
    journal: ['journal'],
    children: ['children'],
    look: (childId: string) => ['look', childId],
    cupboard: ['cupboard'],
    lacking: ['lacking'],
    activities: ['activities'],
    repertoire: ['repertoire'],
    activity: (id: string) => ['activity', id],
    map: (childId: string) => ['map', childId],
    evidence: (childId: string, stepId: string) => ['evidence', childId, stepId],
    find: (words: string) => ['find', words],
} as const;

/** Which answers each kind of change makes stale. */
const stale = {
    plan: ['today', 'week', 'table', 'repertoire', 'journal'],
    week: ['today', 'week', 'table', 'make'],
    repertoire: ['today', 'week', 'table', 'repertoire'],
    evidence: ['today', 'week', 'table', 'map', 'evidence', 'look', 'repertoire', 'journal'],
    journal: ['journal'],
    child: [
        'today',
        'week',
        'table',
        'map',
        'evidence',
        'look',
        'children',
        'cupboard',
        'lacking',
        'activities',
        'activity',
        'find',
        'journal',
    ],
    things: ['today', 'week', 'table', 'cupboard', 'lacking', 'activities', 'activity', 'find'],
    activities: ['today', 'week', 'table', 'lacking', 'activities', 'activity', 'map', 'find'],
    house: ['today', 'week', 'table', 'map', 'evidence', 'look', 'children', 'house'],
} as const;

export function changed(what: keyof typeof stale): void {
    for (const key of stale[what]) {
        void cache.invalidateQueries({ queryKey: [key] });
    }
}

/** Something the parent changes: what is stale by it is asked for again. */
export function useChange<I, O>(
    what: keyof typeof stale,
    change: (input: I) => Promise<O>,
    then?: (answer: O, input: I) => void,
) {
    return useMutation({
        mutationFn: change,
        onSuccess: (answer, input) => {
            changed(what);
            then?.(answer, input);
        },
    });
}

export type Id = MaybeRefOrGetter<string>;
const there = (id: Id) => () => toValue(id) !== '';

/** The first evening: where it stands, and on to the next screen. What each step answers is what is shown next. */
const lookAtEvening = () => ask(client.GET('/api/evening'));
export const useEvening = () => useQuery({ queryKey: keys.evening, queryFn: lookAtEvening, staleTime: 0 });
export const eveningScreen = () =>
    cache.fetchQuery({ queryKey: keys.evening, queryFn: lookAtEvening, staleTime: 60_000 }).then((evening) => evening.screen);
const useEveningChange = <I>(change: (input: I) => Promise<Schemas['EveningView']>) =>
    useChange('child', change, (evening) => cache.setQueryData(keys.evening, evening));
export const useEveningWho = () =>
    useEveningChange((body: Schemas['WhoInput']) => ask(client.POST('/api/evening/who', { body })));
export const useEveningGo = () => useEveningChange((body: Schemas['StepInput']) => ask(client.POST('/api/evening', { body })));
export const useEveningBack = () =>
    useEveningChange((body: Schemas['StepInput']) => ask(client.POST('/api/evening/back', { body })));

export const useHouse = () => useQuery({ queryKey: keys.house, queryFn: () => ask(client.GET('/api/house')), staleTime: 60_000 });
export const useHouseChange = () =>
    useChange(
        'house',
        (body: Schemas['HouseInput']) => ask(client.PUT('/api/house', { body })),
        (house) => cache.setQueryData(keys.house, house),
    );
/** The time zone whose days are the household's. */
export const useZone = () => useChange('house', (zone: string) => ask(client.PUT('/api/house/zone', { body: { zone } })));

/** The household's zone is first taken from the browser of its parent; the house keeps it from then on. */
export function useZoneOnce(may: () => boolean): void {
    const house = useQuery({
        queryKey: keys.house,
        queryFn: () => ask(client.GET('/api/house')),
        staleTime: 60_000,
        enabled: may,
    });
    const zone = useZone();
    watch(
        () => house.data.value?.zoneChosen,
        (chosen) => chosen === false && may() && zone.mutate(Intl.DateTimeFormat().resolvedOptions().timeZone),
    );
}

export const useLock = () => useQuery({ queryKey: keys.lock, queryFn: () => ask(client.GET('/api/lock')), staleTime: 60_000 });
export const useSignIn = (then: () => void) =>
    useMutation({
        mutationFn: (body: Schemas['SignInInput']) => ask(client.POST('/api/lock/sign-in', { body })),
        onSuccess: then,
    });
export const useSignOut = (then: () => void) =>
    useMutation({ mutationFn: () => ask(client.POST('/api/lock/sign-out')), onSuccess: then });
export const useDevices = () => useQuery({ queryKey: keys.devices, queryFn: () => ask(client.GET('/api/lock/devices')) });
export const useSignOtherOut = () =>
    useMutation({
        mutationFn: (id: string) => ask(client.DELETE('/api/lock/devices/{id}', { params: { path: { id } } })),
        onSuccess: (devices) => cache.setQueryData(keys.devices, devices),
    });
export const useCode = () => useMutation({ mutationFn: () => ask(client.POST('/api/lock/code')) });

export const useCopies = () => useQuery({ queryKey: keys.copies, queryFn: () => ask(client.GET('/api/house/copies')) });
export const useMakeCopy = () =>
    useMutation({
        mutationFn: () => ask(client.POST('/api/house/copies')),
        onSuccess: (copies) => cache.setQueryData(keys.copies, copies),
    });
/** Puts a safe copy in place: one that lies there, by its name, or a file. */
export const usePutBack = (then: (job: Schemas['JobView']) => void) =>
    useMutation({
        mutationFn: (copy: string | File) =>
            ask(
                typeof copy === 'string'
                    ? client.POST('/api/house/copies/{name}/restore', { params: { path: { name: copy } } })
                    : client.POST('/api/house/restore', {
                          body: copy as unknown as string,
                          bodySerializer: (file) => file,
                          headers: { 'Content-Type': 'application/zip' },
                      }),
            ),
        onSuccess: then,
    });
/** How far a piece of long work is; asked again until it is over. */
export const useJob = (id: Id) =>
    useQuery({
        queryKey: ['job', id],
        queryFn: () => ask(client.GET('/api/house/jobs/{id}', { params: { path: { id: toValue(id) } } })),
        enabled: there(id),
        // While the copy is put in place the row is gone for a moment.
        retry: 60,
        retryDelay: 700,
        refetchInterval: (query) => (['done', 'failed'].includes(query.state.data?.state ?? '') ? false : 700),
    });
/** Everything is another household's now. */
export const askAllAnew = () => cache.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'job' });

export const useFind = (words: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: ['find', words],
        queryFn: () => ask(client.GET('/api/find', { params: { query: { q: toValue(words) } } })),
        enabled: () => toValue(words).trim() !== '',
        placeholderData: (before: Schemas['FoundsView'] | undefined) => before,
    });

/** Today; other devices change it too, so a screen that lies open asks again now and then. */
const TODAY_AGAIN_MS = 60_000;
export const useToday = (enabled: () => boolean = () => true) =>
    useQuery({
        queryKey: keys.today,
        queryFn: () => ask(client.GET('/api/today')),
        enabled,
        refetchInterval: ({ state }) => (state.error instanceof Problem && state.error.status === 0 ? AGAIN_MS : TODAY_AGAIN_MS),
    });
/** Another day than today, by its date. */
export const useDay = (date: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: ['today', date],
        queryFn: () => ask(client.GET('/api/today', { params: { query: { day: toValue(date) } } })),
        enabled: () => toValue(date) !== '',
    });
export const usePlan = (then: () => void) =>
    useChange(
        'plan',
        ({ day, ...body }: Partial<Schemas['DayInput']> & { day?: string }) =>
            ask(client.POST('/api/today/plan', { body, params: { query: day ? { day } : {} } })),
        (day) => {
            cache.setQueryData(day.isToday ? keys.today : ['today', day.date], day);
            then();
        },
    );
/** Any change of today: it is made for the day as it was seen, and answers with the day as it is. */
export const useDayChange = (then: (day: Schemas['DayView']) => void) =>
    useChange(
        'plan',
        (change: () => Promise<Schemas['DayView']>) => change(),
        (day) => {
            cache.setQueryData(day.isToday ? keys.today : ['today', day.date], day);
            then(day);
        },
    );
export const useSwaps = (id: Id) =>
    useQuery({
        queryKey: ['today', 'swaps', id],
        queryFn: () => ask(client.GET('/api/today/set-ups/{id}/swaps', { params: { path: { id: toValue(id) } } })),
        enabled: there(id),
        staleTime: 0,
        retry: false,
    });
export const useRepertoire = () =>
    useQuery({ queryKey: keys.repertoire, queryFn: () => ask(client.GET('/api/repertoire')), staleTime: 60_000 });
export const useKnown = () =>
    useChange('repertoire', ({ id, known }: { id: string; known: boolean }) =>
        ask(client.PUT('/api/activities/{id}/known', { params: { path: { id } }, body: { known } })),
    );
export const useAWeek = () => useChange('repertoire', (aWeek: number) => ask(client.PUT('/api/repertoire', { body: { aWeek } })));

export const useTableDocument = (setUpId: string) =>
    useQuery({
        queryKey: keys.table(setUpId),
        queryFn: () => ask(client.GET('/api/table/{setUpId}', { params: { path: { setUpId } } })),
        staleTime: Infinity,
        refetchOnMount: 'always',
    });
/** What is on today is fetched while the house answers, so that it is here when it does not. */
export function keepTables(setUpIds: string[]): void {
    for (const setUpId of setUpIds) {
        void cache.prefetchQuery({
            queryKey: keys.table(setUpId),
            queryFn: () => ask(client.GET('/api/table/{setUpId}', { params: { path: { setUpId } } })),
            staleTime: Infinity,
            gcTime: DAY_MS,
        });
    }
}
export const useStandIns = () =>
    useQuery({ queryKey: keys.standIns, queryFn: () => ask(client.GET('/api/table/stand-ins')), staleTime: Infinity });
export const keepTable = (table: Schemas['TableView']) => cache.setQueryData(keys.table(table.id), table);
const takeBackAttempt = (id: string) => ask(client.DELETE('/api/table/attempts/{id}', { params: { path: { id } } }));
export const useTakeBack = (then: () => void) => useChange('evidence', takeBackAttempt, then);
export const useCorrection = (then: () => void) =>
    useChange(
        'evidence',
        ({ id, body }: { id: string; body: Schemas['CorrectionInput'] }) =>
            ask(client.PUT('/api/table/attempts/{id}', { params: { path: { id } }, body })),
        then,
    );

export const useChildren = () => useQuery({ queryKey: keys.children, queryFn: () => ask(client.GET('/api/children')) });
export const useKeepChild = (then: (child: Schemas['ChildView']) => void) =>
    useChange(
        'child',
        ({ id, body }: { id: string | null; body: Schemas['ChildInput'] }) =>
            id === null
                ? ask(client.POST('/api/children', { body }))
                : ask(client.PUT('/api/children/{id}', { params: { path: { id } }, body })),
        then,
    );
export const useArchive = () =>
    useChange('child', (id: string) => ask(client.POST('/api/children/{id}/archive', { params: { path: { id } } })));
export const useRestore = () =>
    useChange('child', (id: string) => ask(client.POST('/api/children/{id}/restore', { params: { path: { id } } })));

export const useCupboard = () => useQuery({ queryKey: keys.cupboard, queryFn: () => ask(client.GET('/api/cupboard')) });
export const useLacking = (enabled: () => boolean) =>
    useQuery({ queryKey: keys.lacking, queryFn: () => ask(client.GET('/api/cupboard/lacking')), enabled });
export const useReadLine = (then: (line: Schemas['LineView']) => void) =>
    useMutation({ mutationFn: (line: string) => ask(client.POST('/api/cupboard/read', { body: { line } })), onSuccess: then });
export const useKeepThing = (then: () => void) =>
    useChange(
        'things',
        ({ id, body }: { id: string | null; body: Schemas['ThingInput'] }) =>
            id === null
                ? ask(client.POST('/api/cupboard', { body }))
                : ask(client.PUT('/api/cupboard/{id}', { params: { path: { id } }, body })),
        then,
    );
export const useTick = (then: () => void) =>
    useChange('things', (shipped: string[]) => ask(client.POST('/api/cupboard/tick', { body: { shipped } })), then);
/** A whole list of things: read, or read and written. */
export const useTakeList = () =>
    useChange('things', ({ file, write }: { file: File; write: boolean }) =>
        ask(
            client.POST('/api/cupboard/list', {
                params: { query: { write } },
                body: file as unknown as string,
                bodySerializer: (body) => body,
                headers: { 'Content-Type': 'text/csv' },
            }),
        ),
    );
/** So many more or fewer: a difference, so that quick taps add up. */
export const useCount = () =>
    useChange('things', ({ id, by }: { id: string; by: number }) =>
        ask(client.POST('/api/cupboard/{id}/amount', { params: { path: { id } }, body: { by } })),
    );
export const usePutAway = () =>
    useChange('things', (id: string) => ask(client.DELETE('/api/cupboard/{id}', { params: { path: { id } } })));

export const useActivities = () =>
    useQuery({ queryKey: keys.activities, queryFn: () => ask(client.GET('/api/activities')), staleTime: 30_000 });
export const useActivity = (id: Id) =>
    useQuery({
        queryKey: ['activity', id],
        queryFn: () => ask(client.GET('/api/activities/{id}', { params: { path: { id: toValue(id) } } })),
        enabled: there(id),
    });
export const useKeepActivity = (then: () => void) =>
    useChange(
        'activities',
        ({ id, body }: { id: string | null; body: Schemas['OwnActivityInput'] }) =>
            id === null
                ? ask(client.POST('/api/activities', { body }))
                : ask(client.PUT('/api/activities/{id}', { params: { path: { id } }, body })),
        then,
    );
export const useRemoveActivity = (then: () => void) =>
    useChange('activities', (id: string) => ask(client.DELETE('/api/activities/{id}', { params: { path: { id } } })), then);
export const useActivityToday = () =>
    useChange('plan', (id: string) => ask(client.POST('/api/activities/{id}/use', { params: { path: { id } } })));

export const useMap = (childId: Id) =>
    useQuery({
        queryKey: ['map', childId],
        queryFn: () => ask(client.GET('/api/map/{childId}', { params: { path: { childId: toValue(childId) } } })),
        enabled: there(childId),
    });
/** What was seen of a step before a page of it. */
export const useEarlier = (childId: Id, stepId: Id, then: (page: Schemas['HistoryView']) => void) =>
    useMutation({
        mutationFn: (before: string) =>
            ask(
                client.GET('/api/map/{childId}/{stepId}/seen', {
                    params: { path: { childId: toValue(childId), stepId: toValue(stepId) }, query: { before } },
                }),
            ),
        onSuccess: then,
    });
export const useEvidence = (childId: Id, stepId: Id) =>
    useQuery({
        queryKey: ['evidence', childId, stepId],
        queryFn: () =>
            ask(
                client.GET('/api/map/{childId}/{stepId}', {
                    params: { path: { childId: toValue(childId), stepId: toValue(stepId) } },
                }),
            ),
    });
export const useWanted = (childId: Id) =>
    useChange('evidence', (body: Schemas['WantedInput']) =>
        ask(client.POST('/api/map/{childId}/wanted', { params: { path: { childId: toValue(childId) } }, body })),
    );
export const useSeen = (childId: string, stepId: string, then: (evidence: Schemas['EvidenceView']) => void) =>
    useChange(
        'evidence',
        (body: Schemas['NoteInput']) =>
            ask(client.POST('/api/map/{childId}/{stepId}/seen', { params: { path: { childId, stepId } }, body })),
        then,
    );
export const useHandMark = (childId: string, stepId: string, then: (evidence: Schemas['EvidenceView']) => void) =>
    useChange(
        'evidence',
        (body: Schemas['HandMarkInput']) =>
            ask(client.POST('/api/map/{childId}/{stepId}/mark', { params: { path: { childId, stepId } }, body })),
        then,
    );
