import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './shared/session'
import { enterRoom, t } from './words/words'

declare module 'vue-router' {
  interface RouteMeta {
    /** May be seen without signing in. */
    open?: boolean
    /** Who may go there; anyone who is signed in where it is missing. */
    who?: 'keeper' | 'worker'
    title: string
    /** Whether its lists are of yards, and can be narrowed to a group of them. */
    grouped?: boolean
    /** Whose words it says. */
    room: string
  }
}

/** One route a screen; a screen's code is loaded when it is first gone to. */
export const router = createRouter({
  history: createWebHistory(),
  /** A new page begins at its top; going back goes where one was. */
  scrollBehavior: (_to, _from, before) => before ?? { top: 0 },
  routes: [
    {
      path: '/',
      component: () => import('./today/TodayPage.vue'),
      meta: {
        title: 'common.today',
        room: 'today',
        grouped: true,
      },
    },
    {
      path: '/sign-in',
      component: () => import('./people/SignInPage.vue'),
      meta: {
        title: 'app.router.sign',
        room: 'people',
        open: true,
      },
    },
    {
      path: '/welcome',
      component: () => import('./people/WelcomePage.vue'),
      meta: {
        title: 'app.router.welcome',
        room: 'people',
        open: true,
      },
    },
    {
      path: '/account',
      component: () => import('./people/AccountPage.vue'),
      meta: {
        title: 'app.router.myAccount',
        room: 'people',
      },
    },
    {
      path: '/waiting',
      component: () => import('./shared/offline/WaitingPage.vue'),
      meta: {
        title: 'app.router.whatWaitsOnThis',
        room: 'shared',
      },
    },
    {
      path: '/apiaries',
      component: () => import('./apiary/ApiariesPage.vue'),
      meta: {
        title: 'common.apiaries',
        room: 'apiary',
        grouped: true,
      },
    },
    {
      path: '/apiaries/new',
      component: () => import('./apiary/NewYardPage.vue'),
      meta: {
        title: 'app.router.openYard',
        room: 'apiary',
        who: 'keeper',
      },
    },
    {
      path: '/t/:code',
      component: () => import('./hive/TagPage.vue'),
      props: true,
      meta: {
        title: 'app.router.hive',
        room: 'hive',
      },
    },
    {
      path: '/hives/:id',
      component: () => import('./hive/HivePage.vue'),
      props: true,
      meta: {
        title: 'app.router.hive',
        room: 'hive',
      },
    },
    {
      path: '/apiaries/import',
      component: () => import('./apiary/ImportPage.vue'),
      meta: {
        title: 'common.bringHives',
        room: 'apiary',
        who: 'keeper',
      },
    },
    {
      path: '/apiaries/:id',
      component: () => import('./apiary/ApiaryPage.vue'),
      props: true,
      meta: {
        title: 'common.apiary',
        room: 'apiary',
      },
    },
    {
      path: '/apiaries/:id/stocktake',
      component: () => import('./apiary/StocktakePage.vue'),
      props: true,
      meta: {
        title: 'app.router.stocktake',
        room: 'apiary',
        who: 'keeper',
      },
    },
    {
      path: '/apiaries/:id/hours',
      component: () => import('./hours/HoursPage.vue'),
      props: true,
      meta: {
        title: 'app.router.hours',
        room: 'hours',
      },
    },
    {
      path: '/apiaries/:id/season',
      component: () => import('./apiaryyear/SeasonPage.vue'),
      props: true,
      meta: {
        title: 'app.router.seasonLimits',
        room: 'apiaryyear',
        who: 'keeper',
      },
    },
    {
      path: '/season',
      component: () => import('./seasonplan/SeasonPlanPage.vue'),
      meta: {
        title: 'common.season',
        room: 'seasonplan',
        grouped: true,
      },
    },
    {
      path: '/season/work',
      component: () => import('./seasonplan/WorkPage.vue'),
      meta: {
        title: 'common.whatBeDone',
        room: 'seasonplan',
        who: 'keeper',
      },
    },
    {
      path: '/season/outfit',
      component: () => import('./seasonplan/OutfitPage.vue'),
      meta: {
        title: 'common.crewsRoads',
        room: 'seasonplan',
      },
    },
    {
      path: '/season/day/:crew/:day',
      component: () => import('./seasonplan/CrewDayPage.vue'),
      props: true,
      meta: {
        title: 'app.router.crewsDay',
        room: 'seasonplan',
      },
    },
    {
      path: '/counts/year',
      component: () => import('./year/YearPage.vue'),
      meta: {
        title: 'app.router.year',
        room: 'year',
      },
    },
    {
      path: '/counts/winter',
      component: () => import('./year/WinterPage.vue'),
      meta: {
        title: 'app.router.howHivesWintered',
        room: 'year',
        grouped: true,
      },
    },
    {
      path: '/counts/results',
      component: () => import('./result/ResultsPage.vue'),
      meta: {
        title: 'common.didWork',
        room: 'result',
        grouped: true,
      },
    },
    {
      path: '/counts',
      component: () => import('./count/CountsPage.vue'),
      meta: {
        title: 'common.counts',
        room: 'count',
        grouped: true,
      },
    },
    {
      path: '/spacing',
      component: () => import('./spacing/SpacingPage.vue'),
      meta: {
        title: 'common.spacing',
        room: 'spacing',
        grouped: true,
      },
    },
    {
      path: '/spacing/:id',
      component: () => import('./spacing/BenchPage.vue'),
      props: true,
      meta: {
        title: 'app.router.spacingBench',
        room: 'spacing',
        who: 'worker',
      },
    },
    { path: '/figures', redirect: '/parameters' },
    {
      path: '/parameters',
      component: () => import('./parameter/ParametersPage.vue'),
      meta: {
        title: 'common.figures',
        room: 'parameter',
        who: 'keeper',
      },
    },
    {
      path: '/dose',
      component: () => import('./dose/DosePage.vue'),
      meta: {
        title: 'app.router.dose',
        room: 'dose',
        who: 'keeper',
        grouped: true,
      },
    },
    {
      path: '/dose/how-long',
      component: () => import('./pace/PacePage.vue'),
      meta: {
        title: 'app.router.howLong',
        room: 'pace',
        who: 'worker',
        grouped: true,
      },
    },
    {
      path: '/dose/scoops',
      component: () => import('./dose/ScoopPage.vue'),
      meta: {
        title: 'common.scoopBench',
        room: 'dose',
        who: 'worker',
      },
    },
    {
      path: '/dose/sheet/:id',
      component: () => import('./dose/SheetPage.vue'),
      props: true,
      meta: {
        title: 'common.doseSheet',
        room: 'dose',
      },
    },
    {
      path: '/rules',
      component: () => import('./rulesheet/RulesPage.vue'),
      meta: {
        title: 'common.ruleSheets',
        room: 'rulesheet',
      },
    },
    {
      path: '/gear/stock',
      component: () => import('./stock/StockPage.vue'),
      meta: {
        title: 'common.stockMoney',
        room: 'stock',
      },
    },
    {
      path: '/gear',
      component: () => import('./gear/GearPage.vue'),
      meta: {
        title: 'common.gear',
        room: 'gear',
      },
    },
    {
      path: '/run',
      component: () => import('./run/RunsPage.vue'),
      meta: {
        title: 'app.router.run',
        room: 'run',
        who: 'worker',
      },
    },
    {
      path: '/run/:id/ready',
      component: () => import('./run/ReadyPage.vue'),
      props: true,
      meta: {
        title: 'app.router.makeReady',
        room: 'run',
      },
    },
    {
      path: '/run/:id/review',
      component: () => import('./run/ReviewPage.vue'),
      props: true,
      meta: {
        title: 'app.router.lookingBack',
        room: 'run',
      },
    },
    {
      path: '/run/:id',
      component: () => import('./run/RunPage.vue'),
      props: true,
      meta: {
        title: 'app.router.run',
        room: 'run',
      },
    },
    {
      path: '/register',
      component: () => import('./register/RegisterPage.vue'),
      meta: {
        title: 'common.register',
        room: 'register',
      },
    },
    {
      path: '/safekeeping',
      component: () => import('./safekeeping/SafekeepingPage.vue'),
      meta: {
        title: 'common.safekeeping',
        room: 'safekeeping',
        who: 'keeper',
      },
    },
    {
      path: '/people',
      component: () => import('./people/PeoplePage.vue'),
      meta: {
        title: 'common.people',
        room: 'people',
        who: 'keeper',
      },
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  await enterRoom(String(to.meta.room))
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
  document.title = `${t(String(to.meta.title))} · Tavrel`
})
