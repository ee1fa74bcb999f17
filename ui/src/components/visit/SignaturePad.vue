<script setup lang="ts">
// A signature drawn with finger, pen or mouse; kept as strokes between 0 and 1.
import { ref } from 'vue'

type Stroke = [number, number][]
const strokes = defineModel<Stroke[]>({ required: true })
const area = ref<SVGSVGElement>()
let drawing = false

function point(event: PointerEvent): [number, number] {
  const box = area.value!.getBoundingClientRect()
  const round = (n: number) => Math.round(Math.min(1, Math.max(0, n)) * 1000) / 1000
  return [
    round((event.clientX - box.left) / box.width),
    round((event.clientY - box.top) / box.height),
  ]
}
function down(event: PointerEvent) {
  drawing = true
  area.value!.setPointerCapture(event.pointerId)
  strokes.value = [...strokes.value, [point(event)]]
}
function move(event: PointerEvent) {
  if (!drawing) return
  const last = strokes.value[strokes.value.length - 1]!
  if (last.length < 1500) strokes.value = [...strokes.value.slice(0, -1), [...last, point(event)]]
}
const d = (stroke: Stroke) =>
  stroke.map(([x, y], i) => `${i ? 'L' : 'M'}${x * 300} ${y * 100}`).join(' ')
</script>

<template>
  <div class="pad">
    <svg
      ref="area"
      viewBox="0 0 300 100"
      preserveAspectRatio="none"
      role="img"
      :aria-label="$t('finish.signHere')"
      @pointerdown.prevent="down"
      @pointermove="move"
      @pointerup="drawing = false"
      @pointercancel="drawing = false"
    >
      <line x1="12" y1="78" x2="288" y2="78" />
      <path v-for="(stroke, i) in strokes" :key="i" :d="d(stroke)" />
    </svg>
    <button type="button" class="plain-button" @click="strokes = []">
      {{ $t('finish.clear') }}
    </button>
  </div>
</template>

<style scoped>
.pad {
  display: flex;
  gap: 8px;
  align-items: end;
}
svg {
  flex: 1;
  height: 110px;
  background: var(--ground);
  border: 1px solid var(--ink-soft);
  border-radius: 8px;
  touch-action: none;
  cursor: crosshair;
}
line {
  stroke: var(--line);
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linecap: round;
  stroke-linejoin: round;
  vector-effect: non-scaling-stroke;
}
</style>
