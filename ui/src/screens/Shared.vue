<script setup lang="ts">
// What a customer sees who was sent a link: the page, and the way to its PDF. Nobody signs in here.
import { onMounted, ref } from 'vue'
import { api, must, Problem, type Report } from '@/api/client'
import ReportSheet from '@/parts/ReportSheet.vue'
import { speak } from '@/words'

const props = defineProps<{ token: string }>()
const report = ref<Report | null>(null)
const error = ref('')
onMounted(async () => {
  try {
    report.value = await must(api.GET('/api/shared/{token}', { params: { path: { token: props.token } } }))
    speak(report.value.units ?? 'us')
  } catch (problem) {
    error.value = (problem as Problem).message
  }
})
</script>

<template>
  <div class="page stack">
    <p v-if="error" class="panel" role="alert">{{ error }}</p>
    <template v-if="report">
      <p class="no-print"><a class="plain-button" :href="`/api/shared/${token}/report.pdf`" target="_blank" rel="noopener">{{ $t('report.pdf') }}</a></p>
      <ReportSheet :report="report" />
    </template>
  </div>
</template>
