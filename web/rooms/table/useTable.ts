import { computed, ref } from 'vue';

import type { Schemas } from '@/api/client';
import { deviceId, newId, send, settle, waiting } from '@/api/outbox';
import { useAdvise, useFinish, useTableDocument } from '@/api/queries';

import { after, current, helpFor, newest } from './table';
import { adviceFor, askedHelp } from './sent';

/** The table of a set-up: the cached document with the taps that still wait. */
export function useTable(setUpId: string) {
    const document = useTableDocument(setUpId);
    const table = computed(() => document.data.value && waiting.value.reduce(after, document.data.value));
    return { document, table };
}

type TableOf = ReturnType<typeof useTable>['table'];

/** Taps: what was seen of the question asked now, with how they got there where the parent said so. */
export function useTaps(setUpId: string, table: TableOf) {
    const method = ref<Schemas['Method'] | null>(null);
    const slip = ref<Schemas['Slip'] | null>(null);
    const turn = computed(() => table.value && current(table.value));
    const help = computed<Schemas['Help']>(() =>
        table.value && turn.value ? (askedHelp.value[turn.value.questionId] ?? helpFor(table.value, turn.value)) : 'bare',
    );

    function tap(outcome: Schemas['Outcome'], guessed?: { guess: number; counted: number }) {
        // A guess has its own outcome: keys do not tap one.
        if (!turn.value || table.value?.isDone || (turn.value.isGuess && !guessed)) {
            return;
        }
        const { sittingId, questionId } = turn.value;
        send({
            setUpId,
            tap: {
                id: newId(),
                sittingId,
                questionId,
                outcome,
                help: help.value,
                deviceId: deviceId(),
                at: Date.now(),
                method: method.value,
                slip: slip.value,
                ...guessed,
            },
        });
        method.value = null;
        slip.value = null;
    }

    function undo() {
        const last = table.value && newest(table.value);
        if (last && !table.value?.isDone) {
            adviceFor.value = { ...adviceFor.value, [setUpId]: null };
            send({ setUpId, takeBack: last.id });
        }
    }

    return { method, slip, turn, help, tap, undo };
}

/** Advice: the parent takes the first idea, lets it pass for another, or closes it. */
export function useAdvice(setUpId: string) {
    const advice = computed<Schemas['AdviceView'] | null>({
        get: () => adviceFor.value[setUpId] ?? null,
        set: (value) => (adviceFor.value = { ...adviceFor.value, [setUpId]: value }),
    });
    const advise = useAdvise(setUpId, settle, (table, { sittingId, idea, taken }) => {
        const was = advice.value?.ideas.find((one) => one.idea === idea);
        const rest = advice.value?.ideas.filter((one) => one.idea !== idea) ?? [];
        advice.value = !taken && advice.value && rest.length ? { ...advice.value, ideas: rest } : null;
        const next = table.turns.find((turn) => turn.sittingId === sittingId && !turn.done);
        if (taken && was?.help && next) {
            askedHelp.value = { ...askedHelp.value, [next.questionId]: was.help };
        }
    });

    function answer(taken: boolean) {
        const idea = advice.value?.ideas[0];
        if (advice.value && idea && !advise.isPending.value) {
            advise.mutate({ sittingId: advice.value.sittingId, idea: idea.idea, taken });
        }
    }

    return { advice, advise, answer };
}

export const useEnd = (setUpId: string) => useFinish(setUpId, settle);
