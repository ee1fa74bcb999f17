<script setup lang="ts">
// What lets a person in once each without the phone.
import { ref } from 'vue'
import { authenticate } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'

const { error, run } = useRequest()
const password = ref('')
const codes = defineModel<string[]>({ required: true })
const show = () =>
  run(async () => {
    codes.value =
      (await authenticate('/auth/recovery-codes', { password: password.value })).codes ?? []
    password.value = ''
  })
</script>

<template>
  <form class="stack" @submit.prevent="show">
    <h3>{{ $t('account.codes') }}</h3>
    <p class="soft small">{{ $t('account.codesLead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <ul v-if="codes.length" class="codes number">
      <li v-for="one in codes" :key="one">{{ one }}</li>
    </ul>
    <div v-else class="stack narrow">
      <PasswordField v-model="password" name="codes-password" :label="$t('signIn.password')" />
      <el-button native-type="submit" :disabled="!password">{{
        $t('account.showCodes')
      }}</el-button>
    </div>
  </form>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
.codes {
  columns: 2;
  max-width: 480px;
}
</style>
