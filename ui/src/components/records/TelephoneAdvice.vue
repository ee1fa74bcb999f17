<script setup lang="ts">
// What is said at once, on the telephone, to somebody who rings about gas, CO or steam.
import { computed } from 'vue'
import AdviceNow from '@/components/common/AdviceNow.vue'
import { emergency, emergencyNumbers } from '@/place'

const props = defineProps<{ advice: 'gas' | 'co' | 'steam' }>()
const page = computed(() => emergency.value[props.advice])
</script>

<template>
  <AdviceNow :lead="$t('complaint.sayNow')" v-bind="page" :numbers="emergencyNumbers" />
</template>
