/** A child's thread is a colour, a pattern and a small knot, never colour alone. */
const colours = 6;
const patterns = ['', '10 3', '2 3', '14 3 3 3', '6 3 2 3', '1 2'] as const;

export function colour(thread: number): string {
    return `var(--color-thread-${thread >= 0 && thread < colours ? thread : 0})`;
}

export function pattern(thread: number): string {
    return patterns[thread] ?? '';
}
