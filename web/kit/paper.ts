import { useLocalStorage } from '@vueuse/core';

/** The paper in this device's printer: chosen in Make, meant wherever something is printed. */
export const usePaper = () => useLocalStorage<'a4' | 'letter'>('pindle.paper', 'a4');
