<script setup lang="ts">
// One's own account: password, second factor, and where one is signed in.
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { authenticate, refresh, send, session, signOut, type AuthAnswer } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const told = ref('')
const { error, busy, run } = useRequest()
const attempt = (action: () => Promise<unknown>, done = '') => {
  told.value = ''
  return run(async () => {
    await action()
    told.value = done
  })
}

const router = useRouter()
async function leave() {
  await signOut()
  await router.push({ name: 'sign-in' })
}

const old = ref('')
const next = ref('')
const changePassword = () =>
  attempt(async () => {
    await authenticate('/auth/change-password', {
      password: old.value,
      'new-password': next.value,
    })
    old.value = next.value = ''
    await refresh()
    await load()
  }, 'account.changed')

const setup = ref<AuthAnswer | null>(null)
const code = ref('')
const password = ref('')
const codes = ref<string[]>([])
const begin = () =>
  attempt(async () => {
    setup.value = (await send('/auth/otp-setup', {})).answer
  })
const showCodes = async () => {
  const { answer } = await send('/auth/recovery-codes', { password: password.value })
  codes.value = answer.codes ?? []
}
const finish = () =>
  attempt(async () => {
    await authenticate('/auth/otp-setup', {
      otp_secret: setup.value?.otp_secret,
      otp_raw_secret: setup.value?.otp_raw_secret,
      otp: code.value.replace(/\s/g, ''),
      password: password.value,
    })
    await showCodes()
    setup.value = null
    code.value = password.value = ''
    await refresh()
    await load()
  }, 'account.factorSet')
const disable = () =>
  attempt(async () => {
    await authenticate('/auth/otp-disable', { password: password.value })
    password.value = ''
    codes.value = []
    await refresh()
  }, 'account.factorRemoved')

const sessions = ref<Schemas['Sessions']>([])
async function load() {
  sessions.value = await unwrap(api.GET('/api/sessions'))
}
onMounted(() => attempt(load))
const end = (id: string) =>
  attempt(async () => {
    const params = { path: { session: id } }
    sessions.value = await unwrap(api.POST('/api/sessions/{session}/end', { params }))
  })
const endOthers = () =>
  attempt(async () => {
    sessions.value = await unwrap(api.POST('/api/sessions/others/end'))
  })
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('account.title') }}</h1>
    <div v-if="session.person" class="row between">
      <span class="soft">{{ session.person.name }} · {{ session.person.role }}</span>
      <button type="button" class="plain-button" @click="leave">{{ $t('app.signOut') }}</button>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
    </p>
    <section class="panel stack">
      <h2>{{ $t('account.password') }}</h2>
      <form class="stack narrow" @submit.prevent="changePassword">
        <PasswordField v-model="old" name="old-password" :label="$t('account.old')" />
        <PasswordField v-model="next" name="new-password" :label="$t('account.new')" fresh />
        <p class="soft small">{{ $t('account.passwordLead') }}</p>
        <el-button native-type="submit" :loading="busy" :disabled="!old || !next">{{
          $t('account.change')
        }}</el-button>
      </form>
    </section>
    <section class="panel stack">
      <h2>{{ $t('account.factor') }}</h2>
      <p v-if="session.secondFactor === 'due'" role="status">
        <b>{{ $t('account.factorDue') }}</b>
      </p>
      <p class="soft">{{ $t('account.factorLead') }}</p>
      <div v-if="codes.length" class="stack">
        <b>{{ $t('account.codes') }}</b>
        <p class="soft small">{{ $t('account.codesLead') }}</p>
        <ul class="codes number">
          <li v-for="one in codes" :key="one">{{ one }}</li>
        </ul>
      </div>
      <form v-if="session.secondFactor === 'given'" class="stack narrow" @submit.prevent="disable">
        <PasswordField v-model="password" name="factor-password" :label="$t('signIn.password')" />
        <div class="row">
          <el-button :disabled="!password" @click="attempt(showCodes)">{{
            $t('account.showCodes')
          }}</el-button>
          <el-button native-type="submit" type="danger" :disabled="!password">{{
            $t('account.disable')
          }}</el-button>
        </div>
      </form>
      <el-button v-else-if="!setup" class="narrow" @click="begin">{{
        $t('account.begin')
      }}</el-button>
      <form v-else class="stack narrow" @submit.prevent="finish">
        <p>{{ $t('account.scan') }}</p>
        <!-- eslint-disable-next-line vue/no-v-html -->
        <div class="picture" v-html="setup.otp_qr" />
        <p class="small">
          {{ $t('account.typeIt') }}
          <b class="number secret">{{ setup.otp_secret?.match(/.{1,4}/g)?.join(' ') }}</b>
        </p>
        <label class="stack"
          >{{ $t('account.code')
          }}<el-input
            v-model="code"
            name="factor-code"
            inputmode="numeric"
            autocomplete="one-time-code"
        /></label>
        <PasswordField v-model="password" name="factor-password" :label="$t('signIn.password')" />
        <el-button type="primary" native-type="submit" :loading="busy">{{
          $t('account.finish')
        }}</el-button>
      </form>
    </section>
    <section class="panel stack">
      <h2>{{ $t('account.sessions') }}</h2>
      <div v-for="one in sessions" :key="one.id" class="row between">
        <span
          >{{ one.device || $t('account.unknownDevice') }}
          <span class="soft small">{{ $t('account.since', { at: dateAndTime(one.since) }) }}</span>
        </span>
        <b v-if="one.current" class="small">{{ $t('account.here') }}</b>
        <button v-else type="button" class="plain-button" @click="end(one.id)">
          {{ $t('account.end') }}
        </button>
      </div>
      <el-button v-if="sessions.length > 1" class="narrow" @click="endOthers">{{
        $t('account.endOthers')
      }}</el-button>
    </section>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
.picture {
  width: 200px;
  padding: 8px;
  background: #fff;
}
.codes {
  columns: 2;
  max-width: 480px;
}
.secret {
  overflow-wrap: anywhere;
}
</style>
