<script setup lang="ts">
// Gas that did not light has to go before the next spark.
import type { GuideProps } from './props'

defineProps<GuideProps>()
</script>

<template>
  <p class="wait">{{ $t('guide.gasWait') }}</p>
</template>

<style scoped>
.wait {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 10px 12px;
  border-radius: 8px;
  font-weight: 700;
}
</style>
