<script setup lang="ts">
// The password once more, before what opens or replaces everything.
import { ref } from 'vue'
import { asking } from '@/api/fresh'
import { authenticate } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'

const password = ref('')
const { error, busy, run } = useRequest()
const give = () =>
  run(async () => {
    await authenticate('/auth/confirm-password', { password: password.value })
    asking.value?.(true)
  })
</script>

<template>
  <el-dialog
    append-to-body
    model-value
    :title="$t('fresh.title')"
    width="min(420px, 94vw)"
    @close="asking?.(false)"
  >
    <form class="stack" @submit.prevent="give">
      <p class="soft">{{ $t('fresh.lead') }}</p>
      <PasswordField v-model="password" name="confirm-password" :label="$t('signIn.password')" />
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <el-button type="primary" native-type="submit" :loading="busy">{{
        $t('fresh.go')
      }}</el-button>
    </form>
  </el-dialog>
</template>
