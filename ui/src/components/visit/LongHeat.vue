<script setup lang="ts">
// A heating that takes hours: waited for, or its pressure read on a return visit.
import { computed } from 'vue'
import type { Visit } from '@/api/client'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ heat: NonNullable<Visit['outlay']['long_heat']> }>()
const { send } = useVisit()
const returns = computed(() => props.heat.decision === 'return')
const length = computed(() => {
  const minutes = Math.round(props.heat.seconds / 60)
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min`
})
const decide = (value: 'now' | 'return') => void send('decisions', { name: 'long_heat', value })
</script>

<template>
  <div class="panel long" role="note">
    <p>{{ $t(returns ? 'visit.heatsLater' : 'visit.heatsLong', { length }) }}</p>
    <button type="button" class="plain-button" @click="decide(returns ? 'now' : 'return')">
      {{ $t(returns ? 'visit.waitForHeat' : 'visit.returnForHeat') }}
    </button>
  </div>
</template>

<style scoped>
.long {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
  border-left: 5px solid var(--brass);
  margin-bottom: 12px;
}
.long p {
  margin: 0;
  flex: 1 1 16rem;
}
</style>
