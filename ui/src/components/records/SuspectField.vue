<script setup lang="ts">
// The suspects as a field that thins out: each has its place on a spiral from the start; what is
// ruled out shrinks to a ring, what is left grows with how likely it is.
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

const props = defineProps<{ suspects: Schemas['Suspect'][]; active: string | null }>()
const emit = defineEmits<{ pick: [cause: string] }>()
const SIZE = 340
const GOLDEN = Math.PI * (3 - Math.sqrt(5))
/** Places by name, so that nobody moves when the order changes. */
const places = computed(() => {
  const names = props.suspects.map((one) => one.cause).sort()
  const spread = (SIZE / 2 - 40) / Math.sqrt(Math.max(1, names.length - 0.5))
  return new Map(
    names.map((name, index) => [
      name,
      {
        x: SIZE / 2 + Math.cos(index * GOLDEN) * spread * Math.sqrt(index + 0.5),
        y: SIZE / 2 + Math.sin(index * GOLDEN) * spread * Math.sqrt(index + 0.5),
      },
    ]),
  )
})
const left = computed(() => props.suspects.filter((one) => one.possible).length)
const stones = computed(() =>
  props.suspects.map((one, index) => ({
    ...one,
    index,
    ...places.value.get(one.cause)!,
    r: one.possible ? 7 + Math.sqrt(one.share) * 40 : 4,
  })),
)
</script>

<template>
  <svg
    class="field"
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="group"
    :aria-label="$t('finder.field', { left, of: suspects.length })"
  >
    <g
      v-for="stone in stones"
      :key="stone.cause"
      class="stone"
      :class="{
        out: !stone.possible,
        active: active === stone.cause,
        only: left === 1 && stone.possible,
      }"
      @click="emit('pick', stone.cause)"
    >
      <title>{{ stone.title }}</title>
      <circle :cx="stone.x" :cy="stone.y" :r="stone.r" />
      <path
        v-if="!stone.possible"
        :d="`M${stone.x - 5} ${stone.y + 5} L${stone.x + 5} ${stone.y - 5}`"
      />
      <text v-else :x="stone.x" :y="stone.y + 5" text-anchor="middle">{{ stone.index + 1 }}</text>
    </g>
  </svg>
</template>

<style scoped>
.field {
  width: 100%;
  max-width: 420px;
  display: block;
  margin: 0 auto;
}
circle {
  fill: var(--copper-soft);
  stroke: var(--copper);
  stroke-width: 1.5;
  transition: r 0.4s;
}
.stone {
  cursor: pointer;
}
.stone.out circle {
  fill: none;
  stroke: var(--unknown);
}
.stone.out path {
  stroke: var(--unknown);
  stroke-width: 1.5;
}
.stone.active circle {
  stroke-width: 4;
}
.stone.only circle {
  fill: var(--copper);
}
.stone.only text {
  fill: var(--on-copper);
}
text {
  font: 700 13px var(--mono);
  fill: var(--ink);
  pointer-events: none;
}
</style>
