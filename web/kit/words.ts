/** Minutes after midnight as the clock shows them. */
export function clock(minute: number): string {
    return `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
}

/** The same as a field for a time of day wants it: "09:05". */
export function timeField(minute: number): string {
    return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}

/** "9:05" or "09:05" as minutes after midnight. */
export function minutes(text: string): number {
    const [hours = 0, rest = 0] = text.split(':').map(Number);
    return hours * 60 + rest;
}

export function longDay(date: string): string {
    return new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
        new Date(date),
    );
}

export function shortDay(date: string): string {
    return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(new Date(date));
}

export function age(months: number | null | undefined): string {
    if (months === null || months === undefined) {
        return 'no birth date: planned as the youngest';
    }
    const years = Math.floor(months / 12);
    const rest = months % 12;
    return rest === 0 ? `${years} years` : `${years} years ${rest} ${rest === 1 ? 'month' : 'months'}`;
}
