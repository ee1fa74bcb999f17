<script setup lang="ts">
// What a customer sees who was sent a link: the page, and the way to its PDF. Nobody signs in here.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Report } from '@/api/client'
import ReportSheet from '@/components/common/ReportSheet.vue'
import { setLocale } from '@/i18n'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ token: string }>()
const report = ref<Report | null>(null)
const { error, run } = useRequest()
onMounted(async () => {
  await run(async () => {
    report.value = await unwrap(
      api.GET('/api/shared/{token}', { params: { path: { token: props.token } } }),
    )
    setLocale(report.value.units ?? 'us')
  })
})
</script>

<template>
  <div class="page stack">
    <p v-if="error" class="panel" role="alert">{{ error }}</p>
    <template v-if="report">
      <p class="no-print">
        <a
          class="plain-button"
          :href="`/api/shared/${token}/report.pdf`"
          target="_blank"
          rel="noopener"
          >{{ $t('report.pdf') }}</a
        >
      </p>
      <ReportSheet :report="report" />
    </template>
  </div>
</template>
