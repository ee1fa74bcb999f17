<script setup lang="ts">
// What is done at once where there is gas, CO or steam, and whom to call.
defineProps<{ lead: string; title: string; steps: string[]; numbers: string[] }>()
</script>

<template>
  <section class="advice" role="alert">
    <h3>{{ lead }}: {{ title }}</h3>
    <p v-for="one in numbers" :key="one">
      <b>{{ one }}</b>
    </p>
    <ol>
      <li v-for="step in steps" :key="step">{{ step }}</li>
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
