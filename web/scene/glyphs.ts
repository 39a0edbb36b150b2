/**
 * Our own drawings of household things, each in a box of 20 by 20 about its middle. A thing without one is drawn as a plain counter.
 * fill is the body, line the outline and marks on it.
 */
export type Glyph = { fill: string; line: string; body: string; marks?: string };

const circle = (r: number, x = 0, y = 0) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;

export const glyphs: Record<string, Glyph> = {
    counter: { fill: '#d9b26f', line: '#6d4f1c', body: circle(8.5), marks: circle(4) },
    dot: { fill: '#24332d', line: '#24332d', body: circle(7) },
    cross: { fill: 'none', line: '#24332d', body: 'M-6-6L6 6M6-6L-6 6' },
    cork: { fill: '#cfa36b', line: '#6d4f1c', body: 'M-5-9h10l1.5 18h-13z', marks: 'M-2-4h1M2 1h1M-3 4h1' },
    peg: { fill: '#d6b98a', line: '#6b4b1f', body: 'M-3-9.5h2.5v19l-3.5-1zM3-9.5H.5v19l3.5-1z', marks: 'M-4-1h8' },
    lid: { fill: '#b8c4c2', line: '#3f5452', body: circle(9), marks: circle(6.5) },
    cap: {
        fill: '#c9614c',
        line: '#6e2a1c',
        body: 'M0-9l2 1.6 2.6-.8 1.2 2.4 2.6.8-.2 2.7L10 0 8.200 2.300l.2 2.700-2.600.8-1.200 2.400-2.600-.8L0 9l-2-1.600-2.600.8-1.200-2.400-2.600-.8.2-2.700L-10 0l1.800-2.300-.2-2.700 2.600-.8 1.200-2.400 2.600.8z',
        marks: circle(5),
    },
    spoon: {
        fill: '#c7cdd0',
        line: '#46545a',
        body: 'M0-9.500c3 0 4 2.500 4 4.500S2-.500 1-.2l.7 9.700h-3.400L-1-.2C-2-.500-4-3-4-5s1-4.500 4-4.500z',
    },
    sock: { fill: '#6f8fb0', line: '#27415c', body: 'M-5-9h7v8l5 5c2 2 0 5-3 5h-3l-6-6z', marks: 'M-5-6h7' },
    cup: { fill: '#e0d2b6', line: '#6d5a34', body: 'M-7-7h12l-1.500 15h-9zM5-4c5-1 5 7-.8 6.500', marks: '' },
    hook: { fill: 'none', line: '#5a4a2c', body: 'M-3-9v11a4 4 0 0 0 8 0v-3M-3-9h4' },
    ring: { fill: '#c89b4c', line: '#6a4a14', body: circle(9) + circle(5) },
    button: {
        fill: '#7d9aa8',
        line: '#2e4a57',
        body: circle(8.5),
        marks: circle(1.2, -2, -2) + circle(1.2, 2, -2) + circle(1.2, -2, 2) + circle(1.2, 2, 2),
    },
    tube: { fill: '#e8cf94', line: '#7d6022', body: 'M-9-3l13-4 5 6-13 5z', marks: 'M-5-3l10 2M-2-4l9 2' },
    bow: { fill: '#e8cf94', line: '#7d6022', body: 'M-9-6l9 4 9-4v12l-9-4-9 4z' },
    bean: { fill: '#a9694a', line: '#56301d', body: 'M-7 2c-1-6 5-9 9-6s5 8 1 9c-2 .500-2-2-4-2s-5 2-6-1z' },
    nut: {
        fill: '#b98d5b',
        line: '#5d4020',
        body: 'M0-9c6 0 8 6 7 10s-4 8-7 8-6-4-7-8 1-10 7-10z',
        marks: 'M0-9v18M-4-4c2 3 2 6 0 9M4-4c-2 3-2 6 0 9',
    },
    pebble: { fill: '#a7aaa3', line: '#4c504a', body: 'M-8 3c-2-5 3-9 8-8s9 4 8 8-5 5-9 5-6-2-7-5z' },
    shell: { fill: '#e3c9b6', line: '#7a5743', body: 'M0 8L-9-2c2-7 16-7 18 0z', marks: 'M0 8L-4-6M0 8L0-7M0 8L4-6' },
    cone: { fill: '#8b6a45', line: '#463018', body: 'M0-9c6 3 7 9 5 14H-5c-2-5-1-11 5-14z', marks: 'M-5-1h10M-6 3H6M-3-5h6' },
    leaf: { fill: '#86a05a', line: '#3d5220', body: 'M-8 8C-9-4-1-9 8-8 9 2 3 9-8 8z', marks: 'M-8 8L5-5' },
    stick: { fill: '#c79a62', line: '#65431a', body: 'M-1.800-9.500h3.600v19h-3.600z' },
    coin: { fill: '#d5b04f', line: '#6e5312', body: circle(9), marks: circle(6.5) + 'M-2-2h4M-2 2h4' },
    key: { fill: '#b6b1a2', line: '#514c3d', body: circle(4.5, 0, -5) + 'M-1-.500h2v10h4v-3H1', marks: '' },
    clip: { fill: 'none', line: '#4f5d66', body: 'M3-5v9a3 3 0 0 1-6 0v-9a2 2 0 0 1 4 0v8' },
    crayon: { fill: '#8c5a8f', line: '#472a49', body: 'M-3-5L0-9.500 3-5V9.500h-6z', marks: 'M-3-3h6M-3 6h6' },
    pencil: { fill: '#dcb354', line: '#6b4d10', body: 'M-2-6L0-9.500 2-6V9.500h-4z', marks: 'M-2-6h4M-2 7h4' },
    block: { fill: '#c97f4e', line: '#6a3513', body: 'M-8-8H8V8H-8z', marks: 'M-8-4H8' },
    ball: { fill: '#7fa7a5', line: '#2b5452', body: circle(9), marks: 'M-7-4c4 3 10 3 14 0' },
    reel: { fill: '#d6b98a', line: '#6b4b1f', body: 'M-8-9h16v3H5v12h3v3H-8V6h3V-6h-3z', marks: 'M-5-2H5M-5 2H5' },
    shoe: { fill: '#7a6248', line: '#3a2a18', body: 'M-9-6h5l3 5 8 2c3 1 3 6 0 6H-9z', marks: 'M-1-1l2-2M-9 4H9' },
    slice: { fill: '#efe3b0', line: '#8b7c2c', body: 'M-9-3C-6 7 6 7 9-3z', marks: 'M-5-1C-3 4 3 4 5-1' },
    egg: { fill: '#e9d8b4', line: '#7d6530', body: 'M0-9c5 0 7 7 7 10s-3 8-7 8-7-5-7-8 2-10 7-10z' },
    box: { fill: '#c9b189', line: '#6a5126', body: 'M-9-4H9V8H-9zM-9-4l3-4H6l3 4z', marks: 'M-9-4H9M0-4V8' },
    card: { fill: '#fbf6e8', line: '#6d6552', body: 'M-6.500-9h13v18h-13z', marks: 'M-3-5h6M-3-1h6M-3 3h4' },
    book: { fill: '#8a5d4a', line: '#43271b', body: 'M-8-8h14l2 2V9H-6l-2-2z', marks: 'M-6-8v15h14' },
    car: {
        fill: '#a9583f',
        line: '#4f2113',
        body: 'M-9 2v-4l3-1 3-5h6l3 4 3 1v5zM-6 5a2 2 0 1 0 .1 0zM5 5a2 2 0 1 0 .1 0z',
        marks: 'M-2-3h6',
    },
    animal: {
        fill: '#b08a5e',
        line: '#57401f',
        body: 'M-8-2l-1-4 3 2h8l4-4 3 2-1 4-3 1v9H3V3h-6v5h-3V2z',
    },
    figure: { fill: '#c48a5a', line: '#5f3c1c', body: circle(3.4, 0, -6) + 'M-5 9l2-11h6l2 11z' },
    cord: { fill: 'none', line: '#7b4a86', body: 'M-8-6c6-4 10 4 4 6s-2 8 4 6 6-6 8-4' },
    scissors: {
        fill: '#c7cdd0',
        line: '#46545a',
        body: circle(3, -4, 6) + circle(3, 4, 6) + 'M-2 4L5-9 3-9-3.500 3zM2 4L-5-9l2 0L3.500 3z',
    },
    star: { fill: '#c7cdd0', line: '#46545a', body: 'M0-9l2.500 6H9l-5 4 2 7-6-4-6 4 2-7-5-4h6.500z' },
    cloth: {
        fill: '#9fb3c4',
        line: '#41566a',
        body: 'M-9-7q9 3 18 0v14q-9-3-18 0z',
        marks: 'M-7-3q7 2.500 14 0M-7 3q7 2.500 14 0',
    },
    wheel: { fill: '#e8cf94', line: '#7d6022', body: circle(9), marks: circle(3) + 'M-9 0h6M3 0h6M0-9v6M0 3v6' },
    flower: {
        fill: '#d6a0b4',
        line: '#7a3b55',
        body: circle(4, 0, -5) + circle(4, 5, -1) + circle(4, 3, 5) + circle(4, -3, 5) + circle(4, -5, -1),
        marks: circle(2.5),
    },
};
