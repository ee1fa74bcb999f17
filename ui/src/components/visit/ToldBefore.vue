<script setup lang="ts">
// What the household said before somebody came, marked as theirs: open until the work begins.
import type { Visit } from '@/api/client'
import { dateAndTime } from '@/format'

defineProps<{ visit: Visit }>()
</script>

<template>
  <details v-if="visit.told" class="told small" :open="visit.status === 'booked'">
    <summary>
      {{ $t('before.said') }} <span class="soft">({{ dateAndTime(visit.told.at) }})</span>
      <b v-if="visit.told.title"> {{ visit.told.title }}</b>
    </summary>
    <p v-if="visit.told.words">“{{ visit.told.words }}”</p>
    <p v-if="visit.told.temperature">
      {{ $t('before.measured', { value: visit.told.temperature }) }}
    </p>
    <p v-if="visit.told.pictures.length" class="pictures">
      <a
        v-for="one in visit.told.pictures"
        :key="one.id"
        :href="`/api/told-photos/${one.id}`"
        target="_blank"
        ><img :src="`/api/told-photos/${one.id}`" :alt="$t(`before.slot.${one.slot}`)"
      /></a>
    </p>
  </details>
</template>

<style scoped>
.told {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
  margin: 4px 0;
}
summary {
  min-height: 40px;
  cursor: pointer;
  align-content: center;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
img {
  height: 64px;
  width: 64px;
  object-fit: cover;
  border-radius: 6px;
}
</style>
