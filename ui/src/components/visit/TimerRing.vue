<script setup lang="ts">
// A ring that empties: the seconds left, or how long something has lasted.
import { computed } from 'vue'

const props = defineProps<{ left: number; total: number; over?: boolean; label?: string }>()
const share = computed(() =>
  props.total > 0 ? Math.min(1, Math.max(0, props.left / props.total)) : 0,
)
</script>

<template>
  <svg
    class="ring"
    :class="{ over }"
    width="86"
    height="86"
    viewBox="-43 -43 86 86"
    role="timer"
    :aria-label="label ?? `${Math.ceil(left)} s`"
  >
    <circle r="36" class="track" />
    <circle
      r="36"
      class="run"
      pathLength="1"
      :stroke-dasharray="`${share} 1`"
      transform="rotate(-90)"
    />
    <text y="9" text-anchor="middle">{{ Math.ceil(left) }}</text>
  </svg>
</template>

<style scoped>
.ring {
  flex: none;
}
circle {
  fill: none;
  stroke-width: 7;
}
.track {
  stroke: var(--sunk);
}
.run {
  stroke: var(--copper);
}
.over .track {
  stroke: var(--sound);
}
text {
  font-family: var(--mono);
  font-size: 26px;
  fill: var(--ink);
}
</style>
