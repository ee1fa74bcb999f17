<script setup lang="ts">
import { computed } from 'vue'
import type { Verdict } from '@/api/client'
import GradeMark from './GradeMark.vue'

const props = defineProps<{ verdict: Verdict; place?: boolean }>()
const dated = computed(() => props.verdict.due_in != null && ['danger', 'defect', 'watch'].includes(props.verdict.state))
</script>

<template>
  <div class="verdict" :class="verdict.state">
    <GradeMark :grade="verdict.state" word />
    <div>
      <p><b v-if="place">{{ verdict.place }}: </b>{{ verdict.text }}</p>
      <p v-if="verdict.remedy && verdict.state !== 'sound'" class="remedy">{{ verdict.remedy }} <span v-if="dated" class="due">{{ verdict.due_in ? $t('visit.by', { n: verdict.due_in }) : $t('visit.today') }}</span></p>
      <p class="soft small"><template v-if="verdict.because[0]?.limit">{{ $t('visit.limit') }} <span class="number">{{ verdict.because[0].limit }}</span> · </template>{{ verdict.because[0]?.source }}</p>
    </div>
  </div>
</template>

<style scoped>
.verdict { display: grid; grid-template-columns: 108px 1fr; gap: 8px; padding: 8px 10px; border-left: 5px solid currentColor; border-radius: 6px; background: var(--sunk); margin-top: 4px; }
.verdict > div { color: var(--ink); }
.danger { background: var(--danger-soft); border-color: var(--danger); }
.defect { background: var(--defect-soft); border-color: var(--defect); }
.watch { background: var(--watch-soft); border-color: var(--watch); }
.sound { background: var(--sound-soft); border-color: var(--sound); }
.not_tested, .advice { border-color: var(--untested); }
.remedy { font-weight: 700; }
.due { font-weight: 400; white-space: nowrap; border: 1px solid currentColor; border-radius: 12px; padding: 0 8px; font-size: 0.85rem; }
@media (max-width: 700px) { .verdict { grid-template-columns: 1fr; gap: 2px; } }
</style>
