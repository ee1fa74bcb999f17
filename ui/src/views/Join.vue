<script setup lang="ts">
// By a link: a first password, or another one where it was forgotten.
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { session, signIn } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ token: string }>()
const router = useRouter()
const whose = ref<Schemas['Invitation'] | null>(null)
const password = ref('')
const { error, busy, run } = useRequest()
const path = { params: { path: { token: props.token } } }
onMounted(() =>
  run(async () => {
    whose.value = await unwrap(api.GET('/api/join/{token}', path))
  }),
)
const join = () =>
  run(async () => {
    await unwrap(api.POST('/api/join/{token}', { ...path, body: { password: password.value } }))
    await signIn(whose.value!.email, password.value)
    await router.push(session.person ? '/' : '/sign-in')
  })
</script>

<template>
  <div class="page narrow">
    <form class="panel stack" @submit.prevent="join">
      <h1>{{ $t('join.title') }}</h1>
      <template v-if="whose">
        <p>{{ $t('join.lead', { ...whose }) }}</p>
        <PasswordField v-model="password" name="new-password" :label="$t('join.password')" fresh />
        <p class="soft small">{{ $t('join.hint') }}</p>
      </template>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <el-button
        v-if="whose"
        type="primary"
        native-type="submit"
        :loading="busy"
        :disabled="!password"
        >{{ $t('join.go') }}</el-button
      >
    </form>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 480px;
}
</style>
