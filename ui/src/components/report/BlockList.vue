<script setup lang="ts">
// A list under its title.
import type { Schemas } from '@/api/client'

defineProps<{ list: { title: string; lines: Schemas['ListLines'] } }>()
</script>

<template>
  <section>
    <h2>{{ list.title }}</h2>
    <ul>
      <li v-for="line in list.lines" :key="line.lead + line.text">
        <b v-if="line.lead">{{ line.lead }}: </b>{{ line.text }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 3px 0 3px 14px;
  position: relative;
}
li::before {
  content: '–';
  position: absolute;
  left: 0;
}
</style>
