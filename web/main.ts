import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import './style.css';

import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createApp } from 'vue';

import Shell from './Shell.vue';
import { router } from './router';

const queries = new QueryClient({ defaultOptions: { queries: { staleTime: 5_000, retry: 1 } } });

createApp(Shell).use(router).use(VueQueryPlugin, { queryClient: queries }).mount('#pindle');
