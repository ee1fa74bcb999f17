<script setup lang="ts">
// Data out and in: backup and restore, the chain of seals, tables as CSV with a look before
// anything is taken over.
import { onMounted, ref } from 'vue'
import { api, csrf, Problem, problemFrom, unwrap, uuid, type Schemas } from '@/api/client'
import { freshly } from '@/api/fresh'
import { download, may } from '@/api/session'
import FileChooser from '@/components/common/FileChooser.vue'
import { useRequest } from '@/composables/useRequest'

defineProps<{ tables: Schemas['Settings']['tables'] }>()
const owner = may('backup')
const seals = ref<Schemas['Seals'] | null>(null)
const told = ref('')
const { error, busy, run } = useRequest()
const table = ref('customers')
const fates = ref<Schemas['TableFates'] | null>(null)
const file = ref<File | null>(null)
const backup = ref<File | null>(null)

function attempt(action: () => Promise<void>) {
  told.value = ''
  return run(action)
}
async function send<T>(
  path: string,
  type: string,
  body: File,
  more: Record<string, string> = {},
): Promise<T> {
  const response = await freshly(() =>
    fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': type, 'X-CSRF-Token': csrf(), ...more },
      body,
    }),
  )
  const answer: unknown = await response.json()
  if (!response.ok) throw problemFrom(response.status, answer)
  return answer as T
}
onMounted(
  () => owner && attempt(async () => void (seals.value = await unwrap(api.GET('/api/seals')))),
)
const share = ref<number | null>(null)
const rest = (ms: number) => new Promise((done) => setTimeout(done, ms))
/** Looked at, or taken over, on the server, which says meanwhile how far it is. */
async function runTable(what: 'preview' | 'import', chosen: File) {
  const id = uuid()
  await send(`/api/tables/${table.value}/imports/${id}?what=${what}`, 'text/csv', chosen)
  try {
    for (;;) {
      const now = await unwrap(api.GET('/api/table-imports/{id}', { params: { path: { id } } }))
      if (now.problem) throw problemFrom(now.problem.status, now.problem)
      if (now.fates) return now.fates
      share.value = now.share
      await rest(300)
    }
  } finally {
    share.value = null
  }
}
const look = (chosen: File) =>
  attempt(async () => {
    file.value = chosen
    fates.value = await runTable('preview', chosen)
  })
const take = () =>
  attempt(async () => {
    fates.value = await runTable('import', file.value!)
    told.value = 'data.imported'
    file.value = null
  })
/** A backup whose chain of seals is broken is refused first, and restored when that is known. */
const brokenChain = ref(false)
const restore = () =>
  attempt(async () => {
    const path = brokenChain.value ? '/api/restore?even_broken=true' : '/api/restore'
    try {
      const more = given.value ? { 'X-Passphrase': given.value } : undefined
      seals.value = await send(path, 'application/zip', backup.value!, more)
    } catch (problem) {
      brokenChain.value = problem instanceof Problem && problem.code === 'broken_chain'
      throw problem
    }
    brokenChain.value = false
    told.value = 'data.restored'
    backup.value = null
    given.value = ''
  })
const given = ref('')
/** The passphrase of all backups and exports from now on; empty: they are not encrypted. */
const passphrase = ref('')
const setPassphrase = (text: string | null) =>
  attempt(async () => {
    const body = { passphrase: text }
    seals.value = await unwrap(api.PUT('/api/settings/backup', { body }))
    passphrase.value = ''
  })
const repair = () =>
  attempt(async () => {
    seals.value = await unwrap(api.POST('/api/seals/repair'))
  })
const errors = () => `data:text/csv;charset=utf-8,${encodeURIComponent(fates.value?.errors ?? '')}`
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('data.title') }}</h2>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
    </p>
    <div v-if="owner" class="stack">
      <h3>{{ $t('data.backup') }}</h3>
      <p class="soft small">{{ $t('data.backupLead') }}</p>
      <div class="row">
        <a
          class="plain-button"
          href="/api/backup.zip"
          @click.prevent="download('/api/backup.zip')"
          >{{ $t('data.make') }}</a
        >
        <FileChooser
          name="backup"
          accept=".zip,.age,application/zip"
          :label="$t('data.choose')"
          @chosen="backup = $event"
        />
        <template v-if="backup"
          ><span class="small">{{ backup.name }}</span>
          <el-input
            v-if="backup.name.endsWith('.age')"
            v-model="given"
            class="phrase"
            type="password"
            :placeholder="$t('data.itsPassphrase')"
            :aria-label="$t('data.itsPassphrase')"
          /><el-button type="danger" :loading="busy" @click="restore">{{
            $t(brokenChain ? 'data.restoreBroken' : 'data.restore')
          }}</el-button></template
        >
      </div>
      <div v-if="seals" class="row">
        <b class="small">{{ $t(seals.encrypted ? 'data.encrypted' : 'data.notEncrypted') }}</b>
        <el-input
          v-model="passphrase"
          class="phrase"
          type="password"
          autocomplete="new-password"
          :placeholder="$t('data.passphrase')"
          :aria-label="$t('data.passphrase')"
        />
        <el-button :disabled="passphrase.length < 12" @click="setPassphrase(passphrase)">{{
          $t('data.encrypt')
        }}</el-button>
        <button
          v-if="seals.encrypted"
          type="button"
          class="plain-button"
          @click="setPassphrase(null)"
        >
          {{ $t('data.noMore') }}
        </button>
        <span class="soft small">{{ $t('data.passphraseLead') }}</span>
      </div>
      <p class="soft small">
        {{ $t('data.bundleLead') }}
        <a href="/api/bundle.zip" @click.prevent="download('/api/bundle.zip')">{{
          $t('data.bundle')
        }}</a>
      </p>
      <p v-if="seals" class="small">
        {{
          seals.problems.length
            ? $t('data.broken', { n: seals.problems.length })
            : $t('data.whole', { n: seals.size })
        }}
        {{ seals.before ? $t('data.before', { n: seals.before }) : '' }}
      </p>
      <ul v-if="seals?.problems.length">
        <li v-for="one in seals.problems.slice(0, 20)" :key="one" class="small">{{ one }}</li>
      </ul>
      <p v-if="seals?.problems.length" class="row">
        <span class="soft small">{{ $t('data.repairLead') }}</span>
        <el-button :loading="busy" @click="repair">{{ $t('data.repair') }}</el-button>
      </p>
    </div>
    <div class="stack">
      <h3>{{ $t('data.tables') }}</h3>
      <p class="soft small">{{ $t('data.tablesLead') }}</p>
      <div class="row">
        <el-select
          v-model="table"
          class="narrow"
          :aria-label="$t('data.tables')"
          @change="fates = null"
          ><el-option v-for="one in tables" :key="one.id" :value="one.id" :label="one.title"
        /></el-select>
        <a
          class="plain-button"
          :href="`/api/tables/${table}/export.csv`"
          @click.prevent="download(`/api/tables/${table}/export.csv`)"
          >{{ $t('data.export') }}</a
        >
        <FileChooser name="table" accept=".csv,text/csv" :label="$t('data.look')" @chosen="look" />
      </div>
      <progress v-if="share !== null" :value="share" max="1">
        {{ Math.round(share * 100) }} %
      </progress>
      <template v-if="fates">
        <p role="status">
          {{ $t('data.fates', fates.counts) }}
          <a v-if="fates.errors" :href="errors()" download="errors.csv">{{ $t('data.errors') }}</a>
        </p>
        <div class="rows">
          <table>
            <tbody>
              <tr v-for="row in fates.rows" :key="row.line" :class="row.fate">
                <td class="number">{{ row.line }}</td>
                <td>{{ $t(`data.fate.${row.fate}`) }}</td>
                <td>{{ row.text }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <el-button
          v-if="file"
          type="primary"
          :disabled="fates.counts.wrong > 0"
          :loading="busy"
          @click="take"
          >{{ $t('data.import') }}</el-button
        >
      </template>
    </div>
  </section>
</template>

<style scoped>
.narrow {
  width: 200px;
}
.phrase {
  width: 340px;
}
.rows {
  max-height: 260px;
  overflow: auto;
}
td {
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--line);
}
.wrong td {
  color: var(--danger);
}
</style>
