<script setup lang="ts">
// Where the value lies in its band while it is set, how far it still is, and which way is turned how
// far: by what an instrument shows, or what is typed.
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

const WIDTH = 300
const props = defineProps<{
  aim: Schemas['Aim']
  unit: string
  typed: string
  kept: number | null
  live: number | null
}>()
const bare = computed(() => {
  const text = props.typed.trim().replace(',', '.')
  return /^-?\d+(\.\d*)?$/.test(text) ? Number(text) : null
})
const value = computed(() => props.live ?? bare.value ?? props.kept)
const ends = computed(() => {
  const { least, most, target } = props.aim
  const low = least ?? target ?? most!
  const high = most ?? target ?? least!
  const room = Math.max(high - low, Math.abs(high) * 0.1, 0.1) * 1.5
  return { from: low - room, to: high + room }
})
const x = (number: number) => {
  const { from, to } = ends.value
  return Math.min(Math.max(((number - from) / (to - from)) * WIDTH, 4), WIDTH - 4)
}
const band = computed(() => ({
  from: props.aim.least === null ? 0 : x(props.aim.least),
  to: props.aim.most === null ? WIDTH : x(props.aim.most),
}))
/** How far it lies outside: below 0 too low, above 0 too high. */
const off = computed(() => {
  const { least, most } = props.aim
  if (value.value === null) return null
  if (least !== null && value.value < least) return value.value - least
  if (most !== null && value.value > most) return value.value - most
  return 0
})
/** To the middle of the band, or to its target. */
const still = computed(() => {
  const { target, least, most } = props.aim
  const middle = target ?? (least !== null && most !== null ? (least + most) / 2 : (least ?? most)!)
  return Math.abs(value.value! - middle)
})
const width = computed(() => {
  const { least, most } = props.aim
  return least !== null && most !== null ? most - least : Math.abs(most ?? least ?? 1) * 0.1
})
const far = computed(() => Math.abs(off.value ?? 0) > width.value)
const number = (one: number) => Number(one.toPrecision(3)).toString()
</script>

<template>
  <div class="aim">
    <svg :viewBox="`0 0 ${WIDTH} 46`" role="img" :aria-label="$t('aim.picture')">
      <rect x="0" y="14" :width="WIDTH" height="12" class="scale" />
      <rect
        :x="band.from"
        y="14"
        :width="Math.max(band.to - band.from, 2)"
        height="12"
        class="band"
      />
      <text v-if="aim.least !== null" :x="band.from" y="42" text-anchor="middle">
        {{ number(aim.least) }}
      </text>
      <text v-if="aim.most !== null" :x="band.to" y="42" text-anchor="middle">
        {{ number(aim.most) }}
      </text>
      <path v-if="value !== null" :d="`M${x(value)} 28 l-7 -18 h14 z`" class="now" />
    </svg>
    <p aria-live="polite">
      <template v-if="off === null">{{ aim.settle }}</template>
      <b v-else-if="off === 0">{{ $t('aim.there') }}</b>
      <template v-else>
        <b class="number">{{
          $t(off < 0 ? 'aim.low' : 'aim.high', { by: `${number(still)} ${unit}` })
        }}</b>
        {{ off < 0 ? aim.up : aim.down }}, {{ far ? aim.coarse : aim.fine }}. {{ aim.settle }}
      </template>
    </p>
  </div>
</template>

<style scoped>
.aim {
  display: grid;
  gap: 4px;
  max-width: 420px;
}
.aim p {
  margin: 0;
}
.scale {
  fill: var(--sunk);
  stroke: var(--line);
}
.band {
  fill: var(--sound, #2f7d4f);
  opacity: 0.55;
}
.now {
  fill: var(--ink);
}
text {
  font-size: 12px;
  fill: var(--ink);
}
</style>
