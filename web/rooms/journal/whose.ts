import { computed, type ComputedRef, type WritableComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';

import type { Schemas } from '@/api/client';
import { useChildren } from '@/api/queries';

/** Whose page is open, as the address says; the first child of the house where it says nothing. */
export function useWhose(): { childId: WritableComputedRef<string>; children: ComputedRef<Schemas['ChildView'][]> } {
    const route = useRoute();
    const router = useRouter();
    const query = useChildren();
    const children = computed(() => query.data.value?.present ?? []);
    const childId = computed({
        get: () => {
            const said = route.query.child;
            return children.value.find(({ id }) => id === said)?.id ?? children.value[0]?.id ?? '';
        },
        set: (child) => void router.replace({ query: { ...route.query, child } }),
    });

    return { childId, children };
}
