<script setup lang="ts">
// What earlier visits found in the way here, before anything is begun.
import { computed } from 'vue'
import type { Visit } from '@/api/client'

const props = defineProps<{ visit: Visit }>()
const met = computed(() => props.visit.in_the_way.map((one) => one.text))
</script>

<template>
  <p v-if="met.length && visit.status !== 'signed'" class="soft small in-the-way">
    {{ $t('next.left') }}: <b>{{ met.join('; ') }}</b>
  </p>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
