<script setup lang="ts">
// What the customer rang for, and, where that was an emergency, what comes first.
import type { Visit } from '@/api/client'

defineProps<{ visit: Visit }>()
</script>

<template>
  <p
    v-if="visit.complaint"
    class="small"
    :class="{ first: visit.complaint.advice }"
    :role="visit.complaint.advice ? 'alert' : undefined"
  >
    {{ $t('complaint.rang') }}:
    <b>{{ [visit.complaint.title, visit.complaint.words].filter(Boolean).join(' – ') }}</b>
    <template v-if="visit.complaint.advice">. {{ $t('complaint.first') }}</template>
  </p>
</template>

<style scoped>
.first {
  color: var(--danger);
}
</style>
