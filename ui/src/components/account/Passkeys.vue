<script setup lang="ts">
// Passkeys as a second factor: which there are, one more, and off again.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { addPasskey, passkeysWork, removePasskey } from '@/api/passkeys'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const emit = defineEmits<{ changed: [told: string, password?: string] }>()
const { error, busy, run } = useRequest()
const keys = ref<Schemas['Passkeys']>([])
const password = ref('')
const load = async () => {
  keys.value = await unwrap(api.GET('/api/passkeys'))
}
onMounted(() => run(load))
const change = (action: () => Promise<unknown>, told: string) =>
  run(async () => {
    const first = !keys.value.length
    await action()
    const given = password.value
    password.value = ''
    await load()
    emit('changed', told, first ? given : undefined)
  })
const add = () => change(() => addPasskey(password.value), 'account.passkeyAdded')
const remove = (id: string) =>
  change(() => removePasskey(id, password.value), 'account.passkeyRemoved')
</script>

<template>
  <form class="stack" @submit.prevent="add">
    <h3>{{ $t('account.passkeys') }}</h3>
    <p class="soft small">{{ $t('account.passkeysLead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div v-for="one in keys" :key="one.id" class="row between">
      <span
        >{{ one.device || $t('account.unknownDevice') }}
        <span class="soft small">{{ $t('account.used', { at: dateAndTime(one.used) }) }}</span>
      </span>
      <button type="button" class="plain-button" :disabled="!password" @click="remove(one.id)">
        {{ $t('account.removePasskey') }}
      </button>
    </div>
    <p v-if="!passkeysWork()">{{ $t('account.noPasskeys') }}</p>
    <div v-if="passkeysWork() || keys.length" class="stack narrow">
      <PasswordField v-model="password" name="passkey-password" :label="$t('signIn.password')" />
      <el-button v-if="passkeysWork()" native-type="submit" :loading="busy" :disabled="!password">{{
        $t('account.addPasskey')
      }}</el-button>
    </div>
  </form>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
</style>
