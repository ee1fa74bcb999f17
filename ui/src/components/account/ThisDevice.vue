<script setup lang="ts">
// What lies on this device, whether a PIN or a passkey locks it, and the devices that have such a
// lock: one that was lost is ended here.
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { outbox } from '@/api/outbox'
import { getReadyLater, refresh, session } from '@/api/session'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'
import { pocket } from '@/pocket/pocket'
import { makePasskey, passkeysOpen } from '@/pocket/passkey'
import { lockOf, resealed, unlockForGood } from '@/pocket/shelf'
import { able, alsoPasskey, makeLock, SHORTEST, vault, type Lock } from '@/pocket/vault'

const { t } = useI18n()
const { error, busy, run } = useRequest()
const pin = ref('')
const again = ref('')
const told = ref('')
const devices = ref<Schemas['Devices']>([])
const lock = ref<Lock>()
const can = ref(false)
const me = () => session.person!.id
async function look() {
  lock.value = await lockOf(me())
}
onMounted(() =>
  run(async () => {
    await look()
    can.value = await passkeysOpen()
    devices.value = await unwrap(api.GET('/api/devices'))
  }),
)

/** Locked anew, by a PIN or a passkey alone. */
async function lockBy(by: Parameters<typeof makeLock>[2]) {
  const device = vault.device ?? uuid()
  // The office knows it first: a lock that it cannot end would be none of its own.
  devices.value = await unwrap(api.POST('/api/devices', { body: { id: device } }))
  await resealed(me(), () => makeLock(me(), device, by))
  await look()
  await refresh()
  getReadyLater()
}
const choose = () =>
  run(async () => {
    told.value = ''
    if (!new RegExp(`^\\d{${SHORTEST},}$`).test(pin.value)) throw new Error(t('pin.short'))
    if (pin.value !== again.value) throw new Error(t('pin.twice'))
    const had = lock.value?.passkey
    await lockBy(pin.value)
    pin.value = again.value = ''
    told.value = had ? 'pin.chosenWithout' : 'pin.chosen'
  })
/** Where a PIN is there it stays beside the passkey, and is asked for. */
const passkey = () =>
  run(async () => {
    told.value = ''
    const locked = lock.value?.pin
    if (locked && !pin.value) throw new Error(t('pin.first'))
    const made = await makePasskey(session.person!.name)
    if (!made) throw new Error(t('pin.noSecret'))
    if (locked) {
      const said = await alsoPasskey(me(), pin.value, made)
      if (said === 'wrong') throw new Error(t('pin.wrong'))
      if (said !== 'open') throw new Error(t('pin.wait', { n: said }))
      await look()
    } else await lockBy(made)
    pin.value = ''
    told.value = 'pin.byPasskeyToo'
  })
const remove = () =>
  run(async () => {
    const device = vault.device!
    await unlockForGood(me())
    devices.value = await unwrap(
      api.POST('/api/devices/{id}/end', { params: { path: { id: device } } }),
    )
    told.value = 'pin.removed'
    await look()
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
        >{{ $t(lock?.pin ? 'pin.another' : 'pin.choose')
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
        <el-button v-if="can && !lock?.passkey" :loading="busy" @click="passkey">{{
          $t(lock?.pin ? 'pin.addPasskey' : 'pin.lockPasskey')
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
