<script setup lang="ts">
// What lies on this device is locked: the PIN or the passkey opens it. Whoever has neither can wipe
// the device and sign in anew, and is told first what is lost with that.
import { nextTick, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { countOf, lockOf, wipe } from '@/pocket/shelf'
import { dropped, tryPasskey, tryPin } from '@/pocket/vault'

const props = defineProps<{ account: number }>()
const { t } = useI18n()
const pin = ref('')
const error = ref('')
const busy = ref(false)
const unsent = ref(0)
const field = ref<HTMLInputElement>()
const ways = ref({ pin: false, passkey: false })
onMounted(async () => {
  const lock = await lockOf(props.account)
  ways.value = { pin: !!lock?.pin, passkey: !!lock?.passkey }
  await nextTick()
  field.value?.focus()
  unsent.value = await countOf(props.account)
})

async function byPasskey() {
  busy.value = true
  const opened = await tryPasskey(props.account)
  busy.value = false
  if (!opened) error.value = t('pin.notPasskey')
}

async function open() {
  busy.value = true
  const said = await tryPin(props.account, pin.value)
  busy.value = false
  pin.value = ''
  if (said === 'open') return
  error.value = said === 'wrong' ? t('pin.wrong') : t('pin.wait', { n: said })
  field.value?.focus()
}
async function forget() {
  if (!window.confirm(t('pin.forgetSure', { n: unsent.value }))) return
  await wipe(props.account)
  dropped()
}
</script>

<template>
  <div class="cover" role="dialog" aria-modal="true" :aria-label="$t('pin.title')">
    <form class="panel stack" @submit.prevent="open">
      <h1>{{ $t('pin.title') }}</h1>
      <p class="soft">{{ $t('pin.lead') }}</p>
      <button v-if="ways.passkey" type="button" class="go" :disabled="busy" @click="byPasskey">
        {{ $t('pin.byPasskey') }}
      </button>
      <label v-if="ways.pin" class="stack"
        >{{ $t('pin.pin')
        }}<input
          ref="field"
          v-model="pin"
          name="pin"
          type="password"
          inputmode="numeric"
          autocomplete="off"
      /></label>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <button v-if="ways.pin" type="submit" class="go" :disabled="busy || !pin">
        {{ $t('pin.open') }}
      </button>
      <button type="button" class="quiet" @click="forget">
        {{ $t(ways.pin ? 'pin.forgotten' : 'pin.noPasskey') }}
      </button>
    </form>
  </div>
</template>

<style scoped>
.cover {
  position: fixed;
  /* Below the bar: what to do at a smell of gas is never locked. */
  inset: 56px 0 0;
  z-index: 4000;
  display: grid;
  place-items: center;
  padding: 16px;
  background: var(--ground);
}
form {
  width: min(420px, 100%);
}
input {
  min-height: 52px;
  padding: 0 12px;
  font: inherit;
  font-size: 1.4rem;
  letter-spacing: 0.3em;
  color: var(--ink);
  background: var(--sunk);
  border: 2px solid var(--line);
  border-radius: 8px;
}
.go {
  min-height: var(--touch);
  border: 0;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  font: inherit;
  font-weight: 700;
}
.go:disabled {
  opacity: 0.6;
}
.quiet {
  min-height: var(--touch);
  border: 0;
  background: none;
  color: var(--copper);
  font: inherit;
  text-decoration: underline;
}
</style>
