<script setup lang="ts">
// On a page of what only the office has, while there is no line: what there is without one.
import { ref } from 'vue'
import { line, tryAgain } from '@/pocket/office'

const emit = defineEmits<{ back: [] }>()
const busy = ref(false)
async function again() {
  busy.value = true
  await tryAgain()
  busy.value = false
  if (!line.away) emit('back')
}
</script>

<template>
  <aside class="panel stack no-line" role="status">
    <div class="row between">
      <b>{{ $t('noLine.title') }}</b>
      <el-button :loading="busy" @click="again">{{ $t('noLine.again') }}</el-button>
    </div>
    <span>{{ $t('noLine.lead') }}</span>
    <nav class="row" :aria-label="$t('noLine.title')">
      <RouterLink to="/">{{ $t('noLine.today') }}</RouterLink>
      <RouterLink to="/unsent">{{ $t('noLine.unsent') }}</RouterLink>
      <RouterLink to="/faults">{{ $t('app.faults') }}</RouterLink>
      <RouterLink to="/calculators">{{ $t('app.calculators') }}</RouterLink>
    </nav>
  </aside>
</template>

<style scoped>
.no-line {
  width: min(1200px, 100% - 24px);
  margin: 12px auto;
  border-left: 4px solid var(--watch);
}
.no-line a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  padding-right: 14px;
}
</style>
