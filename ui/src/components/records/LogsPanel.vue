<script setup lang="ts">
// The pressure logs of a heater, and a way to add one: the file goes up, is read on the server,
// and both show how far they are.
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import {
  api,
  csrf,
  unwrap,
  asProblem,
  Problem,
  problemFrom,
  uuid,
  type Grade,
  type Schemas,
} from '@/api/client'
import FileChooser from '@/components/common/FileChooser.vue'
import GradeMark from '@/components/common/GradeMark.vue'
import { shortDate as short } from '@/format'

const props = defineProps<{ heater: string }>()
const router = useRouter()
const { t } = useI18n()
const logs = ref<Schemas['PressureLogs']>([])
const error = ref('')
const share = ref<number | null>(null)
const asked = ref({ time: '', pressure: '', unit: '', date: '' })
const columns = ref<string[]>([])
const pointing = ref(false)
const file = ref<File | null>(null)

onMounted(async () => {
  logs.value = await unwrap(
    api.GET('/api/heaters/{id}/pressure-logs', { params: { path: { id: props.heater } } }),
  ).catch(() => [])
})
function choose(chosen: File) {
  file.value = chosen
  void send()
}
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms))

function upload(id: string, chosen: File): Promise<void> {
  const query = new URLSearchParams({ log: id, name: chosen.name.slice(0, 120) })
  for (const [name, value] of Object.entries(asked.value))
    if (value.trim()) query.set(name, value.trim())
  return new Promise((done, fail) => {
    const request = new XMLHttpRequest()
    request.open('POST', `/api/heaters/${props.heater}/pressure-logs?${query}`)
    request.setRequestHeader('Content-Type', 'text/csv')
    request.setRequestHeader('X-CSRF-Token', csrf())
    request.upload.onprogress = (event) => (share.value = (event.loaded / event.total) * 0.3)
    request.onerror = () => fail(new Problem(t('problem.fileAgain'), 0, 'offline'))
    request.onload = () =>
      request.status === 200
        ? done()
        : fail(problemFrom(request.status, JSON.parse(request.responseText || 'null')))
    request.send(chosen)
  })
}
const reading = ref('')
const stop = () => api.POST('/api/imports/{id}/stop', { params: { path: { id: reading.value } } })
async function send() {
  error.value = ''
  const id = (reading.value = uuid())
  share.value = 0
  try {
    await upload(id, file.value!)
    for (;;) {
      const now = await unwrap(api.GET('/api/pressure-logs/{id}', { params: { path: { id } } }))
      if (now.problem) throw problemFrom(now.problem.status, now.problem)
      if (now.log) return void (await router.push(`/pressure-logs/${id}`))
      share.value = 0.3 + now.share * 0.7
      await wait(250)
    }
  } catch (cause) {
    const { message, field, details } = asProblem(cause)
    error.value = message
    if (Array.isArray(details.columns)) columns.value = details.columns as string[]
    pointing.value = ['time', 'pressure', 'unit', 'date'].includes(field ?? '')
  } finally {
    share.value = null
  }
}
</script>

<template>
  <section class="panel stack">
    <div class="row between">
      <h2>{{ $t('log.title') }}</h2>
      <div class="row">
        <button v-if="!pointing" type="button" class="plain-button" @click="pointing = true">
          {{ $t('log.point') }}
        </button>
        <FileChooser
          name="log"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          :label="$t('log.add')"
          :disabled="share !== null"
          @chosen="choose"
        />
      </div>
    </div>
    <p class="soft small">{{ $t('log.lead') }}</p>
    <div v-if="share !== null" role="status">
      <progress :value="share" max="1">{{ Math.round(share * 100) }} %</progress>
      <span class="number small"
        >{{ Math.round(share * 100) }} %
        {{ share < 0.3 ? $t('log.sending') : $t('log.reading') }}</span
      >
      <button v-if="share >= 0.3" type="button" class="plain-button" @click="stop">
        {{ $t('data.stop') }}
      </button>
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <form v-if="pointing" class="row" @submit.prevent="send">
      <label v-for="name in ['time', 'pressure'] as const" :key="name" class="small"
        >{{ $t(`log.${name}`) }}
        <el-input v-model="asked[name]" :name="name" list="log-columns" />
      </label>
      <datalist id="log-columns">
        <option v-for="column in columns" :key="column" :value="column" />
      </datalist>
      <label class="small"
        >{{ $t('log.unit') }} <el-input v-model="asked.unit" name="unit" placeholder="psi"
      /></label>
      <label class="small"
        >{{ $t('log.day') }} <el-input v-model="asked.date" name="date" type="date"
      /></label>
      <el-button v-if="file" native-type="submit">{{ $t('log.again') }}</el-button>
    </form>
    <ul>
      <li v-for="log in logs" :key="log.id">
        <GradeMark :grade="log.worst as Grade" />
        <RouterLink :to="`/pressure-logs/${log.id}`">{{ log.name }}</RouterLink>
        <span class="soft small">{{ short(log.started_at ?? log.at) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
progress {
  width: min(320px, 60%);
  accent-color: var(--copper);
}
li {
  padding: 4px 0;
}
li a {
  display: inline-block;
  padding: 4px 0;
}
</style>
