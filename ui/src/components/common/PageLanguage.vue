<script setup lang="ts">
// In which language the customer reads the page: each is named in its own words.
import { type Report } from '@/api/client'

type Language = NonNullable<Report['language']>
defineProps<{ language?: Language; languages: Report['languages'] }>()
const emit = defineEmits<{ chosen: [Language] }>()
</script>

<template>
  <span class="row" role="group" aria-label="Language · Idioma · Langue">
    <button
      v-for="{ id, name } in languages"
      :key="id"
      type="button"
      class="plain-button"
      :lang="id"
      :aria-pressed="language === id"
      @click="emit('chosen', id)"
    >
      {{ name }}
    </button>
  </span>
</template>

<style scoped>
[aria-pressed='true'] {
  font-weight: 700;
  border-color: var(--copper);
  background: var(--copper-soft);
}
</style>
