/** Made by tools/generate-web.php from content/words: labels that a screen shows without asking. */

export const marks = {
    'not-met': 'Not met',
    begun: 'Begun',
    nearly: 'Nearly',
    'can-do': 'Can do',
} as const;

export const closingMarks = {
    'all-alone': 'All alone',
    'mostly-alone': 'Mostly alone',
    'mostly-with-me': 'Mostly with me',
    'not-yet': 'Not yet',
} as const;

export const outcomes = {
    'at-once': 'At once',
    'worked-it-out': 'Worked it out',
    'with-help': 'With help',
    'not-yet': 'Not yet',
} as const;

export const methods = {
    'saw-it': 'Saw it',
    'counted-on': 'Counted on',
    'counted-all': 'Counted all',
    'through-ten': 'Through ten',
    'through-fives': 'Through fives',
    'drew-it': 'Drew it',
    fingers: 'Fingers',
    'known-fact': 'Knew it',
} as const;

export const slips = {
    'counts-faster': 'Words ran ahead of the finger',
    recounts: 'Counted again when asked how many',
    'keeps-taking': 'Kept taking past the number',
    'judges-by-size': 'Judged by how long or big it looked',
    'counts-all-again': 'Counted everything again',
    'counts-the-start': 'Counted the starting place',
    'mixes-add-and-take': 'Added for taking, or the reverse',
    'swaps-whole-and-part': 'Swapped whole and part',
    'teen-or-ty': 'Mixed a -teen with a -ty',
    'wrong-way-round': 'Wrote it the wrong way round',
    'leaves-one-out-back': 'Left one out going back',
    'changes-the-rule': 'Changed the rule part way',
    'on-fingers': 'Counted on fingers',
    guesses: 'Guessed wildly',
} as const;

export const formsWith = {
    things: 'with things',
    pictures: 'with drawings',
    symbols: 'with numerals and signs',
} as const;

export const parts = {
    with: 'with you',
    near: 'near you',
    alone: 'on their own',
} as const;

export const places = {
    table: 'at the table',
    floor: 'on the floor',
    'high-table': 'at the high table',
    outdoors: 'outside',
    anywhere: 'anywhere',
} as const;

export const waysIn = {
    'see-it': 'see it',
    'touch-and-count': 'touch and count',
    bars: 'bars',
    'move-and-tell': 'move and tell',
} as const;

export const standInKinds = {
    dice: 'Dice',
    frame: 'Frame',
    line: 'Line',
    balance: 'Balance',
    spinner: 'Spinner',
    cup: 'Covered cup',
    beads: 'Beads',
    bond: 'Two plates and a big one',
    sign: 'Turning sign',
    stairs: 'Staircase',
    countdown: 'Countdown',
} as const;

export const decisionNames = {
    'move-on': 'Move on',
    'rest-it': 'Rest it',
    easier: 'Easier',
    further: 'Further',
    again: 'Again with other things',
} as const;

export const threadStates = {
    sit: 'sits',
    free: 'is free',
    beside: 'plays beside you',
    lap: 'is on your lap',
    asleep: 'is asleep',
} as const;

export const thingShapes = {
    unknown: 'I am not sure (cautions treat it as round)',
    ball: 'Ball',
    egg: 'Egg',
    disc: 'Flat and round',
    ring: 'Ring',
    tube: 'Tube or cork',
    block: 'Block',
    long: 'Long and thin',
    soft: 'Soft',
} as const;

export const abilities = {
    stacks: 'stack',
    joins: 'join to a stick',
    clips: 'clip on',
    threads: 'thread or hang',
    stands: 'stand up',
    'lies-still': 'stay where they are put',
    'lines-up': 'lie end to end',
    'two-sided': 'have two sides to tell apart',
    'pressed-flat': 'can be pressed flat',
    covers: 'cover a spot',
    holds: 'hold others',
    sounds: 'are heard when they drop',
    edible: 'are food',
    floats: 'float',
} as const;

export const occasions = {
    tray: 'on a tray, alone',
    moment: 'in the middle of the day',
    'arms-full': 'with your arms full',
} as const;

export const factStandings = {
    sure: 'Sure',
    slow: 'Slow',
    seen: 'Seen',
    'not-met': 'Not met',
} as const;
