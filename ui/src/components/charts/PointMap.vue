<script setup lang="ts">
// A plain map: nothing but points, to the north and east of each other as they lie, and a scale.
// Where `place` can be set, a touch sets it. No tiles: nothing is fetched from anywhere.
import { computed, ref } from 'vue'

type Place = { lat: number; lng: number }
type Point = Place & { label: string; kind?: 'base' | 'site' | 'stop'; order?: number }
const props = defineProps<{ points: Point[]; lines?: Place[][]; settable?: boolean }>()
const place = defineModel<Place | null>({ default: null })
const WIDTH = 640
const HEIGHT = 360
const EDGE = 30
const METRES = 111_320 // of a degree of latitude, and of longitude at the equator
const zoom = ref(1)

const all = computed<Place[]>(() => [...props.points, ...(place.value ? [place.value] : [])])
const middle = computed(() => {
  const places = place.value && zoom.value > 1 ? [place.value] : all.value
  const of = (pick: (one: Place) => number) => {
    const values = places.map(pick)
    return values.length ? (Math.min(...values) + Math.max(...values)) / 2 : 0
  }
  return { lat: of((one) => one.lat), lng: of((one) => one.lng) }
})
/** Metres east and north of the middle. */
const metres = (one: Place) => ({
  east: (one.lng - middle.value.lng) * METRES * Math.cos((middle.value.lat * Math.PI) / 180),
  north: (one.lat - middle.value.lat) * METRES,
})
/** Points of the drawing for a metre: all of it is seen, and never less than 400 m across. */
const scale = computed(() => {
  const far = (pick: (one: Place) => number) => Math.max(200, ...all.value.map(pick))
  const east = far((one) => Math.abs(metres(one).east))
  const north = far((one) => Math.abs(metres(one).north))
  return zoom.value * Math.min((WIDTH / 2 - EDGE) / east, (HEIGHT / 2 - EDGE) / north)
})
const at = (one: Place) => ({
  x: WIDTH / 2 + metres(one).east * scale.value,
  y: HEIGHT / 2 - metres(one).north * scale.value,
})
const drawn = computed(() => props.points.map((point) => ({ ...point, ...at(point) })))
const path = (line: Place[]) =>
  line.map((one, i) => `${i ? 'L' : 'M'}${at(one).x} ${at(one).y}`).join(' ')
/** A round length of at most a quarter of the map. */
const bar = computed(() => {
  const longest = WIDTH / 4 / scale.value
  const power = 10 ** Math.floor(Math.log10(longest))
  const length = [5, 2, 1].map((one) => one * power).find((one) => one <= longest) ?? power
  const text = length >= 1000 ? `${length / 1000} km` : `${length} m`
  return { width: length * scale.value, text }
})
function set(event: MouseEvent) {
  if (!props.settable) return
  const svg = event.currentTarget as SVGSVGElement
  const spot = new DOMPoint(event.clientX, event.clientY).matrixTransform(
    svg.getScreenCTM()!.inverse(),
  )
  const north = (HEIGHT / 2 - spot.y) / scale.value
  const east = (spot.x - WIDTH / 2) / scale.value
  const { lat, lng } = middle.value
  const round = (degrees: number) => Math.round(degrees * 1e5) / 1e5
  place.value = {
    lat: round(lat + north / METRES),
    lng: round(lng + east / (METRES * Math.cos((lat * Math.PI) / 180))),
  }
}
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="$t('map.label', { n: points.length })"
      :class="{ settable }"
      @click="set"
    >
      <path
        v-for="(line, i) in lines"
        :key="i"
        :d="path(line)"
        class="line"
        :class="`of-${i % 4}`"
      />
      <g v-for="(point, i) in drawn" :key="i" :class="point.kind ?? 'site'">
        <rect
          v-if="point.kind === 'base'"
          :x="point.x - 6"
          :y="point.y - 6"
          width="12"
          height="12"
        />
        <circle v-else :cx="point.x" :cy="point.y" :r="point.order ? 9 : 4" />
        <text v-if="point.order" :x="point.x" :y="point.y + 4" class="order">
          {{ point.order }}
        </text>
        <title>{{ point.label }}</title>
      </g>
      <path
        v-if="place"
        class="place"
        :d="`M${at(place).x - 10} ${at(place).y}h20M${at(place).x} ${at(place).y - 10}v20`"
      />
      <g class="bar">
        <path :d="`M14 ${HEIGHT - 14}h${bar.width}`" />
        <text :x="14" :y="HEIGHT - 20">{{ bar.text }}</text>
        <text :x="WIDTH - 14" :y="22" text-anchor="end">{{ $t('map.north') }} ↑</text>
      </g>
    </svg>
    <figcaption class="row">
      <button type="button" class="plain-button small" @click="zoom *= 2">
        {{ $t('map.nearer') }}
      </button>
      <button type="button" class="plain-button small" :disabled="zoom <= 1" @click="zoom /= 2">
        {{ $t('map.farther') }}
      </button>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  display: grid;
  gap: 6px;
}
svg {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
}
.settable {
  cursor: crosshair;
}
.site circle {
  fill: var(--ink-soft);
}
.stop circle,
.base rect {
  fill: var(--ink);
}
.order {
  fill: var(--raised);
  font-size: 11px;
  font-weight: 700;
  text-anchor: middle;
}
.line {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2;
}
.of-1 {
  stroke-dasharray: 7 4;
}
.of-2 {
  stroke-dasharray: 2 4;
}
.of-3 {
  stroke-dasharray: 10 3 2 3;
}
.place {
  stroke: var(--copper);
  stroke-width: 4;
}
.bar path {
  stroke: var(--ink);
  stroke-width: 3;
}
.bar text {
  fill: var(--ink);
  font-size: 14px;
}
@media (max-width: 720px) {
  .stop circle {
    r: 16px;
  }
  .site circle {
    r: 7px;
  }
  .order {
    font-size: 21px;
    transform: translateY(3px);
  }
  .bar text {
    font-size: 24px;
  }
}
</style>
