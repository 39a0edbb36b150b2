import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import './style.css';

import { VueQueryPlugin } from '@tanstack/vue-query';
import { createApp } from 'vue';

import Shell from './Shell.vue';
import { settle } from './api/outbox';
import { cache } from './api/queries';
import { router } from './router';

createApp(Shell).use(router).use(VueQueryPlugin, { queryClient: cache }).mount('#pindle');
// Taps that waited when the page was closed.
void settle();
