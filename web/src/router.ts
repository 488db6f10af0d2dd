import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './shared/session'

declare module 'vue-router' {
  interface RouteMeta {
    /** May be seen without signing in. */
    open?: boolean
    /** Who may go there; anyone who is signed in where it is missing. */
    who?: 'keeper' | 'worker'
    title: string
  }
}

/** One route a screen; a screen's code is loaded when it is first gone to. */
export const router = createRouter({
  history: createWebHistory(),
  /** A new page begins at its top; going back goes where one was. */
  scrollBehavior: (_to, _from, before) => before ?? { top: 0 },
  routes: [
    { path: '/', component: () => import('./today/TodayPage.vue'), meta: { title: 'Today' } },
    {
      path: '/sign-in',
      component: () => import('./people/SignInPage.vue'),
      meta: { title: 'Sign in', open: true },
    },
    {
      path: '/welcome',
      component: () => import('./people/WelcomePage.vue'),
      meta: { title: 'Welcome', open: true },
    },
    {
      path: '/account',
      component: () => import('./people/AccountPage.vue'),
      meta: { title: 'My account' },
    },
    {
      path: '/waiting',
      component: () => import('./shared/offline/WaitingPage.vue'),
      meta: { title: 'What waits on this device' },
    },
    {
      path: '/apiaries',
      component: () => import('./apiary/ApiariesPage.vue'),
      meta: { title: 'Apiaries' },
    },
    {
      path: '/apiaries/import',
      component: () => import('./apiary/ImportPage.vue'),
      meta: { title: 'Bring in hives', who: 'keeper' },
    },
    {
      path: '/apiaries/:id',
      component: () => import('./apiary/ApiaryPage.vue'),
      props: true,
      meta: { title: 'Apiary' },
    },
    {
      path: '/apiaries/:id/hours',
      component: () => import('./hours/HoursPage.vue'),
      props: true,
      meta: { title: 'Hours' },
    },
    {
      path: '/apiaries/:id/season',
      component: () => import('./apiaryyear/SeasonPage.vue'),
      props: true,
      meta: { title: 'Season and limits', who: 'keeper' },
    },
    {
      path: '/season',
      component: () => import('./seasonplan/SeasonPlanPage.vue'),
      meta: { title: 'Season' },
    },
    {
      path: '/season/work',
      component: () => import('./seasonplan/WorkPage.vue'),
      meta: { title: 'What is to be done', who: 'keeper' },
    },
    {
      path: '/season/outfit',
      component: () => import('./seasonplan/OutfitPage.vue'),
      meta: { title: 'Crews and roads' },
    },
    {
      path: '/season/day/:crew/:day',
      component: () => import('./seasonplan/CrewDayPage.vue'),
      props: true,
      meta: { title: "A crew's day" },
    },
    {
      path: '/counts/year',
      component: () => import('./year/YearPage.vue'),
      meta: { title: 'The year' },
    },
    {
      path: '/counts/winter',
      component: () => import('./year/WinterPage.vue'),
      meta: { title: 'How hives wintered' },
    },
    {
      path: '/counts/results',
      component: () => import('./result/ResultsPage.vue'),
      meta: { title: 'Did it work?' },
    },
    {
      path: '/counts',
      component: () => import('./count/CountsPage.vue'),
      meta: { title: 'Counts' },
    },
    {
      path: '/spacing',
      component: () => import('./spacing/SpacingPage.vue'),
      meta: { title: 'Spacing' },
    },
    {
      path: '/spacing/:id',
      component: () => import('./spacing/BenchPage.vue'),
      props: true,
      meta: { title: 'Spacing bench', who: 'worker' },
    },
    { path: '/figures', redirect: '/parameters' },
    {
      path: '/parameters',
      component: () => import('./parameter/ParametersPage.vue'),
      meta: { title: 'Figures', who: 'keeper' },
    },
    {
      path: '/dose',
      component: () => import('./dose/DosePage.vue'),
      meta: { title: 'Dose', who: 'keeper' },
    },
    {
      path: '/dose/how-long',
      component: () => import('./pace/PacePage.vue'),
      meta: { title: 'How long', who: 'worker' },
    },
    {
      path: '/dose/scoops',
      component: () => import('./dose/ScoopPage.vue'),
      meta: { title: 'Scoop bench', who: 'worker' },
    },
    {
      path: '/dose/sheet/:id',
      component: () => import('./dose/SheetPage.vue'),
      props: true,
      meta: { title: 'Dose sheet' },
    },
    {
      path: '/rules',
      component: () => import('./rulesheet/RulesPage.vue'),
      meta: { title: 'Rule sheets' },
    },
    {
      path: '/gear/stock',
      component: () => import('./stock/StockPage.vue'),
      meta: { title: 'Stock and money' },
    },
    {
      path: '/gear',
      component: () => import('./gear/GearPage.vue'),
      meta: { title: 'Gear' },
    },
    {
      path: '/run',
      component: () => import('./run/RunsPage.vue'),
      meta: { title: 'Run', who: 'worker' },
    },
    {
      path: '/run/:id/ready',
      component: () => import('./run/ReadyPage.vue'),
      props: true,
      meta: { title: 'Make ready' },
    },
    {
      path: '/run/:id/review',
      component: () => import('./run/ReviewPage.vue'),
      props: true,
      meta: { title: 'Looking back' },
    },
    {
      path: '/run/:id',
      component: () => import('./run/RunPage.vue'),
      props: true,
      meta: { title: 'Run' },
    },
    {
      path: '/register',
      component: () => import('./register/RegisterPage.vue'),
      meta: { title: 'Register' },
    },
    {
      path: '/safekeeping',
      component: () => import('./safekeeping/SafekeepingPage.vue'),
      meta: { title: 'Safekeeping', who: 'keeper' },
    },
    {
      path: '/people',
      component: () => import('./people/PeoplePage.vue'),
      meta: { title: 'People', who: 'keeper' },
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  try {
    await session.learn()
  } catch {
    return to.meta.open || session.goOn() ? true : { path: '/sign-in', query: { to: to.fullPath } }
  }
  if (session.door?.firstStart && to.path !== '/welcome') return '/welcome'
  if (!session.account && !to.meta.open) return { path: '/sign-in', query: { to: to.fullPath } }
  if (session.account && to.meta.open) return '/'
  if (session.account?.firstPassword && to.path !== '/account') return '/account'
  if (to.meta.who === 'keeper' && !session.isKeeper) return '/'
  if (to.meta.who === 'worker' && !session.mayWork) return '/'
  return true
})

router.afterEach((to) => {
  document.title = `${to.meta.title} · Tavrel`
})
