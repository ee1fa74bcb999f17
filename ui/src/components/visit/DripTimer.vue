<script setup lang="ts">
// The watch of an attended step: starts by itself, goes on through a reload, sounds when it is
// over.
import { onMounted } from 'vue'
import TimerRing from './TimerRing.vue'
import { useTimer } from '@/composables/useTimer'

const props = defineProps<{ seconds: number; name: string }>()
const timer = useTimer(props.name)
onMounted(() => !timer.running.value && timer.start(props.seconds))
</script>

<template>
  <div class="timer">
    <TimerRing :left="timer.left.value" :total="seconds" :over="timer.over.value" />
    <button type="button" class="plain-button" @click="timer.start(seconds)">
      {{ $t('visit.timer') }}
    </button>
  </div>
</template>

<style scoped>
.timer {
  display: flex;
  align-items: center;
  gap: 16px;
}
</style>
