import tailwindcss from '@tailwindcss/vite';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [vue(), tailwindcss()],
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
