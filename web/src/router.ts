import { createRouter, createWebHistory } from 'vue-router'
import TodayPage from './today/TodayPage.vue'

/** A set from paper was held before today, until the coach says when. */
const yesterday = () => Date.now() - 24 * 3600 * 1000

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? undefined : { top: 0 }),
  routes: [
    { path: '/', name: 'today', component: TodayPage },
    { path: '/courtside', name: 'courtside', component: () => import('./courtside/StartPage.vue') },
    {
      path: '/courtside/:player/:drill/:run?',
      name: 'court',
      component: () => import('./courtside/CourtsidePage.vue'),
      meta: { court: true },
      props: ({ params, query }) => ({
        ...params,
        track: typeof query.track === 'string' ? query.track : '',
        ...'paper' in query && { paper: true, occasion: { heldAt: yesterday() } },
      }),
    },
    { path: '/queue/:drill', name: 'queue', component: () => import('./queue/QueuePage.vue'), props: true, meta: { court: true } },
    { path: '/groups', name: 'groups', component: () => import('./groups/GroupsPage.vue') },
    { path: '/groups/:run', name: 'group', component: () => import('./groups/GroupPage.vue'), props: true, meta: { court: true } },
    { path: '/groups/:run/board', name: 'board', component: () => import('./groups/BoardPage.vue'), props: true, meta: { court: true } },
    {
      path: '/groups/:run/court/:player',
      name: 'group-court',
      component: () => import('./groups/GroupCourt.vue'),
      props: true,
      meta: { court: true },
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
    { path: '/matches', name: 'matches', component: () => import('./matches/MatchesPage.vue') },
    { path: '/matches/tactics', name: 'tactics', component: () => import('./matches/TacticsPage.vue') },
    { path: '/matches/:run', name: 'match', component: () => import('./matches/MatchPage.vue'), props: true, meta: { court: true } },
    { path: '/matches/:run/card', name: 'match-card', component: () => import('./matches/CardPage.vue'), props: true },
    { path: '/matches/:run/review', name: 'match-review', component: () => import('./matches/ReviewPage.vue'), props: true },
    { path: '/players', name: 'players', component: () => import('./players/PlayersPage.vue') },
    { path: '/sessions/:day', name: 'session', component: () => import('./sessions/SessionPage.vue'), props: true },
    { path: '/squad', name: 'squad', component: () => import('./squad/SquadPage.vue') },
    {
      path: '/players/:player/progressions/:drill',
      name: 'progression',
      component: () => import('./players/ProgressionPage.vue'),
      props: ({ params, query }) => ({ ...params, track: typeof query.track === 'string' ? query.track : '' }),
    },
    { path: '/players/:player', name: 'player', component: () => import('./players/PlayerPage.vue'), props: true },
    { path: '/:rest(.*)', name: 'nothing-here', component: () => import('./shared/NothingHere.vue') },
  ],
})
