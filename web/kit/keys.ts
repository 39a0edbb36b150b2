import { onBeforeUnmount, onMounted } from 'vue';

function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
    );
}

/** Keys of a room while it is open. Nothing fires while someone types or a dialog is open. */
export function useKeys(keys: Record<string, () => void>): void {
    const press = (event: KeyboardEvent) => {
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            isTyping(event.target) ||
            document.querySelector('[role="dialog"]')
        ) {
            return;
        }
        const act = keys[event.key];
        if (act) {
            event.preventDefault();
            act();
        }
    };
    onMounted(() => window.addEventListener('keydown', press));
    onBeforeUnmount(() => window.removeEventListener('keydown', press));
}
