<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'

const list = ref<Schemas['CalculationList']>([])
onMounted(async () => (list.value = await unwrap(api.GET('/api/calculations'))))
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('calculator.title') }}</h1>
    <p class="soft">{{ $t('calculator.lead') }}</p>
    <div class="cards">
      <RouterLink
        v-for="one in list"
        :key="one.id"
        class="panel card"
        :to="`/calculators/${one.id}`"
        ><b>{{ one.title }}</b
        ><span v-if="one.systems.length === 1" class="soft small">{{
          $t('calculator.onlyIn')
        }}</span></RouterLink
      >
    </div>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}
.card {
  color: var(--ink);
  text-decoration: none;
  min-height: var(--touch);
  display: grid;
  gap: 2px;
  align-content: center;
}
.card:hover {
  border-color: var(--copper);
}
</style>
