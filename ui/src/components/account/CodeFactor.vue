<script setup lang="ts">
// Codes of an app (TOTP) as a second factor: setting up, and off again.
import { ref } from 'vue'
import { authenticate, send, session, type AuthAnswer } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'

const emit = defineEmits<{ changed: [told: string, password?: string] }>()
const { error, busy, run } = useRequest()
const setup = ref<AuthAnswer | null>(null)
const code = ref('')
const password = ref('')

const begin = () =>
  run(async () => {
    setup.value = (await send('/auth/otp-setup', {})).answer
  })
const finish = () =>
  run(async () => {
    await authenticate('/auth/otp-setup', {
      otp_secret: setup.value?.otp_secret,
      otp_raw_secret: setup.value?.otp_raw_secret,
      otp: code.value.replace(/\s/g, ''),
      password: password.value,
    })
    const given = password.value
    setup.value = null
    code.value = password.value = ''
    emit('changed', 'account.factorSet', given)
  })
const disable = () =>
  run(async () => {
    await authenticate('/auth/otp-disable', { password: password.value })
    password.value = ''
    emit('changed', 'account.factorRemoved')
  })
</script>

<template>
  <div class="stack">
    <h3>{{ $t('account.codeOf') }}</h3>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <form v-if="session.factors.includes('code')" class="stack narrow" @submit.prevent="disable">
      <PasswordField v-model="password" name="factor-password" :label="$t('signIn.password')" />
      <el-button native-type="submit" type="danger" :disabled="!password">{{
        $t('account.disable')
      }}</el-button>
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
.secret {
  overflow-wrap: anywhere;
}
</style>
