<script setup lang="ts">
// Data out and in: backup and restore, the chain of seals, tables.
import { onMounted, ref } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/api/client'
import { download, may } from '@/api/session'
import { send } from '@/api/upload'
import FileChooser from '@/components/common/FileChooser.vue'
import DataTables from './DataTables.vue'
import { useRequest } from '@/composables/useRequest'

defineProps<{ tables: Schemas['Settings']['tables'] }>()
const owner = may('backup')
const seals = ref<Schemas['Seals'] | null>(null)
const told = ref('')
const { error, busy, run } = useRequest()
const backup = ref<File | null>(null)

function attempt(action: () => Promise<void>) {
  told.value = ''
  return run(action)
}
onMounted(
  () =>
    owner &&
    attempt(async () => {
      seals.value = await unwrap(api.GET('/api/seals'))
      place.value = seals.value.place ?? ''
    }),
)
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
    const ended = seals.value?.ended
    stays.value =
      ended && (ended.people.length || ended.tokens || ended.links || ended.customers)
        ? ended
        : null
    told.value = 'data.restored'
    backup.value = null
    given.value = ''
  })
/** What the backup would have brought back, and stays ended. */
const stays = ref<Schemas['Seals']['ended'] | null>(null)
const given = ref('')
/** The passphrase of all backups and exports from now on; empty: they are not encrypted. */
const passphrase = ref('')
const setPassphrase = (text: string | null) =>
  attempt(async () => {
    const body = { passphrase: text }
    seals.value = await unwrap(api.PUT('/api/settings/backup', { body }))
    passphrase.value = ''
  })
/** Another folder of the machine that each night's backup goes to. */
const place = ref('')
const keepPlace = () =>
  attempt(async () => {
    const body = { place: place.value.trim() || null }
    seals.value = await unwrap(api.PUT('/api/settings/backup', { body }))
    place.value = seals.value.place ?? ''
    told.value = 'firm.kept'
  })
const repair = () =>
  attempt(async () => {
    seals.value = await unwrap(api.POST('/api/seals/repair'))
  })
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('data.title') }}</h2>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="told" role="status">
      <b>{{ $t(told) }}</b>
      <template v-if="stays && told === 'data.restored'">
        {{
          $t('data.staysEnded', {
            people: stays.people.join(', ') || '–',
            tokens: stays.tokens,
            links: stays.links,
            customers: stays.customers,
          })
        }}
      </template>
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
      <form v-if="seals" id="place" class="row" @submit.prevent="keepPlace">
        <label class="stack"
          >{{ $t('data.place')
          }}<el-input v-model="place" class="phrase" name="backup-place" placeholder="/mnt/backup"
        /></label>
        <el-button native-type="submit" :loading="busy">{{ $t('firm.keep') }}</el-button>
        <span class="soft small">{{ $t('data.placeLead') }}</span>
      </form>
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
    <DataTables id="tables" :tables="tables" />
  </section>
</template>

<style scoped>
.phrase {
  width: 340px;
}
</style>
