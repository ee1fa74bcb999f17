<script setup lang="ts">
// Messages that wait: taken as files into a mail program, or sent where a mail server is set.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import { may } from '@/api/session'
import { dateAndTime as short } from '@/format'
import { useRequest } from '@/composables/useRequest'

const outbox = ref<Schemas['Outbox'] | null>(null)
const { error, run } = useRequest()
async function attempt(action: () => Promise<Schemas['Outbox']>) {
  await run(async () => {
    outbox.value = await action()
  })
}
onMounted(() => attempt(() => unwrap(api.GET('/api/outbox'))))
const send = (id: string) => attempt(() => write('/api/outbox/{id}/send', { id: id }, {}))
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('outbox.title') }}</h1>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="outbox">
      <div class="row between">
        <p class="soft">
          {{
            outbox.server ? $t('outbox.smtp', { host: outbox.server.host }) : $t('outbox.noSmtp')
          }}
        </p>
        <RouterLink v-if="may('mail_server')" to="/settings/mail">{{
          $t('outbox.server')
        }}</RouterLink>
      </div>
      <p v-if="!outbox.messages.length" class="panel">{{ $t('outbox.none') }}</p>
      <ul class="stack">
        <li v-for="one in outbox.messages" :key="one.id" class="panel row between">
          <div>
            <b>{{ one.subject }}</b>
            <p class="soft small">
              {{ one.recipient }} · {{ short(one.at) }} · {{ $t(`outbox.${one.state}`)
              }}<template v-if="one.sent_at"> {{ short(one.sent_at) }}</template
              ><template v-if="one.error">
                · {{ $t('outbox.why', { error: one.error, count: one.tries }) }}</template
              ><template v-if="one.error && one.next_try">
                · {{ $t('outbox.again', { at: short(one.next_try) }) }}</template
              >
            </p>
          </div>
          <div class="row">
            <a
              v-if="one.kind !== 'invitation'"
              class="plain-button"
              :href="`/api/outbox/${one.id}/message.eml`"
              >{{ $t('outbox.eml') }}</a><el-button
              v-if="outbox.smtp && one.state === 'waiting'"
              type="primary"
              @click="send(one.id)"
              >{{ $t('outbox.send') }}</el-button
            >
          </div>
        </li>
      </ul>
    </template>
  </div>
</template>
