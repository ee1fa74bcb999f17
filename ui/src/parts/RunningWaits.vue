<script setup lang="ts">
// Timers of what runs by itself; they end by the clock, whatever happened to the page meanwhile.
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { Visit } from '@/api/client'

const props = defineProps<{ waits: Visit['running'] }>()
const emit = defineEmits<{ over: [operation: string]; end: [] }>()
const now = ref(Date.now())
let timer = 0
onMounted(
  () =>
    (timer = window.setInterval(() => {
      now.value = Date.now()
      if (props.waits.some((wait) => Math.abs(new Date(wait.ends_at).getTime() - now.value) < 500)) window.setTimeout(() => emit('end'), 700)
    }, 1000)),
)
onBeforeUnmount(() => clearInterval(timer))
const left = (ends: string) => {
  const seconds = Math.max(0, Math.round((new Date(ends).getTime() - now.value) / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
</script>

<template>
  <ul class="waits">
    <li v-for="wait in waits" :key="wait.operation">
      <span class="number clock">{{ left(wait.ends_at) }}</span>
      <span><b>{{ wait.label }}</b><br /><span class="soft small">{{ $t('visit.running') }}</span></span>
      <button type="button" class="plain-button" @click="emit('over', wait.operation)">{{ $t('visit.over') }}</button>
    </li>
  </ul>
</template>

<style scoped>
.waits { margin-bottom: 10px; display: grid; gap: 8px; }
.waits li { display: grid; grid-template-columns: auto 1fr auto; gap: 14px; align-items: center; background: var(--raised); border: 1px dashed var(--ink-soft); border-radius: var(--radius); padding: 8px 14px; }
.clock { font-size: 1.5rem; }
</style>
