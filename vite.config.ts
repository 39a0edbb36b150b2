import tailwindcss from '@tailwindcss/vite';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The house answers in this time, or what is kept is shown. */
const PATIENCE_S = 3;

export default defineConfig({
    plugins: [
        vue(),
        tailwindcss(),
        VitePWA({
            // A new version waits until no page of the old one is open, or the parent takes it: an open sitting goes on as it began.
            registerType: 'prompt',
            injectRegister: null,
            base: '/',
            scope: '/',
            manifest: {
                name: 'Pindle',
                short_name: 'Pindle',
                description: 'Hands-on maths at the table',
                start_url: '/',
                display: 'standalone',
                background_color: '#f7f3ea',
                theme_color: '#2f4a3f',
                icons: [
                    { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
                    { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
                    { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
                    { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
                ],
            },
            workbox: {
                globPatterns: ['assets/*.{js,css,woff2}'],
                modifyURLPrefix: { '': 'build/' },
                navigateFallback: null,
                cleanupOutdatedCaches: true,
                runtimeCaching: [
                    {
                        urlPattern: ({ request }) => request.mode === 'navigate',
                        handler: 'NetworkFirst',
                        options: {
                            cacheName: 'pindle-page',
                            networkTimeoutSeconds: PATIENCE_S,
                            // All rooms live in one page.
                            plugins: [{ cacheKeyWillBeUsed: async () => '/' }],
                        },
                    },
                    {
                        // What is on today and at the table, no more.
                        urlPattern: /\/api\/(today|table\/[^/]+|lock|house|evening)$/,
                        handler: 'NetworkFirst',
                        options: {
                            cacheName: 'pindle-house',
                            networkTimeoutSeconds: PATIENCE_S,
                            cacheableResponse: { statuses: [200] },
                            expiration: { maxEntries: 60, maxAgeSeconds: 3 * 24 * 60 * 60 },
                        },
                    },
                ],
            },
        }),
    ],
    base: '/build/',
    publicDir: false,
    resolve: { alias: { '@': '/web' } },
    build: {
        outDir: 'public/build',
        emptyOutDir: true,
        manifest: 'manifest.json',
        // Fonts are files of their own, so that the first page does not carry those it does not show.
        assetsInlineLimit: 0,
        rollupOptions: { input: 'web/main.ts' },
    },
});
