import { ref } from 'vue';

/** Whether this device opens Pindle also while the house does not answer, or only keeps what is open; null while that is not known yet. */
export const opensAlone = ref<boolean | null>(null);
/** A newer Pindle is there: taken when the parent says so, never by itself while something is on the table. */
export const takeNewer = ref<(() => void) | null>(null);

/** A device that is signed out keeps nothing of the house. */
export async function forgetKept(): Promise<void> {
    if ('caches' in window) {
        await caches.delete('pindle-house');
    }
}
