<script setup lang="ts">
import type { Verdict } from '@/api/client'
import GradeMark from './GradeMark.vue'

defineProps<{ verdict: Verdict; place?: boolean }>()
</script>

<template>
  <div class="verdict" :class="verdict.state">
    <GradeMark :grade="verdict.state" word />
    <div>
      <p><b v-if="place">{{ verdict.place }}: </b>{{ verdict.text }}</p>
      <p v-if="verdict.remedy && verdict.state !== 'sound'" class="remedy">{{ verdict.remedy }}</p>
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
@media (max-width: 700px) { .verdict { grid-template-columns: 1fr; gap: 2px; } }
</style>
