<script setup lang="ts">
// Whose page it is and for whom.
import type { Schemas } from '@/api/client'

defineProps<{ block: Schemas['LetterheadBlock']; logo?: string | null }>()
</script>

<template>
  <header>
    <div>
      <img v-if="logo" class="logo" :src="logo" alt="" />
      <b>{{ block.firm }}</b>
      <p class="soft small">{{ block.under }}</p>
    </div>
    <div class="customer">
      <b>{{ block.customer }}</b>
      <p v-for="line in block.lines" :key="line" class="soft small">{{ line }}</p>
    </div>
  </header>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px 20px;
  border-bottom: 2px solid var(--copper);
  padding-bottom: 10px;
}
header > div {
  min-width: 0;
  max-width: 100%;
}
p {
  margin: 0;
}
.customer {
  text-align: right;
}
.logo {
  display: block;
  max-width: 200px;
  max-height: 54px;
  margin-bottom: 6px;
}
@media (max-width: 800px) {
  header {
    flex-direction: column;
  }
  .customer {
    text-align: left;
  }
}
</style>
