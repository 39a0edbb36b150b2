import type { components } from './types';

export type Schemas = components['schemas'];

/** What the server says when something can not be done: a sentence, and the field it is about. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string>,
    ) {
        super(message);
    }
}

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
        response = await fetch('/api' + path, {
            method,
            headers: { Accept: 'application/json', ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) },
            body: body === undefined ? null : JSON.stringify(body),
        });
    } catch {
        throw new Problem(0, 'Pindle does not answer. Nothing was lost; is it still running?', {});
    }
    if (response.status === 204) {
        return undefined as T;
    }
    const data = await response.json().catch(() => null);
    if (!response.ok) {
        const errors: { field: string; message: string }[] = data?.errors ?? [];
        throw new Problem(
            response.status,
            data?.detail ?? data?.title ?? 'That did not work.',
            Object.fromEntries(errors.map((error) => [error.field, error.message])),
        );
    }
    return data as T;
}

export const api = {
    house: () => ask<Schemas['HouseView']>('GET', '/house'),
    changeHouse: (input: Schemas['HouseInput']) => ask<Schemas['HouseView']>('PUT', '/house', input),
    today: () => ask<Schemas['DayView']>('GET', '/today'),
    plan: (input: Partial<Schemas['DayInput']>) => ask<Schemas['DayView']>('POST', '/today/plan', input),
    table: (setUpId: string) => ask<Schemas['TableView']>('GET', `/table/${setUpId}`),
    record: (setUpId: string, input: Schemas['TryInput']) => ask<Schemas['TryView']>('POST', `/table/${setUpId}/tries`, input),
    takeBack: (tryId: string) => ask<Schemas['TryView']>('DELETE', `/table/tries/${tryId}`),
    correct: (tryId: string, input: Schemas['CorrectionInput']) => ask<Schemas['TryView']>('PUT', `/table/tries/${tryId}`, input),
    advice: (setUpId: string, input: Schemas['AdviceInput']) =>
        ask<Schemas['TableView']>('POST', `/table/${setUpId}/advice`, input),
    allAtOnce: (setUpId: string, input: Schemas['AllAtOnceInput']) =>
        ask<Schemas['TableView']>('POST', `/table/${setUpId}/all-at-once`, input),
    finish: (setUpId: string, ending: Schemas['Ending']) =>
        ask<Schemas['TableView']>('POST', `/table/${setUpId}/finish`, { ending }),
    children: () => ask<Schemas['ChildrenView']>('GET', '/children'),
    addChild: (input: Schemas['ChildInput']) => ask<Schemas['ChildView']>('POST', '/children', input),
    changeChild: (id: string, input: Schemas['ChildInput']) => ask<Schemas['ChildView']>('PUT', `/children/${id}`, input),
    archiveChild: (id: string) => ask<Schemas['ChildView']>('POST', `/children/${id}/archive`),
    restoreChild: (id: string) => ask<Schemas['ChildView']>('POST', `/children/${id}/restore`),
    firstLook: (childId: string) => ask<Schemas['FirstLookView']>('GET', `/children/${childId}/first-look`),
    beginLook: (childId: string, canAlready: string[]) =>
        ask<Schemas['FirstLookView']>('POST', `/children/${childId}/first-look`, { canAlready }),
    answerLook: (childId: string, input: Schemas['LookAnswerInput']) =>
        ask<Schemas['FirstLookView']>('POST', `/children/${childId}/first-look/answers`, input),
    undoLook: (childId: string) => ask<Schemas['FirstLookView']>('DELETE', `/children/${childId}/first-look/answers/last`),
    stopLook: (childId: string) => ask<Schemas['FirstLookView']>('POST', `/children/${childId}/first-look/stop`),
    cupboard: () => ask<Schemas['CupboardView']>('GET', '/cupboard'),
    addThing: (input: Schemas['ThingInput']) => ask<Schemas['ThingView']>('POST', '/cupboard', input),
    tickThings: (shipped: string[]) => ask<Schemas['CupboardView']>('POST', '/cupboard/tick', { shipped }),
    changeThing: (id: string, input: Schemas['ThingInput']) => ask<Schemas['ThingView']>('PUT', `/cupboard/${id}`, input),
    putAwayThing: (id: string) => ask<void>('DELETE', `/cupboard/${id}`),
    lacking: () => ask<Schemas['LackingsView']>('GET', '/cupboard/lacking'),
    readLine: (line: string) => ask<Schemas['LineView']>('POST', '/cupboard/read', { line }),
    families: () => ask<Schemas['FamiliesView']>('GET', '/families'),
    family: (id: string) => ask<Schemas['FamilyView']>('GET', `/families/${id}`),
    addFamily: (input: Schemas['OwnActivityInput']) => ask<Schemas['FamilyCardView']>('POST', '/families', input),
    changeFamily: (id: string, input: Schemas['OwnActivityInput']) =>
        ask<Schemas['FamilyCardView']>('PUT', `/families/${id}`, input),
    removeFamily: (id: string) => ask<void>('DELETE', `/families/${id}`),
    useFamily: (id: string) => ask<void>('POST', `/families/${id}/use`),
    find: (q: string) => ask<Schemas['FoundsView']>('GET', `/find?q=${encodeURIComponent(q)}`),
    map: (childId: string) => ask<Schemas['MapView']>('GET', `/map/${childId}`),
    want: (childId: string, input: Schemas['WantedInput']) => ask<Schemas['MapView']>('POST', `/map/${childId}/wanted`, input),
    seen: (childId: string, stepId: string, input: Schemas['NoteInput']) =>
        ask<Schemas['EvidenceView']>('POST', `/map/${childId}/${stepId}/seen`, input),
    setMark: (childId: string, stepId: string, input: Schemas['HandMarkInput']) =>
        ask<Schemas['EvidenceView']>('POST', `/map/${childId}/${stepId}/mark`, input),
    evidence: (childId: string, stepId: string) => ask<Schemas['EvidenceView']>('GET', `/map/${childId}/${stepId}`),
};
