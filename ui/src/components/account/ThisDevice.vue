<script setup lang="ts">
// What lies on this device, whether a PIN locks it, and the devices that have such a lock: one that
// was lost is ended here.
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { outbox } from '@/api/outbox'
import { getReadyLater, refresh, session } from '@/api/session'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'
import { pocket } from '@/pocket/pocket'
import { resealed, unlockForGood } from '@/pocket/shelf'
import { able, makeLock, SHORTEST, vault } from '@/pocket/vault'

const { t } = useI18n()
const { error, busy, run } = useRequest()
const pin = ref('')
const again = ref('')
const told = ref('')
const devices = ref<Schemas['Devices']>([])
onMounted(() =>
  run(async () => {
    devices.value = await unwrap(api.GET('/api/devices'))
  }),
)

const choose = () =>
  run(async () => {
    told.value = ''
    if (!new RegExp(`^\\d{${SHORTEST},}$`).test(pin.value)) throw new Error(t('pin.short'))
    if (pin.value !== again.value) throw new Error(t('pin.twice'))
    const account = session.person!.id
    const device = vault.device ?? uuid()
    // The office knows it first: a lock that it cannot end would be none of its own.
    devices.value = await unwrap(api.POST('/api/devices', { body: { id: device } }))
    await resealed(account, () => makeLock(account, device, pin.value))
    pin.value = again.value = ''
    told.value = 'pin.chosen'
    await refresh()
    getReadyLater()
  })
const remove = () =>
  run(async () => {
    const device = vault.device!
    await unlockForGood(session.person!.id)
    devices.value = await unwrap(
      api.POST('/api/devices/{id}/end', { params: { path: { id: device } } }),
    )
    told.value = 'pin.removed'
    await refresh()
  })
const end = (id: string) =>
  run(async () => {
    devices.value = await unwrap(api.POST('/api/devices/{id}/end', { params: { path: { id } } }))
  })
</script>

<template>
  <section v-if="able()" id="device" class="panel stack">
    <h2>{{ $t('pin.device') }}</h2>
    <p class="soft">{{ $t('pin.deviceLead') }}</p>
    <p v-if="pocket.wantsPin" role="status">
      <b>{{ $t('pin.wanted') }}</b>
    </p>
    <form class="stack narrow" @submit.prevent="choose">
      <label class="stack"
        >{{ $t(vault.device ? 'pin.another' : 'pin.choose')
        }}<el-input
          v-model="pin"
          type="password"
          name="new-pin"
          inputmode="numeric"
          autocomplete="off"
      /></label>
      <label class="stack"
        >{{ $t('pin.again')
        }}<el-input
          v-model="again"
          type="password"
          name="new-pin-again"
          inputmode="numeric"
          autocomplete="off"
      /></label>
      <div class="row">
        <el-button native-type="submit" :loading="busy" :disabled="!pin || !again">{{
          $t('pin.set')
        }}</el-button>
        <el-button v-if="vault.device && !session.devicePin" :loading="busy" @click="remove">{{
          $t('pin.remove')
        }}</el-button>
      </div>
    </form>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
    </p>
    <p v-if="outbox.waiting.length" class="small">
      {{ $t('app.waiting', { n: outbox.waiting.length }) }}
    </p>
    <div v-for="one in devices" :key="one.id" class="row between">
      <span
        >{{ one.device || $t('account.unknownDevice') }} · {{ one.person }}
        <span class="soft small">{{ $t('pin.since', { at: dateAndTime(one.since) }) }}</span></span
      >
      <b v-if="one.id === vault.device" class="small">{{ $t('account.here') }}</b>
      <button v-else type="button" class="plain-button" @click="end(one.id)">
        {{ $t('pin.end') }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
</style>
