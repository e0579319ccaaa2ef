import { createRouter, createWebHistory } from 'vue-router'
import TodayPage from './today/TodayPage.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'today', component: TodayPage },
    { path: '/courtside', name: 'courtside', component: () => import('./courtside/NobodyOnCourt.vue') },
    {
      path: '/courtside/:player/:drill/:run?',
      name: 'court',
      component: () => import('./courtside/CourtsidePage.vue'),
      props: ({ params, query }) => ({ ...params, track: typeof query.track === 'string' ? query.track : '' }),
    },
    { path: '/drills', name: 'drills', component: () => import('./drills/DrillsPage.vue') },
    { path: '/drills/targets', name: 'targets', component: () => import('./targets/TargetsPage.vue') },
    { path: '/drills/targets/:target/:court?', name: 'target', component: () => import('./targets/TargetPage.vue'), props: true },
    { path: '/drills/places', name: 'places', component: () => import('./places/PlacesPage.vue') },
    { path: '/drills/new/:court', name: 'new-drill', component: () => import('./drills/DrillEditPage.vue'), props: true },
    { path: '/drills/:family/edit', name: 'edit-drill', component: () => import('./drills/DrillEditPage.vue'), props: true },
    { path: '/drills/:family/copy/:way', name: 'copy-drill', component: () => import('./drills/DrillEditPage.vue'), props: true },
    { path: '/drills/:family/print/:sheet', name: 'print-drill', component: () => import('./drills/DrillPrint.vue'), props: true },
    { path: '/drills/:family', name: 'drill', component: () => import('./drills/DrillPage.vue'), props: true },
    { path: '/players', name: 'players', component: () => import('./players/PlayersPage.vue') },
    { path: '/players/:player', name: 'player', component: () => import('./players/PlayerPage.vue'), props: true },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})
