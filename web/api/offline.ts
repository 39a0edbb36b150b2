import { registerSW } from 'virtual:pwa-register';

import { opensAlone, takeNewer } from './kept';

/** The browser's worker keeps the screens and what is on today. Without a certificate that the browser trusts there is none. */
export function keepScreens(): void {
    if (!('serviceWorker' in navigator) || !window.isSecureContext) {
        opensAlone.value = false;
        return;
    }
    const update = registerSW({
        onNeedRefresh: () => (takeNewer.value = () => void update(true)),
        onRegisteredSW: () => void navigator.serviceWorker.ready.then(() => (opensAlone.value = true)),
        onRegisterError: () => (opensAlone.value = false),
    });
}
