<script setup lang="ts">
// The course of a pressure log: lowest and highest of each stretch, its levels, and what happened
// marked where it happened.
import { timeOfDay, weekDay } from '@/format'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

type Log = Schemas['ToldLog']
const props = defineProps<{ log: Log; chosen: number | null }>()
defineEmits<{ choose: [index: number] }>()
const W = 1000
const H = 300
const LEFT = 46
const FOOT = 26

const ends = computed(() => Math.max(props.log.seconds, 1))
const top = computed(
  () =>
    Math.max(
      ...props.log.course.map((one) => one[2]!),
      ...props.log.limits.map((one) => one.value),
    ) * 1.05,
)
const x = (seconds: number) => LEFT + (seconds / ends.value) * (W - LEFT - 8)
const y = (value: number) => H - FOOT - (Math.max(value, 0) / top.value) * (H - FOOT - 8)
const band = computed(() => {
  const up = props.log.course.map((one) => `${x(one[0]!).toFixed(1)} ${y(one[2]!).toFixed(1)}`)
  const down = props.log.course
    .map((one) => `${x(one[0]!).toFixed(1)} ${y(one[1]!).toFixed(1)}`)
    .reverse()
  return `M${[...up, ...down].join('L')}Z`
})
const ticks = computed(() => {
  const step = [0.5, 1, 2, 5, 10, 20, 50, 100, 200].find((one) => top.value / one <= 7) ?? 500
  return Array.from({ length: Math.floor(top.value / step) + 1 }, (_, index) => index * step)
})
const start = computed(() => (props.log.started_at ? Date.parse(`${props.log.started_at}Z`) : null))
const hours = computed(() => {
  const step =
    [300, 900, 1800, 3600, 7200, 14400, 21600, 43200, 86400, 604800].find(
      (one) => ends.value / one <= 9,
    ) ?? 2592000
  const shift = start.value === null ? 0 : (step - ((start.value / 1000) % step)) % step
  return Array.from(
    { length: Math.ceil((ends.value - shift) / step) },
    (_, index) => shift + index * step,
  )
})
function at(seconds: number) {
  if (start.value === null) return `${(seconds / 3600).toFixed(1)} h`
  const moment = new Date(start.value + seconds * 1000)
  const midnight = moment.getUTCHours() + moment.getUTCMinutes() === 0
  if (!midnight) return timeOfDay(moment, 'UTC')
  return weekDay(moment.toISOString().slice(0, 10))
}
</script>

<template>
  <div class="scroll" tabindex="0">
    <svg
      :viewBox="`0 0 ${W} ${H}`"
      class="course"
      role="img"
      :aria-label="$t('log.plot', { n: log.events.length })"
    >
      <g v-for="tick in ticks" :key="tick">
        <line :x1="LEFT" :x2="W - 8" :y1="y(tick)" :y2="y(tick)" class="grid" />
        <text :x="LEFT - 6" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
      </g>
      <text v-for="hour in hours" :key="hour" :x="x(hour)" :y="H - 8" text-anchor="middle">
        {{ at(hour) }}
      </text>
      <rect
        v-for="(event, index) in log.events"
        :key="`${event.kind}${event.from}`"
        :x="x(event.from) - 1"
        :width="Math.max(x(event.to) - x(event.from), 2) + 2"
        y="8"
        :height="H - FOOT - 8"
        class="event"
        :class="[event.kind, { chosen: index === chosen }]"
        @click="$emit('choose', index)"
      >
        <title>{{ event.text }}</title>
      </rect>
      <path :d="band" class="band" />
      <g v-for="level in log.limits" :key="level.title">
        <line :x1="LEFT" :x2="W - 8" :y1="y(level.value)" :y2="y(level.value)" class="level" />
        <text :x="W - 10" :y="y(level.value) - 4" text-anchor="end" class="name">
          {{ level.title }} {{ level.value }} {{ log.unit }}
        </text>
      </g>
      <text x="2" y="14">{{ log.unit }}</text>
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.course {
  width: 100%;
  min-width: 700px;
  height: auto;
  display: block;
}
.grid {
  stroke: var(--line);
}
.band {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 1;
  stroke-linejoin: round;
  pointer-events: none;
}
.level {
  stroke: var(--defect);
  stroke-dasharray: 5 4;
}
text {
  font-size: 12px;
  fill: var(--ink-soft);
  font-variant-numeric: tabular-nums;
}
.name {
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--raised);
  stroke-width: 3px;
}
.event {
  opacity: 0.35;
  cursor: pointer;
}
.event.chosen {
  opacity: 0.85;
}
.heating {
  fill: var(--copper);
}
.creep {
  fill: var(--watch);
}
.dip {
  fill: var(--advice);
}
.hammer {
  fill: var(--danger);
}
</style>
