<script setup lang="ts">
// What is said at once, on the telephone, to somebody who rings about gas, CO or steam.
import words from '@core/words/emergency.json'
import { computed } from 'vue'
import { emergencyNumbers } from '@/place'

const props = defineProps<{ advice: 'gas' | 'co' | 'steam' }>()
const page = computed(() => words[props.advice])
</script>

<template>
  <section class="advice" role="alert">
    <h3>{{ $t('complaint.sayNow') }}: {{ page.title }}</h3>
    <p v-for="one in emergencyNumbers" :key="one">
      <b>{{ one }}</b>
    </p>
    <ol>
      <li v-for="step in page.steps" :key="step">{{ step }}</li>
    </ol>
  </section>
</template>

<style scoped>
.advice {
  border: 2px solid var(--danger);
  border-radius: var(--radius);
  background: var(--danger-soft);
  padding: 10px 14px;
}
ol {
  margin: 6px 0 0;
  padding-left: 1.6em;
  list-style: decimal;
}
li {
  padding: 2px 0;
}
</style>
