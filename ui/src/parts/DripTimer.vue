<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'

const props = defineProps<{ seconds: number }>()
const left = ref(props.seconds)
const over = ref(false)
let started = 0
let timer = 0

function tick() {
  left.value = Math.max(0, props.seconds - (Date.now() - started) / 1000)
  if (left.value > 0) return
  over.value = true
  clearInterval(timer)
  navigator.vibrate?.([200, 100, 200])
}
function start() {
  clearInterval(timer)
  over.value = false
  started = Date.now()
  timer = window.setInterval(tick, 100)
}
onMounted(start)
onBeforeUnmount(() => clearInterval(timer))
</script>

<template>
  <div class="timer" :class="{ over }" role="timer" :aria-label="`${Math.ceil(left)} s`">
    <svg width="86" height="86" viewBox="-43 -43 86 86" aria-hidden="true"><circle r="36" class="track" /><circle r="36" class="run" pathLength="1" :stroke-dasharray="`${left / seconds} 1`" transform="rotate(-90)" /><text y="9" text-anchor="middle">{{ Math.ceil(left) }}</text></svg>
    <button type="button" class="plain-button" @click="start">{{ $t('visit.timer') }}</button>
  </div>
</template>

<style scoped>
.timer { display: flex; align-items: center; gap: 16px; }
circle { fill: none; stroke-width: 7; }
.track { stroke: var(--sunk); }
.run { stroke: var(--copper); }
.over .track { stroke: var(--sound); }
text { font-family: var(--mono); font-size: 26px; fill: var(--ink); }
</style>
