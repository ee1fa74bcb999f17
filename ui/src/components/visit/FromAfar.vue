<script setup lang="ts">
// Two touches for whoever has no hand free: read aloud, and large numbers.
import { aloud, hasVoice, large, say, setAloud, setLarge } from '@/composables/useFromAfar'

const props = defineProps<{ text: string }>()
function speak() {
  setAloud(!aloud.value)
  say(props.text)
}
</script>

<template>
  <div class="afar">
    <button
      v-if="hasVoice()"
      type="button"
      :aria-pressed="aloud"
      :aria-label="$t('afar.aloud')"
      :title="$t('afar.aloud')"
      @click="speak"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <path d="M3 8 H7 L12 4 V18 L7 14 H3 Z" fill="currentColor" />
        <path
          d="M14.5 7.5 A5 5 0 0 1 14.5 14.5 M17 5 A8.5 8.5 0 0 1 17 17"
          fill="none"
          stroke="currentColor"
          stroke-width="1.8"
          stroke-linecap="round"
        />
      </svg></button
    ><button
      type="button"
      :aria-pressed="large"
      :aria-label="$t('afar.large')"
      :title="$t('afar.large')"
      @click="setLarge(!large)"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <path
          d="M3 14 L5 12.5 V18 M9.5 7.5 L14 4 V18"
          fill="none"
          stroke="currentColor"
          stroke-width="2.2"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      </svg>
    </button>
  </div>
</template>

<style scoped>
.afar {
  display: flex;
  gap: 6px;
}
button {
  min-width: var(--touch);
  min-height: var(--touch);
  display: inline-flex;
  align-items: center;
  justify-content: center;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
  color: var(--ink-soft);
  font: inherit;
  cursor: pointer;
}
[aria-pressed='true'] {
  background: var(--copper-soft);
  border-color: var(--copper);
  color: var(--ink);
}
</style>
