import { createRouter, createWebHistory } from 'vue-router'
import { refresh, session } from './api/session'
import SignIn from '@/views/SignIn.vue'
import { at } from './place'

/** What the page is about is kept at the office alone, and is not taken along. */
const AT_OFFICE = { atOffice: true }

export const router = createRouter({
  history: createWebHistory(),
  // To what the address names, once it is there, under the bar; back to where one was.
  scrollBehavior: (to, _from, before) =>
    before ?? (to.hash ? { el: `#${CSS.escape(to.hash.slice(1))}`, top: 70 } : undefined),
  routes: [
    { path: '/sign-in', name: 'sign-in', component: SignIn },
    { path: '/', name: 'today', component: () => import('@/views/Today.vue') },
    {
      path: '/shared/:token',
      name: 'shared',
      component: () => import('@/views/Shared.vue'),
      props: true,
    },
    { path: '/tag/:id', name: 'tag', component: () => import('@/views/Tag.vue'), props: true },
    {
      path: '/before/:link',
      name: 'before',
      component: () => import('@/views/Before.vue'),
      props: true,
    },
    {
      path: '/join/:token',
      name: 'join',
      component: () => import('@/views/Join.vue'),
      props: true,
    },
    {
      path: '/begin/:code',
      name: 'begin',
      component: () => import('@/views/Begin.vue'),
      props: true,
    },
    { path: '/account', name: 'account', component: () => import('@/views/Account.vue') },
    {
      path: '/outbox',
      name: 'outbox',
      component: () => import('@/views/Outbox.vue'),
      meta: AT_OFFICE,
    },
    { path: '/unsent', name: 'unsent', component: () => import('@/views/Unsent.vue') },
    {
      path: '/plan',
      name: 'plan',
      component: () => import('@/views/Plan.vue'),
      meta: AT_OFFICE,
    },
    {
      path: '/owed',
      name: 'owed',
      component: () => import('@/views/Owed.vue'),
      meta: AT_OFFICE,
    },
    {
      path: '/numbers',
      name: 'numbers',
      component: () => import('@/views/Numbers.vue'),
      meta: AT_OFFICE,
    },
    { path: '/customers', name: 'customers', component: () => import('@/views/Customers.vue') },
    {
      path: '/customers/:id',
      name: 'customer',
      component: () => import('@/views/Customer.vue'),
      props: true,
    },
    {
      path: '/heaters/:id',
      name: 'heater',
      component: () => import('@/views/Heater.vue'),
      props: true,
    },
    {
      path: '/pressure-logs/:id',
      name: 'pressure-log',
      component: () => import('@/views/PressureLog.vue'),
      props: true,
    },
    {
      path: '/calculators',
      name: 'calculators',
      component: () => import('@/views/Calculators.vue'),
    },
    {
      path: '/calculators/:id',
      name: 'calculator',
      component: () => import('@/views/Calculator.vue'),
      props: true,
    },
    { path: '/faults', name: 'faults', component: () => import('@/views/Finder.vue') },
    {
      path: '/visits/:id/faults',
      name: 'visit-faults',
      component: () => import('@/views/Finder.vue'),
      props: true,
    },
    { path: '/training', name: 'training', component: () => import('@/views/Training.vue') },
    {
      path: '/training/:id',
      name: 'debrief',
      component: () => import('@/views/Debrief.vue'),
      props: true,
    },
    {
      path: '/settings/:section?',
      name: 'settings',
      component: () => import('@/views/Settings.vue'),
      props: true,
      meta: AT_OFFICE,
    },
    {
      path: '/visits/:id',
      name: 'visit',
      component: () => import('@/views/Visit.vue'),
      props: true,
    },
    {
      path: '/visits/:id/report',
      name: 'report',
      component: () => import('@/views/Report.vue'),
      props: true,
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

/** Pages that speak the words of the site that they are about; all others speak the firm's. */
const OF_SITES = [
  'visit',
  'visit-faults',
  'report',
  'heater',
  'shared',
  'pressure-log',
  'calculator',
  'tag',
  'before',
]
router.afterEach((to) => {
  if (session.ready && !OF_SITES.includes(String(to.name))) at(session.units)
})

/** Pages for whoever holds their link. */
export const OPEN = ['shared', 'tag', 'before', 'join', 'begin']
router.beforeEach(async (to) => {
  if (!session.ready) await refresh().catch(() => undefined)
  // The code on a heater's tag leads to its record, and whoever has no account to its tag.
  if (!session.person && session.ready && to.name === 'heater')
    return { name: 'tag', params: { id: String(to.params.id) } }
  if (!session.person && session.ready && !['sign-in', ...OPEN].includes(String(to.name)))
    return { name: 'sign-in', query: { to: to.fullPath } }
  if (session.secondFactor === 'due' && !['account', ...OPEN].includes(String(to.name)))
    return { name: 'account' }
})
