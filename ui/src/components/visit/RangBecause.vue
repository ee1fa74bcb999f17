<script setup lang="ts">
// What the customer rang for, and, where that was an emergency, what comes first.
import type { Schemas } from '@/api/client'

defineProps<{ complaint?: Schemas['Complaint'] }>()
</script>

<template>
  <p
    v-if="complaint"
    class="small"
    :class="{ first: complaint.advice }"
    :role="complaint.advice ? 'alert' : undefined"
  >
    {{ $t('complaint.rang') }}:
    <b>{{ [complaint.title, complaint.words].filter(Boolean).join(' – ') }}</b>
    <template v-if="complaint.advice">. {{ $t('complaint.first') }}</template>
  </p>
</template>

<style scoped>
.first {
  color: var(--danger);
}
</style>
