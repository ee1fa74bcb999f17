<script setup lang="ts">
// What changed many entries by one press within a day and can be undone: of some kinds, where they
// are done.
import { computed, onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { dateAndTime } from '@/format'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ kinds: Schemas['Undoables'][number]['kind'][] }>()
const emit = defineEmits<{ undone: [] }>()
const all = ref<Schemas['Undoables']>([])
const { error, busy, run } = useRequest()
const shown = computed(() => all.value.filter((one) => props.kinds.includes(one.kind)))
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
  <section v-if="shown.length" class="stack">
    <h3>{{ $t('undo.title') }}</h3>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <ul>
      <li v-for="one in shown" :key="one.id" class="row between">
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
li {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
</style>
