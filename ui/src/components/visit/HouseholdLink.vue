<script setup lang="ts">
// The link by which a household says what it sees before somebody comes: shown, and copied.
import { ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ id: string }>()
const link = ref('')
const { error, busy, run } = useRequest()
const get = () =>
  run(async () => {
    const params = { path: { id: props.id } }
    link.value = (await unwrap(api.GET('/api/visits/{id}/before', { params }))).link
    await navigator.clipboard?.writeText(link.value).catch(() => {})
  })
</script>

<template>
  <el-button size="large" :loading="busy" @click="get">{{ $t('before.link') }}</el-button>
  <span v-if="link" class="link small" role="status">{{ link }}</span>
  <span v-if="error" role="alert">{{ error }}</span>
</template>

<style scoped>
.link {
  display: block;
  overflow-wrap: anywhere;
  margin-top: 8px;
}
</style>
