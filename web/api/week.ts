import { useMutation, useQuery } from '@tanstack/vue-query';
import { type MaybeRefOrGetter, onBeforeUnmount, ref, shallowRef, toValue, watch } from 'vue';

import { ask, client, Problem, type Schemas } from './client';
import { cache, keys, useChange } from './queries';

export type Use = Pick<Schemas['UseInput'], 'windows' | 'minutes'>;
type Days = Pick<Schemas['DaysInput'], 'from' | 'to'>;

/** The week with a day in it; '' for the one that is now. */
export const useWeek = (day: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: [...keys.week, day],
        queryFn: () => ask(client.GET('/api/week', { params: { query: { ...(toValue(day) ? { day: toValue(day) } : {}) } } })),
        placeholderData: (before: Schemas['WeekView'] | undefined) => before,
    });

/** Every way a week can change: each for the week as it was seen, and each answers with the week as it is. */
export function useWeekChanges(week: () => Schemas['WeekView'] | undefined, day: MaybeRefOrGetter<string>) {
    type Asked = Parameters<typeof ask<Schemas['WeekView']>>[0];
    type How = (version: number, query: { day?: string }) => Asked;
    const change = useChange(
        'week',
        (how: How) => ask(how(week()?.version ?? 0, toValue(day) ? { day: toValue(day) } : {})),
        (answer) => cache.setQueryData([...keys.week, toValue(day)], answer),
    );
    const make = (how: How, then?: () => void) => change.mutate(how, then ? { onSuccess: then } : {});

    return {
        busy: change.isPending,
        error: change.error,
        forget: () => change.reset(),
        usual: (weekday: number, use: Use, then: () => void) =>
            make(
                (version, query) =>
                    client.PUT('/api/week/usual/{weekday}', {
                        params: { path: { weekday: String(weekday) }, query },
                        body: { ...use, version },
                    }),
                then,
            ),
        once: (date: string, use: Use, then: () => void) =>
            make(
                (version, query) =>
                    client.PUT('/api/week/days/{date}', { params: { path: { date }, query }, body: { ...use, version } }),
                then,
            ),
        asUsual: (date: string, then: () => void) =>
            make(
                (version, query) =>
                    client.POST('/api/week/days/{date}/as-usual', { params: { path: { date }, query }, body: { version } }),
                then,
            ),
        holiday: (days: Days, then: () => void) =>
            make((version, query) => client.POST('/api/week/holidays', { params: { query }, body: { ...days, version } }), then),
        noHoliday: (days: Days) =>
            make((version, query) => client.POST('/api/week/holidays/end', { params: { query }, body: { ...days, version } })),
        away: (childId: string, days: Days, then: () => void) =>
            make(
                (version, query) =>
                    client.POST('/api/week/away/{childId}', { params: { path: { childId }, query }, body: { ...days, version } }),
                then,
            ),
        notAway: (childId: string, days: Days) =>
            make((version, query) =>
                client.POST('/api/week/away/{childId}/end', { params: { path: { childId }, query }, body: { ...days, version } }),
            ),
        undo: () => make((version, query) => client.POST('/api/week/undo', { params: { query }, body: { version } })),
    };
}

/** A low week: until a day, or no longer. */
export const useLowWeek = () =>
    useChange('plan', (until: string | null) => ask(client.POST('/api/today/low-week', { body: { until } })));

/** A calendar file, ready to be saved: where it lies on this device. */
export const useCalendar = () =>
    useMutation({
        mutationFn: async (body: Schemas['CalendarInput']) =>
            URL.createObjectURL(
                new Blob([await ask(client.POST('/api/week/calendar', { body, parseAs: 'text' }))], { type: 'text/calendar' }),
            ),
    });

/** The outlook of a week, told day by day; asked for anew when the week is another than it was. */
export function useOutlook(day: MaybeRefOrGetter<string>, wanted: () => boolean, week: () => unknown) {
    const days = shallowRef<Record<string, Schemas['OutlookDayView']>>({});
    const end = shallowRef<Schemas['OutlookEndView'] | null>(null);
    const error = shallowRef<Problem | null>(null);
    const busy = ref(false);
    let asked = new AbortController();

    async function ahead() {
        asked.abort();
        const own = (asked = new AbortController());
        busy.value = true;
        error.value = null;
        end.value = null;
        days.value = {};
        try {
            const answer = await fetch(`/api/week/outlook?${new URLSearchParams(toValue(day) ? { day: toValue(day) } : {})}`, {
                signal: own.signal,
            });
            if (!answer.ok || !answer.body) {
                const problem = (await answer.json()) as { detail?: string };
                throw new Problem(answer.status, problem.detail ?? 'The week could not be looked ahead at.', {});
            }
            for await (const line of lines(answer.body)) {
                const told = JSON.parse(line) as Schemas['OutlookLineView'];
                if (own.signal.aborted) {
                    return;
                }
                if (told.day) {
                    days.value = { ...days.value, [told.day.date]: told.day };
                }
                end.value = told.end ?? null;
            }
            if (!end.value) {
                throw new Problem(0, 'The outlook broke off. Nothing was lost; look once more.', {});
            }
        } catch (failed) {
            if (!own.signal.aborted) {
                error.value =
                    failed instanceof Problem
                        ? failed
                        : new Problem(0, 'Pindle does not answer. Nothing was lost; is it still running?', {});
            }
        } finally {
            if (own === asked) {
                busy.value = false;
            }
        }
    }
    watch(
        [() => toValue(day), () => wanted() && JSON.stringify(week())],
        ([, isWanted]) => {
            if (isWanted) {
                void ahead();
            } else {
                asked.abort();
                days.value = {};
                end.value = null;
            }
        },
        { immediate: true },
    );
    onBeforeUnmount(() => asked.abort());

    return { days, end, error, busy, again: ahead };
}

async function* lines(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
    const reader = body.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>).getReader();
    let rest = '';
    for (;;) {
        const { done, value } = await reader.read();
        if (done) {
            break;
        }
        const parts = (rest + value).split('\n');
        rest = parts.pop() ?? '';
        yield* parts.filter((line) => line !== '');
    }
}
