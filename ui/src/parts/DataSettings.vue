<script setup lang="ts">
// Data out and in: backup and restore, the chain of seals, tables as CSV with a look before anything is taken over.
import { onMounted, ref } from 'vue'
import { api, csrf, must, Problem, problemFrom, type Schemas } from '@/api/client'
import { session } from '@/api/session'

const TABLES = ['customers', 'sites', 'heaters', 'readings', 'deficiencies'] as const
const owner = session.person?.role === 'owner'
const seals = ref<Schemas['Seals'] | null>(null)
const told = ref('')
const error = ref('')
const table = ref<(typeof TABLES)[number]>('customers')
const fates = ref<Schemas['TableFates'] | null>(null)
const file = ref<File | null>(null)
const backup = ref<File | null>(null)
const busy = ref(false)

async function attempt(action: () => Promise<void>) {
  error.value = ''
  told.value = ''
  busy.value = true
  try {
    await action()
  } catch (problem) {
    error.value = (problem as Problem).message
  } finally {
    busy.value = false
  }
}
async function send<T>(path: string, type: string, body: File): Promise<T> {
  const response = await fetch(path, { method: 'POST', headers: { 'Content-Type': type, 'X-CSRF-Token': csrf() }, body })
  const answer: unknown = await response.json()
  if (!response.ok) throw problemFrom(response.status, answer)
  return answer as T
}
onMounted(() => owner && attempt(async () => void (seals.value = await must(api.GET('/api/seals')))))
const chosen = (event: Event) => (event.target as HTMLInputElement).files?.[0] ?? null
const look = (event: Event) => attempt(async () => {
  file.value = chosen(event)
  ;(event.target as HTMLInputElement).value = ''
  if (file.value) fates.value = await send(`/api/tables/${table.value}/preview`, 'text/csv', file.value)
})
const take = () => attempt(async () => {
  fates.value = await send(`/api/tables/${table.value}`, 'text/csv', file.value!)
  told.value = 'data.imported'
  file.value = null
})
const restore = () => attempt(async () => {
  seals.value = await send('/api/restore', 'application/zip', backup.value!)
  told.value = 'data.restored'
  backup.value = null
})
const errors = () => `data:text/csv;charset=utf-8,${encodeURIComponent(fates.value?.errors ?? '')}`
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('data.title') }}</h2>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status"><b>{{ $t(told) }}</b></p>
    <div v-if="owner" class="stack">
      <h3>{{ $t('data.backup') }}</h3>
      <p class="soft small">{{ $t('data.backupLead') }}</p>
      <div class="row">
        <a class="plain-button" href="/api/backup.zip" download>{{ $t('data.make') }}</a>
        <label class="file"><input type="file" name="backup" accept=".zip,application/zip" @change="backup = chosen($event)" /><span>{{ $t('data.choose') }}</span></label>
        <template v-if="backup"><span class="small">{{ backup.name }}</span><el-button type="danger" :loading="busy" @click="restore">{{ $t('data.restore') }}</el-button></template>
      </div>
      <p class="soft small">{{ $t('data.bundleLead') }} <a href="/api/bundle.zip" download>{{ $t('data.bundle') }}</a></p>
      <p v-if="seals" class="small">{{ seals.problems.length ? $t('data.broken', { n: seals.problems.length }) : $t('data.whole', { n: seals.size }) }}</p>
      <ul v-if="seals?.problems.length"><li v-for="one in seals.problems.slice(0, 20)" :key="one" class="small">{{ one }}</li></ul>
    </div>
    <div class="stack">
      <h3>{{ $t('data.tables') }}</h3>
      <p class="soft small">{{ $t('data.tablesLead') }}</p>
      <div class="row">
        <el-select v-model="table" class="narrow" :aria-label="$t('data.tables')" @change="fates = null"><el-option v-for="one in TABLES" :key="one" :value="one" :label="$t(`data.table.${one}`)" /></el-select>
        <a class="plain-button" :href="`/api/tables/${table}/export.csv`" download>{{ $t('data.export') }}</a>
        <label class="file"><input type="file" name="table" accept=".csv,text/csv" @change="look" /><span>{{ $t('data.look') }}</span></label>
      </div>
      <template v-if="fates">
        <p role="status">{{ $t('data.fates', fates.counts) }} <a v-if="fates.errors" :href="errors()" download="errors.csv">{{ $t('data.errors') }}</a></p>
        <div class="rows"><table><tbody><tr v-for="row in fates.rows" :key="row.line" :class="row.fate"><td class="number">{{ row.line }}</td><td>{{ $t(`data.fate.${row.fate}`) }}</td><td>{{ row.text }}</td></tr></tbody></table></div>
        <el-button v-if="file" type="primary" :disabled="fates.counts.wrong > 0" :loading="busy" @click="take">{{ $t('data.import') }}</el-button>
      </template>
    </div>
  </section>
</template>

<style scoped>
.file input { position: absolute; opacity: 0; width: 1px; height: 1px; }
.file span { display: inline-flex; align-items: center; min-height: var(--touch); padding: 0 14px; border: 1px solid var(--line); border-radius: 8px; cursor: pointer; text-decoration: none; }
.file input:focus-visible + span { outline: 3px solid var(--copper); }
.narrow { width: 200px; }
.rows { max-height: 260px; overflow: auto; }
td { padding: 4px 10px 4px 0; border-bottom: 1px solid var(--line); }
.wrong td { color: var(--danger); }
</style>
