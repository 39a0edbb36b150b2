/** A child's thread is a colour, a pattern and a small knot, never colour alone. */
export const threadColours = ['#2f5d8c', '#a2452f', '#5c7327', '#7b4a86', '#1f7a78', '#8a6414'] as const;
export const threadPatterns = ['', '10 3', '2 3', '14 3 3 3', '6 3 2 3', '1 2'] as const;

export function colour(thread: number): string {
    return threadColours[thread] ?? threadColours[0];
}

export function pattern(thread: number): string {
    return threadPatterns[thread] ?? '';
}
