<script setup lang="ts">
// One answer that stands, as it was asked, and the way to take it back.
import type { Schemas } from '@/api/client'
import { useVisit } from '@/composables/useVisit'

defineProps<{ answer: Schemas['Answer']; locked?: boolean }>()
const { takeBack } = useVisit()
</script>

<template>
  <p class="answer">
    <span
      ><span class="soft">{{ answer.ask }} –</span> <b>{{ answer.text }}</b></span
    >
    <button
      v-if="!locked"
      type="button"
      class="link"
      :aria-label="`${$t('takeBack.do')}: ${answer.ask}`"
      @click="takeBack(answer.id)"
    >
      {{ $t('takeBack.do') }}
    </button>
  </p>
</template>

<style scoped>
.answer {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  font-size: 0.9rem;
  min-width: 0;
}
.answer > span {
  min-width: 0;
  overflow-wrap: anywhere;
}
.link {
  flex: none;
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  min-height: var(--touch);
  cursor: pointer;
  padding: 0 4px;
}
</style>
