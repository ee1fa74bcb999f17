<script setup lang="ts">
// What a customer sees who was sent a link: the page, and the way to its PDF. Nobody signs in here.
import { computed, onMounted, ref } from 'vue'
import { api, unwrap, type Report } from '@/api/client'
import PageLanguage from '@/components/common/PageLanguage.vue'
import ReportSheet from '@/components/report/ReportSheet.vue'
import { setLocale } from '@/i18n'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ token: string }>()
const report = ref<Report | null>(null)
const { error, run } = useRequest()
const load = (language?: Report['language']) =>
  run(async () => {
    const params = { path: { token: props.token }, query: language ? { language } : {} }
    report.value = await unwrap(api.GET('/api/shared/{token}', { params }))
    setLocale(report.value.units ?? 'us')
  })
onMounted(() => load())
const as = (file: string) =>
  `/api/shared/${props.token}/${file}?language=${report.value?.language ?? 'en'}`
const pdf = computed(() => as('report.pdf'))
const plain = computed(() => as('page.html'))
</script>

<template>
  <div class="page stack">
    <p v-if="error" class="panel" role="alert">{{ error }}</p>
    <template v-if="report">
      <div class="row no-print">
        <a class="plain-button" :href="pdf" target="_blank" rel="noopener">{{
          $t('report.pdf')
        }}</a>
        <a class="plain-button" :href="plain" target="_blank" rel="noopener">{{
          $t('report.plain')
        }}</a>
        <PageLanguage :language="report.language" :languages="report.languages" @chosen="load" />
      </div>
      <ReportSheet :report="report" :photos="`/api/shared/${token}/photos`" />
    </template>
  </div>
</template>
