<script setup lang="ts">
// Tables as CSV, out and in: what a file's columns are taken for, a look at each row's fate, and
// only then the taking over.
import { computed, ref } from 'vue'
import { api, asProblem, problemFrom, unwrap, uuid, type Schemas } from '@/api/client'
import { download } from '@/api/session'
import { send } from '@/api/upload'
import FileChooser from '@/components/common/FileChooser.vue'
import ReadingProgress from '@/components/common/ReadingProgress.vue'
import UndoList from '@/components/records/UndoList.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ tables: Schemas['Settings']['tables'] }>()
const { error, busy, run } = useRequest()
const told = ref('')
const undoable = ref<InstanceType<typeof UndoList> | null>(null)
function undone() {
  another()
  told.value = 'data.undone'
}
const table = ref('customers')
const onlyOut = computed(() => props.tables.find((one) => one.id === table.value)?.out ?? false)
const fates = ref<Schemas['TableFates'] | null>(null)
const file = ref<File | null>(null)
const share = ref<number | null>(null)
const reading = ref('')
/** The file's columns, ours, and which is taken for which; empty while nothing is open. */
const theirs = ref<string[]>([])
const ours = ref<string[]>([])
const taken = ref<Record<string, string>>({})

const rest = (ms: number) => new Promise((done) => setTimeout(done, ms))
/** Looked at, or taken over, on the server, which says meanwhile how far it is. */
async function runTable(what: 'preview' | 'import', chosen: File) {
  const id = (reading.value = uuid())
  const query = new URLSearchParams({ what, columns: JSON.stringify(taken.value) })
  await send(`/api/tables/${table.value}/imports/${id}?${query}`, 'text/csv', chosen)
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
function begin(chosen: File) {
  taken.value = {}
  theirs.value = []
  file.value = chosen
  void look()
}
const look = () =>
  run(async () => {
    told.value = ''
    fates.value = null
    try {
      fates.value = await runTable('preview', file.value!)
      theirs.value = []
    } catch (cause) {
      point(asProblem(cause).details)
      throw cause
    }
  })
/** Where the office cannot tell which column is which, a person says it. */
function point(details: Record<string, unknown>) {
  if (!Array.isArray(details.columns) || !Array.isArray(details.known)) return
  theirs.value = (details.columns as string[]).filter((name) => name !== '')
  ours.value = details.known as string[]
  const proposed = details.taken as Record<string, string | null>
  taken.value = Object.fromEntries(theirs.value.map((name) => [name, proposed[name] ?? '']))
}
const take = () =>
  run(async () => {
    fates.value = await runTable('import', file.value!)
    told.value = 'data.imported'
    file.value = null
    await undoable.value?.load()
  })
const errors = () => `data:text/csv;charset=utf-8,${encodeURIComponent(fates.value?.errors ?? '')}`
function another() {
  fates.value = null
  theirs.value = []
}
</script>

<template>
  <div class="stack">
    <h3>{{ $t('data.tables') }}</h3>
    <p class="soft small">{{ $t('data.tablesLead') }}</p>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
    </p>
    <div class="row">
      <el-select v-model="table" class="narrow" :aria-label="$t('data.tables')" @change="another"
        ><el-option v-for="one in tables" :key="one.id" :value="one.id" :label="one.title"
      /></el-select>
      <a
        class="plain-button"
        :href="`/api/tables/${table}/export.csv`"
        @click.prevent="download(`/api/tables/${table}/export.csv`)"
        >{{ $t('data.export') }}</a
      >
      <FileChooser
        v-if="!onlyOut"
        name="table"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        :label="$t('data.look')"
        @chosen="begin"
      />
    </div>
    <ReadingProgress v-if="share !== null" :share="share" :import="reading" />
    <form v-if="theirs.length" class="stack" @submit.prevent="look">
      <p class="small">{{ $t('data.point') }}</p>
      <label v-for="name in theirs" :key="name" class="row small"
        ><b class="theirs">{{ name }}</b>
        <el-select
          v-model="taken[name]"
          class="narrow"
          :aria-label="name"
          :placeholder="$t('data.leave')"
          ><el-option value="" :label="$t('data.leave')" /><el-option
            v-for="one in ours"
            :key="one"
            :value="one"
            :label="one" /></el-select
      ></label>
      <p>
        <el-button type="primary" native-type="submit" :loading="busy">{{
          $t('data.lookAgain')
        }}</el-button>
      </p>
    </form>
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
    <UndoList ref="undoable" :kinds="['import']" @undone="undone" />
  </div>
</template>

<style scoped>
.narrow {
  width: 220px;
}
.theirs {
  min-width: 180px;
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
