<script setup lang="ts">
// Messages that wait: taken as files into a mail program, or sent where a mail server is set.
import { onMounted, ref } from 'vue'
import { api, must, Problem, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'

const outbox = ref<Schemas['Outbox'] | null>(null)
const error = ref('')
async function attempt(action: () => Promise<Schemas['Outbox']>) {
  error.value = ''
  try {
    outbox.value = await action()
  } catch (problem) {
    error.value = (problem as Problem).message
  }
}
onMounted(() => attempt(() => must(api.GET('/api/outbox'))))
const send = (id: string) => attempt(() => write<Schemas['Outbox']>(`/api/outbox/${id}/send`))
const short = (iso: string) => new Date(iso).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('outbox.title') }}</h1>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="outbox">
      <p class="soft">{{ outbox.smtp ? $t('outbox.smtp') : $t('outbox.noSmtp') }}</p>
      <p v-if="!outbox.messages.length" class="panel">{{ $t('outbox.none') }}</p>
      <ul class="stack">
        <li v-for="one in outbox.messages" :key="one.id" class="panel row between">
          <div><b>{{ one.subject }}</b><p class="soft small">{{ one.recipient }} · {{ short(one.at) }} · {{ $t(`outbox.${one.state}`) }}<template v-if="one.sent_at"> {{ short(one.sent_at) }}</template><template v-if="one.error"> · {{ one.error }}</template></p></div>
          <div class="row"><a class="plain-button" :href="`/api/outbox/${one.id}/message.eml`">{{ $t('outbox.eml') }}</a><el-button v-if="outbox.smtp && one.state === 'waiting'" type="primary" @click="send(one.id)">{{ $t('outbox.send') }}</el-button></div>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
a.plain-button { text-decoration: none; display: inline-flex; align-items: center; }
</style>
