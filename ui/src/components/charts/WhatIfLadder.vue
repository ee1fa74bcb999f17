<script setup lang="ts">
// The ladder while it happens: what stands in the tank climbs past the rungs, stage after stage,
// as the time is moved.
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import type { LinePicture } from '@/api/pictures'

const props = defineProps<{ picture: LinePicture; stages: Schemas['Tiers']['stages'] }>()
const at = ref(0)
let ticking = 0
const playing = ref(false)
const end = computed(() =>
  Math.max(...props.picture.series.flatMap((one) => one.points.map((point) => point[0]!))),
)
const most = computed(
  () =>
    Math.max(
      ...props.picture.levels!.map((one) => one.at),
      ...props.picture.series.flatMap((one) => one.points.map((point) => point[1]!)),
    ) * 1.08,
)
const least = computed(() =>
  Math.min(0, ...props.picture.series.flatMap((one) => one.points.map((point) => point[1]!))),
)
const stage = computed(() =>
  Math.max(
    0,
    props.picture.series.findIndex((one) => one.points[one.points.length - 1]![0]! >= at.value),
  ),
)
const value = computed(() => {
  const points = props.picture.series[stage.value]!.points
  const after = points.findIndex((point) => point[0]! >= at.value)
  if (after <= 0) return points[Math.max(0, after)]![1]!
  const [x0, y0] = points[after - 1]! as [number, number]
  const [x1, y1] = points[after]! as [number, number]
  return y0 + ((y1 - y0) * (at.value - x0)) / Math.max(x1 - x0, 1e-9)
})
const y = (amount: number) => 232 - ((amount - least.value) / (most.value - least.value)) * 214
const reached = (level: number) => value.value >= level
function play() {
  playing.value = !playing.value
  clearInterval(ticking)
  if (!playing.value) return
  if (at.value >= end.value) at.value = 0
  ticking = window.setInterval(() => {
    at.value = Math.min(end.value, at.value + end.value / 240)
    if (at.value >= end.value) play()
  }, 50)
}
watch(
  () => props.picture,
  () => (at.value = 0),
)
onBeforeUnmount(() => clearInterval(ticking))
</script>

<template>
  <div class="moving">
    <svg
      viewBox="0 0 250 246"
      role="img"
      :aria-label="`${stages[stage]?.title}: ${value.toFixed(0)} ${picture.y.unit}`"
    >
      <line x1="42" x2="42" y1="14" y2="236" class="rail" />
      <line x1="58" x2="58" y1="14" y2="236" class="rail" />
      <rect x="44" width="12" :y="y(value)" :height="Math.max(0, 236 - y(value))" class="column" />
      <g v-for="level in picture.levels" :key="level.label" :class="{ reached: reached(level.at) }">
        <line x1="34" x2="66" :y1="y(level.at)" :y2="y(level.at)" class="rung" />
        <text x="74" :y="y(level.at) - 2" class="value">{{ level.text }}</text>
        <text x="74" :y="y(level.at) + 11" class="name">{{ level.label }}</text>
      </g>
      <path :d="`M36 ${y(value)} l-12 -7 v14 Z`" class="marker" />
      <text x="24" :y="y(value) + (y(value) < 30 ? 24 : -10)" text-anchor="middle" class="now">
        {{ value.toFixed(picture.y.unit === 'bar' ? 1 : 0) }}
      </text>
    </svg>
    <div class="stack">
      <p class="stage" aria-live="polite">
        <b>{{ stage + 1 }}. {{ stages[stage]?.title }}</b>
      </p>
      <input
        v-model.number="at"
        type="range"
        min="0"
        :max="end"
        :step="end / 240"
        :aria-label="picture.x.label"
        @input="playing && play()"
      />
      <div class="row">
        <button type="button" class="plain-button" @click="play">
          {{ $t(playing ? 'whatIf.stop' : 'whatIf.run') }}</button><span class="soft small"
          >{{ at.toFixed(0) }} {{ picture.x.unit }}</span
        >
      </div>
    </div>
  </div>
</template>

<style scoped>
.moving {
  display: grid;
  grid-template-columns: minmax(180px, 260px) 1fr;
  gap: 12px;
  align-items: center;
}
.rail {
  stroke: var(--line);
  stroke-width: 4;
}
.column {
  fill: var(--copper-soft);
}
.rung {
  stroke: var(--copper);
  stroke-width: 5;
}
.reached .rung {
  stroke: var(--danger);
}
.value {
  font-size: 12px;
  font-family: var(--mono);
  fill: var(--ink);
}
.name {
  font-size: 11px;
  fill: var(--ink-soft);
}
.reached text {
  fill: var(--danger);
  font-weight: 700;
}
.marker {
  fill: var(--ink);
}
.now {
  font-size: 12px;
  font-family: var(--mono);
  font-weight: 700;
  fill: var(--ink);
}
input {
  width: 100%;
  min-height: var(--touch);
  accent-color: var(--copper);
}
@media (max-width: 700px) {
  .moving {
    grid-template-columns: 1fr;
  }
}
</style>
