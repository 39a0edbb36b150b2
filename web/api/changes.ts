import { computed, ref } from 'vue';

import { ask, client, Problem, type Schemas } from './client';
import { cache, keys, useDayChange } from './queries';

type Day = Schemas['DayView'];
type Done = () => void;

/** The minute of the day by the clock on the wall. */
export function nowMinute(): number {
    const now = new Date();
    return now.getHours() * 60 + now.getMinutes();
}

/**
 * Every way a day can change, made for the day as it is on this screen. Where another device has changed it meanwhile the screen shows that day
 * first, and the parent chooses whether to do it all the same.
 */
export function useChanges(day: () => Day | undefined) {
    const pending = ref<{ words: string; again: () => void } | null>(null);
    const change = useDayChange(() => undefined);
    const version = () => day()?.version ?? 0;

    /** @param words what was asked, for the case that the day is another one by now */
    function make(words: string, send: (version: number) => Promise<Day>, then?: Done): void {
        pending.value = null;
        change.mutate(() => send(version()), {
            onSuccess: () => then?.(),
            onError: (error) => {
                if (error instanceof Problem && error.status === 409 && error.fields.version) {
                    void cache.invalidateQueries({ queryKey: keys.today });
                    pending.value = { words, again: () => make(words, send, then) };
                    change.reset();
                }
            },
        });
    }

    const setUp = (id: string) => ({ params: { path: { id } } });

    return {
        busy: computed(() => change.isPending.value),
        error: computed(() => change.error.value),
        forget: () => change.reset(),
        pending,
        leave: () => (pending.value = null),
        swap: (id: string, activityId: string, then?: Done) =>
            make(
                'another activity',
                (version) => ask(client.POST('/api/today/set-ups/{id}/swap', { ...setUp(id), body: { version, activityId } })),
                then,
            ),
        hold: (id: string) =>
            make('keep it', (version) => ask(client.POST('/api/today/set-ups/{id}/hold', { ...setUp(id), body: { version } }))),
        letGo: (id: string) =>
            make('keep it no longer', (version) =>
                ask(client.POST('/api/today/set-ups/{id}/let-go', { ...setUp(id), body: { version } })),
            ),
        drop: (id: string) =>
            make('leave it out', (version) =>
                ask(client.POST('/api/today/set-ups/{id}/drop', { ...setUp(id), body: { version } })),
            ),
        move: (id: string, start: number) =>
            make('another time', (version) =>
                ask(client.POST('/api/today/set-ups/{id}/move', { ...setUp(id), body: { version, start } })),
            ),
        otherThings: (id: string, then?: Done) =>
            make(
                'other things',
                (version) => ask(client.POST('/api/today/set-ups/{id}/other-things', { ...setUp(id), body: { version } })),
                then,
            ),
        join: (id: string, childId: string, then?: Done) =>
            make(
                'one more child',
                (version) => ask(client.POST('/api/today/set-ups/{id}/join', { ...setUp(id), body: { version, childId } })),
                then,
            ),
        child: (id: string, how: 'ill' | 'away' | 'back', then?: Done) =>
            make(
                `a child is ${how}`,
                (version) => ask(client.POST(`/api/today/children/{id}/${how}`, { ...setUp(id), body: { version } })),
                then,
            ),
        asleep: (id: string, from: number, to: number, then?: Done) =>
            make(
                'a child is asleep',
                (version) => ask(client.POST('/api/today/children/{id}/asleep', { ...setUp(id), body: { version, from, to } })),
                then,
            ),
        woke: (id: string, then: (woke: Schemas['WokeView']) => void) =>
            make('someone woke', async (version) => {
                const woke = await ask(
                    client.POST('/api/today/children/{id}/woke', { ...setUp(id), body: { version, at: nowMinute() } }),
                );
                then(woke);
                return woke.day;
            }),
        twenty: (then?: Done) =>
            make(
                'twenty minutes',
                (version) => ask(client.POST('/api/today/twenty', { body: { version, at: nowMinute() } })),
                then,
            ),
        later: (at: number, then?: Done) =>
            make('a later start', (version) => ask(client.POST('/api/today/later', { body: { version, at } })), then),
        pile: (minutes: number, thingId: string | null, then?: Done) =>
            make(
                'one pile for everyone',
                (version) => ask(client.POST('/api/today/pile', { body: { version, at: nowMinute(), minutes, thingId } })),
                then,
            ),
        less: (state: Schemas['ParentState'], at: number, minutes: number, then?: Done) =>
            make(
                'less of you',
                (version) => ask(client.POST('/api/today/arms-full', { body: { version, at, minutes, state } })),
                then,
            ),
        lowWeek: (until: string | null, then?: Done) =>
            make('a low week', () => ask(client.POST('/api/today/low-week', { body: { until } })), then),
        takeBack: (activityId: string) =>
            make('not wanted any more', (version) => ask(client.POST('/api/today/take-back', { body: { version, activityId } }))),
        somethingElse: (body: Schemas['SomethingElseInput'], then?: Done) =>
            make('something else', () => ask(client.POST('/api/today/something-else', { body })), then),
        notDone: (id: string) => make('not done', () => ask(client.DELETE('/api/today/something-else/{id}', setUp(id)))),
        happened: (moment: Schemas['MomentView'], happened: boolean) =>
            make('a moment', () =>
                ask(
                    client.POST('/api/today/moments', {
                        body: { childId: moment.childId, activityId: moment.activityId, at: nowMinute(), happened },
                    }),
                ),
            ),
        gather: (bring: Schemas['BringView'], on: Day) =>
            make('a thing is there', () =>
                ask(
                    client.POST('/api/today/gathered', {
                        body: {
                            window: bring.window,
                            thingId: bring.thingId,
                            there: !bring.there,
                            day: on.isToday ? null : on.date,
                        },
                    }),
                ),
            ),
        allow: (input: Partial<Schemas['DayInput']>, then?: Done) =>
            make('what today allows', (version) => ask(client.POST('/api/today/plan', { body: { ...input, version } })), then),
        undo: () => make('take it back', (version) => ask(client.POST('/api/today/undo', { body: { version } }))),
    };
}

export type Changes = ReturnType<typeof useChanges>;
