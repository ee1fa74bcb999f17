<script setup lang="ts">
// Where one stands now, by the device: instead of degrees that nobody knows.
import { ref } from 'vue'

const emit = defineEmits<{ found: [lat: number, lng: number] }>()
const can = 'geolocation' in navigator
const busy = ref(false)
const failed = ref(false)
/** Six figures after the point are a hand's breadth; five are a step. */
const round = (degrees: number) => Math.round(degrees * 1e5) / 1e5
function ask() {
  busy.value = true
  failed.value = false
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => {
      busy.value = false
      emit('found', round(coords.latitude), round(coords.longitude))
    },
    () => {
      busy.value = false
      failed.value = true
    },
    { enableHighAccuracy: true, timeout: 15_000, maximumAge: 60_000 },
  )
}
</script>

<template>
  <span v-if="can">
    <el-button :loading="busy" @click="ask">{{ $t('site.here') }}</el-button>
    <span v-if="failed" class="small" role="alert"> {{ $t('site.hereNot') }}</span>
  </span>
</template>
