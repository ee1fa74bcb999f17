import { createRouter, createWebHistory } from 'vue-router'
import { refresh, session } from './api/session'
import SignIn from './screens/SignIn.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/sign-in', name: 'sign-in', component: SignIn },
    { path: '/', name: 'today', component: () => import('./screens/Today.vue') },
    { path: '/shared/:token', name: 'shared', component: () => import('./screens/Shared.vue'), props: true },
    { path: '/outbox', name: 'outbox', component: () => import('./screens/Outbox.vue') },
    { path: '/plan', name: 'plan', component: () => import('./screens/Plan.vue') },
    { path: '/owed', name: 'owed', component: () => import('./screens/Owed.vue') },
    { path: '/customers', name: 'customers', component: () => import('./screens/Customers.vue') },
    { path: '/customers/:id', name: 'customer', component: () => import('./screens/Customer.vue'), props: true },
    { path: '/heaters/:id', name: 'heater', component: () => import('./screens/Heater.vue'), props: true },
    { path: '/pressure-logs/:id', name: 'pressure-log', component: () => import('./screens/PressureLog.vue'), props: true },
    { path: '/calculators', name: 'calculators', component: () => import('./screens/Calculators.vue') },
    { path: '/calculators/:id', name: 'calculator', component: () => import('./screens/Calculator.vue'), props: true },
    { path: '/faults', name: 'faults', component: () => import('./screens/Finder.vue') },
    { path: '/visits/:id/faults', name: 'visit-faults', component: () => import('./screens/Finder.vue'), props: true },
    { path: '/training', name: 'training', component: () => import('./screens/Training.vue') },
    { path: '/training/:id', name: 'debrief', component: () => import('./screens/Debrief.vue'), props: true },
    { path: '/settings', name: 'settings', component: () => import('./screens/Settings.vue') },
    { path: '/visits/:id', name: 'visit', component: () => import('./screens/Visit.vue'), props: true },
    { path: '/visits/:id/report', name: 'report', component: () => import('./screens/Report.vue'), props: true },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

router.beforeEach(async (to) => {
  if (!session.ready) await refresh().catch(() => undefined)
  if (!session.person && session.ready && !['sign-in', 'shared'].includes(String(to.name))) return { name: 'sign-in', query: { to: to.fullPath } }
})
