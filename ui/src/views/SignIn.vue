<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { giveCode, session, signIn } from '@/api/session'
import { givePasskey, passkeysWork } from '@/api/passkeys'
import { useRequest } from '@/composables/useRequest'
import { line } from '@/pocket/office'
import { waitingOfAll } from '@/pocket/shelf'

const router = useRouter()
const route = useRoute()
const email = ref('')
const password = ref('')
const { error, busy, run } = useRequest()

const code = ref('')
/** What was written here and is not with the office. */
const waits = ref(0)
onMounted(async () => {
  waits.value = await waitingOfAll().catch(() => 0)
})

const enter = (how: () => Promise<void>) =>
  run(async () => {
    await how()
    if (!session.person) return
    await router.push(typeof route.query.to === 'string' ? route.query.to : '/')
  })
const go = () =>
  enter(() =>
    session.secondFactor === 'wanted'
      ? giveCode(code.value)
      : signIn(email.value.trim(), password.value),
  )
const passkey = computed(() => session.factors.includes('passkey') && passkeysWork())
function use(account: { email: string; password: string }) {
  email.value = account.email
  password.value = account.password
  void go()
}
</script>

<template>
  <div class="sign-in">
    <form class="panel stack" @submit.prevent="go">
      <div>
        <h1>{{ $t('signIn.title') }}</h1>
        <p class="soft">{{ $t('signIn.lead') }}</p>
        <p v-if="waits" role="status">
          <b>{{ $t('signIn.waits', { n: waits }) }}</b>
        </p>
        <p v-if="line.away" role="status">{{ $t('signIn.noSignal') }}</p>
      </div>
      <button
        v-if="session.secondFactor === 'wanted' && passkey"
        class="go"
        type="button"
        @click="enter(givePasskey)"
      >
        {{ $t('signIn.passkey') }}
      </button>
      <label v-if="session.secondFactor === 'wanted'" class="stack-tight"
        >{{ $t(session.factors.includes('code') ? 'signIn.code' : 'signIn.recovery')
        }}<input
          v-model="code"
          class="field"
          name="code"
          inputmode="numeric"
          autocomplete="one-time-code"
          required
          :autofocus="!passkey"
        /><span class="soft">{{
          $t(session.factors.includes('code') ? 'signIn.codeLead' : 'signIn.recoveryLead')
        }}</span></label
      >
      <template v-else>
        <label class="stack-tight"
          >{{ $t('signIn.email')
          }}<input
            v-model="email"
            class="field"
            type="email"
            name="email"
            autocomplete="username"
            required
            autofocus
        /></label>
        <label class="stack-tight"
          >{{ $t('signIn.password')
          }}<input
            v-model="password"
            class="field"
            type="password"
            name="password"
            autocomplete="current-password"
            required
        /></label>
      </template>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <button class="go" type="submit" :disabled="busy">{{ $t('signIn.go') }}</button>
    </form>
    <section v-if="session.demo.length" class="panel demo">
      <h2>{{ $t('signIn.demo') }}</h2>
      <ul>
        <li v-for="account in session.demo" :key="account.email">
          <span
            ><b>{{ $t(`role.${account.role}`) }}</b
            ><br /><span class="soft small">{{ account.email }}</span></span
          >
          <button class="plain-button" type="button" @click="use(account)">
            {{ $t('signIn.use') }}
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.sign-in {
  max-width: 440px;
  margin: 7vh auto;
  padding: 12px;
  display: grid;
  gap: 16px;
}
.stack-tight {
  display: grid;
  gap: 4px;
  font-size: 0.9rem;
}
.field {
  font: inherit;
  min-height: 48px;
  padding: 0 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
  font-size: 1rem;
}
.go {
  min-height: 50px;
  border: 0;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  cursor: pointer;
}
.demo li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.demo li:last-child {
  border: 0;
}
</style>
