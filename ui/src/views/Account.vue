<script setup lang="ts">
// One's own account: password, second factor, and where one is signed in.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { authenticate, refresh, session } from '@/api/session'
import CodeFactor from '@/components/account/CodeFactor.vue'
import OwnProfile from '@/components/account/OwnProfile.vue'
import ForScripts from '@/components/account/ForScripts.vue'
import Passkeys from '@/components/account/Passkeys.vue'
import RecoveryCodes from '@/components/account/RecoveryCodes.vue'
import ThisDevice from '@/components/account/ThisDevice.vue'
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

const codes = ref<string[]>([])
/** With the password that was just given for a new factor its recovery codes are shown at once. */
async function factorChanged(what: string, given?: string) {
  told.value = what
  codes.value = given
    ? ((await authenticate('/auth/recovery-codes', { password: given })).codes ?? [])
    : []
  await refresh()
  await load()
}

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
    <p v-if="session.person" class="soft">
      {{ session.person.name }} · {{ $t(`role.${session.person.role}`) }}
    </p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
    </p>
    <OwnProfile />
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
      <CodeFactor @changed="factorChanged" />
      <Passkeys @changed="factorChanged" />
      <RecoveryCodes v-if="session.factors.length" v-model="codes" />
    </section>
    <ThisDevice />
    <ForScripts />
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
</style>
