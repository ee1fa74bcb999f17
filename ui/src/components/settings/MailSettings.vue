<script setup lang="ts">
// The firm's mail server: set, tried by a mail to oneself, and which kinds of mail go by themselves.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'

const emit = defineEmits<{ changed: [] }>()
const outbox = ref<Schemas['Outbox'] | null>(null)
const { error, busy, run } = useRequest()
const attempt = (action: () => Promise<Schemas['Outbox']>) =>
  run(async () => {
    outbox.value = await action()
  })
const KINDS = ['booking', 'report', 'reminder'] as const
/** Which kinds go without a look. */
const byItself = (kind: (typeof KINDS)[number], on: boolean) =>
  attempt(() => {
    const others = outbox.value!.by_itself.filter((one) => one !== kind)
    const body = { kinds: on ? [...others, kind] : others }
    return unwrap(api.PUT('/api/settings/mail/by-itself', { body }))
  })
const attach = (attached: boolean) =>
  attempt(() => {
    const body = { kinds: outbox.value!.by_itself, attached }
    return unwrap(api.PUT('/api/settings/mail/by-itself', { body }))
  })
const test = () => attempt(() => unwrap(api.POST('/api/settings/mail/try')))
const server = ref({ host: '', port: 587, user: '', password: '', from: '' })
onMounted(async () => {
  await attempt(() => unwrap(api.GET('/api/outbox')))
  const { host, port, user, from } = outbox.value?.server ?? {}
  server.value = {
    host: host ?? '',
    port: port ?? 587,
    user: user ?? '',
    password: '',
    from: from ?? '',
  }
})
const kept = ref(false)
const keepServer = () =>
  attempt(async () => {
    kept.value = false
    const { host, port, user, password, from } = server.value
    const body = {
      host,
      port: Number(port),
      user: user || undefined,
      password: password || undefined,
      from: from || undefined,
    }
    const now = await unwrap(api.PUT('/api/settings/mail', { body }))
    kept.value = true
    emit('changed')
    return now
  })
</script>

<template>
  <section id="mail" class="panel stack">
    <h2>{{ $t('outbox.server') }}</h2>
    <form class="stack" @submit.prevent="keepServer">
      <label
        >{{ $t('outbox.host')
        }}<el-input v-model="server.host" name="host" placeholder="mail.example.com"
      /></label>
      <label
        >{{ $t('outbox.port') }}<el-input v-model="server.port" name="port" inputmode="numeric"
      /></label>
      <label
        >{{ $t('outbox.user') }}<el-input v-model="server.user" name="user" autocomplete="off"
      /></label>
      <label
        >{{ $t('outbox.password')
        }}<el-input
          v-model="server.password"
          name="password"
          type="password"
          autocomplete="new-password"
      /></label>
      <label
        >{{ $t('outbox.from') }}<el-input v-model="server.from" name="from" type="email"
      /></label>
      <p class="soft small">{{ $t('outbox.serverLead') }}</p>
      <p v-if="error" role="alert">{{ error }}</p>
      <el-button type="primary" native-type="submit" :loading="busy">{{
        $t('owed.keep')
      }}</el-button>
      <p v-if="kept" role="status">{{ $t('firm.kept') }}</p>
    </form>
    <template v-if="outbox?.smtp">
      <div class="row">
        <el-button :loading="busy" @click="test">{{ $t('outbox.test') }}</el-button>
        <p v-if="outbox.tried" role="status">{{ $t('outbox.tried', { to: outbox.tried }) }}</p>
      </div>
      <fieldset class="row by-itself">
        <legend>{{ $t('outbox.byItself') }}</legend>
        <label v-for="kind in KINDS" :key="kind"
          ><input
            type="checkbox"
            :name="`by-itself-${kind}`"
            :checked="outbox.by_itself.includes(kind)"
            @change="byItself(kind, ($event.target as HTMLInputElement).checked)"
          />
          {{ $t(`outbox.kind.${kind}`) }}</label
        >
      </fieldset>
      <label class="attach"
        ><input
          type="checkbox"
          name="mail-attached"
          :checked="outbox.attached"
          @change="attach(($event.target as HTMLInputElement).checked)"
        />
        {{ $t('outbox.attached') }}</label
      >
    </template>
    <p>
      <RouterLink to="/outbox">{{ $t('outbox.title') }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
form {
  max-width: 480px;
}
.by-itself {
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 4px 12px;
}
.attach,
.by-itself label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: var(--touch);
}
</style>
