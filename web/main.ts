import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import './style.css';

import { VueQueryPlugin } from '@tanstack/vue-query';
import { createApp } from 'vue';

import Shell from './Shell.vue';
import { cache } from './api/queries';
import { router } from './router';

createApp(Shell).use(router).use(VueQueryPlugin, { queryClient: cache }).mount('#pindle');
// What waited when the page was closed goes on. Loaded after the first page, with the browser's database.
void import('./api/outbox/send').then(({ start }) => start());
// Once the first page is there, and not before: the browser fetches all screens to keep them.
const SETTLED_MS = 3000;
setTimeout(() => void import('./api/offline').then(({ keepScreens }) => keepScreens()), SETTLED_MS);
