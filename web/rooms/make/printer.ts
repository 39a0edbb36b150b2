import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';

import type { Wish } from '@/api/sheets';
import { usePaper } from '@/kit/paper';

/** Of this printer and this screen: they stay on this device. */
const paper = usePaper();
const savesInk = useLocalStorage('pindle.saves-ink', false);
/** What it makes of a bar of 50 mm. */
const bar = useLocalStorage('pindle.bar', 50);
/** Dots of the screen for a millimetre; what browsers take for granted until somebody lays a card on it. */
export const AS_USUAL = 96 / 25.4;
const dots = useLocalStorage('pindle.dots-a-millimetre', AS_USUAL);

export function usePrinter() {
    const wish = computed<Wish>(() => ({
        paper: paper.value,
        savesInk: savesInk.value ? '1' : '0',
        bar: String(Number(bar.value) || 50),
    }));

    return { paper, savesInk, bar, dots, wish };
}
