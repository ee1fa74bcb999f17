<script setup lang="ts">
// The heater in section beside its ladder.
import type { Report, Schemas } from '@/api/client'
import SafetyLadder from '@/components/charts/SafetyLadder.vue'
import SectionDrawing from '@/components/charts/SectionDrawing.vue'

defineProps<{ block: Schemas['DrawingBlock']; report: Report }>()
</script>

<template>
  <section class="together">
    <h2>{{ block.title }}</h2>
    <div class="two">
      <SectionDrawing :section="report.section" :parts="report.parts" :marks="report.marks" />
      <SafetyLadder :ladder="report.ladder" :noted="false" />
    </div>
    <p v-if="block.caption" class="small">{{ block.caption }}</p>
  </section>
</template>
