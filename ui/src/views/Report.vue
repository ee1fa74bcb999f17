<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import { api, unwrap, uuid, type Report, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import PageLanguage from '@/components/common/PageLanguage.vue'
import ReportSheet from '@/components/report/ReportSheet.vue'
import { setLocale } from '@/i18n'
import { shortDate as short } from '@/format'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ id: string }>()
const report = ref<Report | null>(null)
const links = ref<Schemas['Links']>([])
const { error, run } = useRequest()
const told = ref('')
const sharing = ref(false)
const amending = ref(false)
const mail = ref('')
const form = ref({ reason: '', text: '' })
/** The page in a language; the firm's own people read it in English until somebody chooses. */
const read = (language?: Report['language']) =>
  run(async () => {
    const params = { path: { id: props.id }, query: language ? { language } : {} }
    report.value = await unwrap(api.GET('/api/visits/{id}/report', { params }))
    mail.value ||= report.value.email ?? ''
    setLocale(report.value.units ?? 'us')
  })
onMounted(() => read())
onUnmounted(() => setLocale(report.value?.units ?? 'us'))
function attempt(action: () => Promise<void>) {
  told.value = ''
  return run(action)
}
const load = async () =>
  (links.value = await unwrap(
    api.GET('/api/visits/{id}/links', { params: { path: { id: props.id } } }),
  ))
const share = () => attempt(async () => void (await load(), (sharing.value = true)))
const link = () =>
  attempt(async () => {
    const made = await write(
      '/api/visits/{id}/links',
      { id: props.id },
      {
        id: uuid(),
        days: 30,
      },
    )
    told.value = made.url
    await navigator.clipboard?.writeText(made.url).catch(() => undefined)
    await load()
  })
const send = () =>
  attempt(async () => {
    await write(
      '/api/outbox/reports',
      {},
      {
        id: uuid(),
        visit: props.id,
        recipient: mail.value,
        days: 30,
      },
    )
    told.value = 'outbox'
    await load()
  })
const end = (id: string) =>
  attempt(async () => void (links.value = await write('/api/links/{id}/revoke', { id: id }, {})))
const amend = () =>
  attempt(async () => {
    report.value = await write(
      '/api/visits/{id}/amendments',
      { id: props.id },
      {
        id: uuid(),
        ...form.value,
      },
    )
    amending.value = false
  })
const print = () => window.print()
</script>

<template>
  <p v-if="error && !sharing && !amending" class="page" role="alert">{{ error }}</p>
  <div v-if="report" class="page">
    <div class="row between no-print tools">
      <RouterLink :to="`/visits/${id}`">{{ $t('report.back') }}</RouterLink>
      <div class="row">
        <template v-if="report.signed_at">
          <button class="plain-button" type="button" @click="amending = true">
            {{ $t('report.amend') }}
          </button>
          <button class="plain-button" type="button" @click="share">
            {{ $t('report.share') }}
          </button>
          <a
            class="plain-button"
            :href="`/api/visits/${id}/tag.pdf?language=${report.language ?? 'en'}`"
            target="_blank"
            rel="noopener"
            >{{ $t('report.tag') }}</a
          >
        </template>
        <a class="plain-button" :href="`/api/visits/${id}/visit.json`" download>{{
          $t('outbox.eml')
        }}</a>
        <button class="plain-button" type="button" @click="print">{{ $t('report.print') }}</button>
        <PageLanguage :language="report.language" :languages="report.languages" @chosen="read" />
        <a
          class="pdf"
          :href="`/api/visits/${id}/report.pdf?language=${report.language ?? 'en'}`"
          target="_blank"
          rel="noopener"
          >{{ $t('report.pdf') }}</a
        >
        <a
          v-if="report.photos.length"
          class="plain-button"
          :href="`/api/visits/${id}/report.pdf?language=${report.language ?? 'en'}&photos=true`"
          target="_blank"
          rel="noopener"
          >{{ $t('report.withPhotos') }}</a
        >
      </div>
    </div>
    <ReportSheet :report="report" />
    <el-dialog
      append-to-body
      v-model="sharing"
      :title="$t('report.share')"
      width="min(560px, 94vw)"
    >
      <div class="stack">
        <p>{{ $t('report.shareLead') }}</p>
        <div class="row">
          <el-button type="primary" @click="link">{{ $t('report.newLink') }}</el-button>
        </div>
        <p v-if="told && told !== 'outbox'" role="status" class="number url">{{ told }}</p>
        <form class="row" @submit.prevent="send">
          <label
            >{{ $t('report.mailTo')
            }}<el-input v-model="mail" type="email" name="recipient" /></label
          ><el-button native-type="submit" :disabled="!mail.trim()">{{
            $t('report.toOutbox')
          }}</el-button>
        </form>
        <p v-if="told === 'outbox'" role="status">
          {{ $t('report.inOutbox') }} <RouterLink to="/outbox">{{ $t('outbox.title') }}</RouterLink>
        </p>
        <p v-if="error" role="alert">{{ error }}</p>
        <ul>
          <li v-for="one in links" :key="one.id" class="row between">
            <span class="small"
              >{{ $t(`report.link.${one.state}`, { on: short(one.expires_at) }) }} ·
              {{ $t('report.views', one.views) }}</span
            ><button
              v-if="one.state === 'open'"
              type="button"
              class="plain-button"
              @click="end(one.id)"
            >
              {{ $t('report.endLink') }}
            </button>
          </li>
        </ul>
      </div>
    </el-dialog>
    <el-dialog
      append-to-body
      v-model="amending"
      :title="$t('report.amend')"
      width="min(560px, 94vw)"
    >
      <form class="stack" @submit.prevent="amend">
        <p>{{ $t('report.amendLead') }}</p>
        <label
          >{{ $t('report.amendText') }}<el-input v-model="form.text" type="textarea" name="text"
        /></label>
        <label>{{ $t('owed.reason') }}<el-input v-model="form.reason" name="reason" /></label>
        <p v-if="error" role="alert">{{ error }}</p>
        <el-button
          type="primary"
          native-type="submit"
          :disabled="!form.text.trim() || !form.reason.trim()"
          >{{ $t('owed.keep') }}</el-button
        >
      </form>
    </el-dialog>
  </div>
</template>

<style scoped>
.tools {
  margin-bottom: 12px;
}
.pdf {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 18px;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  text-decoration: none;
  font-weight: 700;
}
.url {
  overflow-wrap: anywhere;
}
</style>
