<script setup lang="ts">
// How far the reading of a file is, and a way to have it stopped.
import { ref } from 'vue'
import { api } from '@/api/client'

const props = defineProps<{ share: number; import: string }>()
const stopping = ref(false)
async function stop() {
  stopping.value = true
  await api.POST('/api/imports/{id}/stop', { params: { path: { id: props.import } } })
}
</script>

<template>
  <p class="row">
    <progress :value="share" max="1">{{ Math.round(share * 100) }} %</progress>
    <el-button :loading="stopping" @click="stop">{{ $t('data.stop') }}</el-button>
  </p>
</template>
