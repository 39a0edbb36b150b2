import { createRouter, createWebHistory } from 'vue-router';

import { eveningScreen } from './api/queries';

/** The rooms with a place in the bar, and the key that follows g. */
export const rooms = [
    { name: 'today', path: '/', title: 'Today', key: 't' },
    { name: 'week', path: '/week', title: 'Week', key: 'w' },
    { name: 'map', path: '/map/:childId?', title: 'Map', key: 'm' },
    { name: 'journal', path: '/journal/:page?', title: 'Journal', key: 'j' },
    { name: 'children', path: '/children', title: 'Children', key: 'k' },
    { name: 'cupboard', path: '/cupboard', title: 'Cupboard', key: 'c' },
    { name: 'activities', path: '/activities', title: 'Activities', key: 'a' },
    { name: 'make', path: '/make', title: 'Make', key: 'p' },
    { name: 'house', path: '/house', title: 'House', key: 'h' },
] as const;

export const router = createRouter({
    history: createWebHistory(),
    scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
    routes: [
        { name: 'today', path: '/', component: () => import('./rooms/today/Today.vue') },
        { name: 'week', path: '/week', component: () => import('./rooms/week/Week.vue') },
        {
            name: 'stand-ins',
            meta: { title: 'Things on the screen' },
            path: '/stand-ins',
            component: () => import('./rooms/table/StandIns.vue'),
        },
        { name: 'table', path: '/table/:setUpId', component: () => import('./rooms/table/Table.vue'), props: true },
        { name: 'map', path: '/map/:childId?', component: () => import('./rooms/map/Map.vue'), props: true },
        { name: 'journal', path: '/journal/:page?', component: () => import('./rooms/journal/Journal.vue'), props: true },
        { name: 'children', path: '/children', component: () => import('./rooms/children/Children.vue') },
        {
            name: 'teaching',
            meta: { title: 'Teaching' },
            path: '/children/:childId/teaching',
            component: () => import('./rooms/children/Teaching.vue'),
            props: true,
        },
        {
            name: 'first-look',
            meta: { title: 'First look' },
            path: '/children/:childId/first-look',
            component: () => import('./rooms/children/FirstLook.vue'),
            props: true,
        },
        {
            name: 'evening',
            meta: { title: 'First evening' },
            path: '/first-evening',
            component: () => import('./rooms/evening/Evening.vue'),
        },
        { name: 'cupboard', path: '/cupboard', component: () => import('./rooms/cupboard/Cupboard.vue') },
        { name: 'activities', path: '/activities', component: () => import('./rooms/activities/Activities.vue') },
        { name: 'make', path: '/make', component: () => import('./rooms/make/Make.vue') },
        { name: 'house', path: '/house', component: () => import('./rooms/house/House.vue') },
        { path: '/:rest(.*)*', redirect: '/' },
    ],
});

/** A house that has not begun, or whose first morning it is, opens with its first evening, unless it was left for now. */
router.beforeEach(async (to) => {
    if (to.name !== 'today' || sessionStorage.getItem('left-the-evening') === 'true') {
        return true;
    }
    const screen = await eveningScreen().catch(() => 'over');
    return screen === 'over' || screen === 'done' ? true : { name: 'evening' };
});

/** Every page says in its title which room it is. */
router.afterEach((to) => {
    const title = (to.meta.title as string | undefined) ?? rooms.find((room) => room.name === to.name)?.title;
    document.title = title ? `${title} · Pindle` : 'Pindle';
});
