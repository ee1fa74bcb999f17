<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { asking } from './api/fresh'
import { outbox } from './api/outbox'
import { may, session, signOut } from './api/session'
import { clock } from './pocket/clock'
import { line } from './pocket/office'
import { update } from './pocket/version'
import { vault } from './pocket/vault'
import { OPEN } from './router'
import AtOffice from '@/components/common/AtOffice.vue'
import EmergencyPage from '@/components/common/EmergencyPage.vue'
import LeaveUnsent from '@/components/common/LeaveUnsent.vue'
import PinLock from '@/components/common/PinLock.vue'
import FreshSignIn from '@/components/common/FreshSignIn.vue'
import { useKeys } from '@/composables/useKeys'

const router = useRouter()
const emergency = ref(false)
const menu = ref(false)
/** Whether the line was away while a page was open that the office alone can fill, and how often
 * such a page was opened anew. */
const unfilled = ref(false)
const opened = ref(0)
const openAnew = () => {
  unfilled.value = false
  opened.value += 1
}
watch(
  [() => line.away, () => router.currentRoute.value.name],
  ([away, name], [, before] = [false, undefined]) => {
    unfilled.value =
      !!router.currentRoute.value.meta.atOffice && (away || (unfilled.value && name === before))
  },
)
router.afterEach(() => (menu.value = false))
const dark = ref(document.documentElement.classList.contains('dark'))

function setTheme(wanted: boolean) {
  dark.value = wanted
  document.documentElement.classList.toggle('dark', wanted)
  localStorage.setItem('munimen.theme', wanted ? 'dark' : 'light')
}
onMounted(() => {
  const kept = localStorage.getItem('munimen.theme')
  setTheme(kept ? kept === 'dark' : matchMedia('(prefers-color-scheme: dark)').matches)
})
const unsent = computed(() => outbox.waiting.length + outbox.refused.length)
const leaving = ref(false)
/** What is not sent stays here, bound to who wrote it, unless they want it wiped. */
async function leave(clean = false) {
  if (unsent.value && !leaving.value) {
    leaving.value = true
    return
  }
  leaving.value = false
  await signOut(clean)
  await router.push({ name: 'sign-in' })
}
useKeys({ g: () => (emergency.value = true) })
watch(
  () => session.person,
  (person) => {
    if (
      session.ready &&
      !person &&
      !['sign-in', ...OPEN].includes(String(router.currentRoute.value.name))
    )
      void router.push({ name: 'sign-in' })
  },
)
</script>

<template>
  <a class="skip" href="#content">{{ $t('app.skip') }}</a>
  <header class="bar no-print">
    <RouterLink class="brand" to="/" aria-label="Munimen"
      ><img src="/icon.svg" alt="" width="28" height="28" /><span>Munimen</span></RouterLink
    >
    <button
      v-if="session.person"
      class="quiet menu"
      type="button"
      aria-controls="menu"
      :aria-expanded="menu"
      @click="menu = !menu"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <path d="M3 6h16M3 11h16M3 16h16" stroke="currentColor" stroke-width="2" fill="none" />
      </svg>
      {{ $t('app.menu') }}
    </button>
    <nav v-if="session.person" id="menu" class="nav" :class="{ open: menu }">
      <RouterLink to="/">{{ $t('app.today') }}</RouterLink>
      <RouterLink to="/plan">{{ $t('app.plan') }}</RouterLink>
      <RouterLink to="/owed">{{ $t('app.owed') }}</RouterLink>
      <RouterLink to="/customers">{{ $t('app.customers') }}</RouterLink>
      <RouterLink to="/faults">{{ $t('app.faults') }}</RouterLink>
      <RouterLink to="/calculators">{{ $t('app.calculators') }}</RouterLink>
      <RouterLink v-if="may('numbers')" to="/numbers">{{ $t('app.numbers') }}</RouterLink>
      <RouterLink to="/settings">{{ $t('app.settings') }}</RouterLink>
      <RouterLink class="on-phone" to="/account">{{ $t('app.account') }}</RouterLink>
      <button class="on-phone" type="button" @click="leave()">{{ $t('app.signOut') }}</button>
    </nav>
    <span class="spacer" />
    <RouterLink
      v-if="session.person && (line.away || outbox.waiting.length || outbox.refused.length)"
      :to="outbox.ended ? { name: 'sign-in', query: { to: $route.fullPath } } : '/unsent'"
      class="waiting"
      role="status"
      ><template v-if="outbox.unsafe">{{ $t('app.unsafe') }}</template
      ><template v-else-if="outbox.refused.length">{{
        $t('app.needsYou', { n: outbox.refused.length })
      }}</template
      ><template v-else
        >{{ $t(outbox.ended ? 'app.ended' : line.away ? 'app.offline' : 'app.sending')
        }}<template v-if="outbox.waiting.length">
          · {{ $t('app.waiting', { n: outbox.waiting.length }) }}</template
        ></template
      ></RouterLink
    >
    <span v-if="update.waits" class="small soft" role="status">{{ $t('app.updateWaits') }}</span>
    <button
      class="quiet"
      type="button"
      :aria-label="dark ? $t('app.light') : $t('app.dark')"
      @click="setTheme(!dark)"
    >
      <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
        <path d="M10 2a8 8 0 1 0 0 16z" fill="currentColor" />
        <circle cx="10" cy="10" r="7.5" fill="none" stroke="currentColor" stroke-width="1.5" />
      </svg>
    </button>
    <RouterLink v-if="session.person" class="quiet words who" to="/account">{{
      session.person.name
    }}</RouterLink>
    <button v-if="session.person" class="quiet words" type="button" @click="leave()">
      {{ $t('app.signOut') }}
    </button>
    <button class="alarm" type="button" @click="emergency = true">{{ $t('app.emergency') }}</button>
  </header>
  <p v-if="clock.jumped" class="clock no-print" role="status">
    {{ $t('clock.jumped', { n: clock.jumped }) }}
    <button type="button" class="quiet" @click="clock.jumped = 0">{{ $t('clock.seen') }}</button>
  </p>
  <main id="content">
    <AtOffice v-if="unfilled" @back="openAnew" />
    <RouterView :key="opened" />
  </main>
  <FreshSignIn v-if="asking" />
  <LeaveUnsent v-if="leaving" :n="unsent" @stay="leaving = false" @leave="leave" />
  <PinLock v-if="vault.asks !== null" :account="vault.asks" />
  <EmergencyPage v-if="emergency" @close="emergency = false" />
</template>

<style scoped>
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 3001;
  background: var(--raised);
  padding: 8px;
}
.bar {
  display: flex;
  align-items: center;
  gap: 10px;
  height: 56px;
  padding: 0 14px;
  background: var(--raised);
  border-bottom: 1px solid var(--line);
  position: sticky;
  top: 0;
  /* above every dialog, so that *Gas or CO* stays one touch away */
  z-index: 3000;
}
.brand {
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 700;
  color: var(--ink);
  text-decoration: none;
  min-height: var(--touch);
}
.nav {
  display: flex;
  flex: 0 1 auto;
  min-width: 0;
  overflow-x: auto;
  gap: 4px;
  margin-left: 8px;
}
.nav a {
  color: var(--ink-soft);
  text-decoration: none;
  padding: 0 10px;
  min-height: var(--touch);
  display: flex;
  align-items: center;
  border-bottom: 3px solid transparent;
}
.nav a.router-link-exact-active {
  color: var(--ink);
  border-color: var(--copper);
}
.on-phone {
  display: none !important;
}
.spacer {
  flex: 1;
}
.quiet {
  border: 0;
  background: none;
  min-height: var(--touch);
  min-width: var(--touch);
  cursor: pointer;
  color: var(--ink-soft);
}
.who {
  overflow: hidden;
  display: flex;
  align-items: center;
  text-decoration: none;
}
.alarm {
  flex: none;
  min-height: var(--touch);
  border: 2px solid var(--danger);
  color: var(--danger);
  background: var(--danger-soft);
  border-radius: 8px;
  padding: 0 12px;
  font-weight: 700;
  cursor: pointer;
}
.clock {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 6px 16px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
.waiting {
  min-width: 0;
  overflow: hidden;
  background: var(--watch-soft);
  color: var(--watch);
  border-radius: 6px;
  padding: 4px 8px;
  font-size: 0.85rem;
}
.menu {
  display: none;
}
.nav button {
  font: inherit;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
/* In rem, so that large text folds the menu too; one touch to the emergency page at any width. */
@media (max-width: 62rem) {
  .bar {
    padding: 0 8px;
    gap: 2px;
  }
  .brand span {
    display: none;
  }
  .menu {
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 0 8px;
    font-weight: 700;
    color: var(--ink);
  }
  .nav {
    display: none;
  }
  .nav.open {
    position: fixed;
    inset: 56px 0 auto;
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0;
    margin: 0;
    background: var(--raised);
    border-bottom: 2px solid var(--line);
    box-shadow: 0 12px 24px rgb(0 0 0 / 18%);
  }
  .nav a,
  .nav button {
    display: flex;
    align-items: center;
    min-height: 52px;
    padding: 0 16px;
    border-bottom: 1px solid var(--line);
    color: var(--ink);
    font-size: 1rem;
  }
  .nav a.router-link-exact-active {
    background: var(--copper-soft);
    border-color: var(--line);
  }
  .quiet.words {
    display: none;
  }
  .nav.open .on-phone {
    display: flex !important;
  }
  .waiting {
    font-size: 0.8rem;
    text-align: center;
    min-height: var(--touch);
    display: flex;
    align-items: center;
  }
}
</style>
