<script setup lang="ts">
// What changed many entries by one press within a day – a file that was taken in, customers put
// together, something moved – and can be undone.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { dateAndTime } from '@/format'
import { useRequest } from '@/composables/useRequest'

const emit = defineEmits<{ undone: [] }>()
const all = ref<Schemas['Undoables']>([])
const { error, busy, run } = useRequest()
const load = async () => (all.value = (await api.GET('/api/undoables')).data ?? [])
onMounted(load)
defineExpose({ load })
const undo = (id: string) =>
  run(async () => {
    all.value = await unwrap(api.POST('/api/undoables/{id}/undo', { params: { path: { id } } }))
    emit('undone')
  })
</script>

<template>
  <section v-if="all.length" class="stack">
    <h3>{{ $t('undo.title') }}</h3>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <ul>
      <li v-for="one in all" :key="one.id" class="row between">
        <span
          ><b>{{ $t(`undo.${one.kind}`) }}</b> {{ one.title }}
          <span class="soft small">{{ one.by }}, {{ dateAndTime(one.at) }}</span></span
        >
        <el-button :loading="busy" @click="undo(one.id)">{{ $t('undo.go') }}</el-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.error {
  color: var(--danger);
}
</style>
