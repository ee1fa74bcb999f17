<script setup lang="ts">
// The three states at the inlet, and the manifold, as columns of water; the drop between them is
// what counts.
import { computed } from 'vue'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const STATES = ['gas_line', 'gas_standing', 'gas_operating', 'gas_manifold'] as const
const value = (name: string) => props.visit.readings[name]?.value ?? null
const unit = computed(
  () => props.step.reads.find((read) => read.name.startsWith('gas_'))?.unit ?? '',
)
const most = computed(
  () =>
    Math.max(...STATES.map((name) => value(name) ?? 0), props.visit.units === 'england' ? 25 : 10) *
    1.15,
)
const height = (number: number | null) => ((number ?? 0) / most.value) * 110
const rest = computed(() => value('gas_standing') ?? value('gas_line'))
const drop = computed(() =>
  rest.value !== null && value('gas_operating') !== null
    ? Math.round((rest.value - value('gas_operating')!) * 10) / 10
    : null,
)
/** The line from the pressure at rest down to that under the burner. */
const fall = computed(() => {
  const from = value('gas_standing') !== null ? 138 : 62
  const top = (pressure: number | null) => 126 - height(pressure)
  return `M${from} ${top(rest.value)} H214 V${top(value('gas_operating'))}`
})
const wanted = computed(() =>
  STATES.filter((name) => props.step.reads.some((read) => read.name === name)),
)
</script>

<template>
  <div class="stack">
    <svg viewBox="0 0 320 158" role="img" :aria-label="$t('guide.gas.picture')">
      <path d="M8 126 H312" class="base" />
      <g v-for="(name, index) in STATES" :key="name">
        <rect :x="18 + index * 76" :y="16" width="44" height="110" class="tube" />
        <rect
          :x="18 + index * 76"
          :y="126 - height(value(name))"
          width="44"
          :height="height(value(name))"
          class="column"
          :class="{ manifold: index === 3 }"
        />
        <text :x="40 + index * 76" y="142" text-anchor="middle">{{ $t(`guide.gas.${name}`) }}</text>
        <text :x="40 + index * 76" y="154" text-anchor="middle" class="n">
          {{ value(name) ?? '–' }}
        </text>
      </g>
      <path v-if="drop !== null" :d="fall" class="drop" />
    </svg>
    <p v-if="drop !== null">
      <b>{{ $t('guide.gas.drop') }} {{ drop }} {{ unit }}</b>
      <span class="soft small">{{ $t('guide.gas.settle') }}</span>
    </p>
    <p v-else class="soft small">{{ $t('guide.gas.settle') }}</p>
    <template v-for="name in wanted" :key="name">
      <p v-if="name === 'gas_manifold' && wanted.length > 1" class="hose">
        <svg viewBox="0 0 120 40" role="img" :aria-label="$t('guide.gas.hose')">
          <path d="M6 30 H114" class="base" />
          <path d="M24 16 L36 30 L48 16 Z M24 44 L36 30 L48 44 Z" class="valve" />
          <path d="M36 30 V6 M28 6 H44" class="lever" />
          <path d="M70 30 V18 M100 30 V18" class="point" />
          <path d="M70 14 C70 2 100 2 100 14 m-4 -5 l4 5 l4 -5" class="move" />
        </svg>
        {{ $t('guide.gas.hose') }}
      </p>
      <slot name="field" :read="name" />
    </template>
  </div>
</template>

<style scoped>
.base {
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.tube {
  fill: var(--sunk);
  stroke: var(--line);
}
.column {
  fill: var(--advice);
  opacity: 0.75;
}
.column.manifold {
  fill: var(--brass);
}
.drop {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
.hose {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 10px;
  align-items: center;
}
.valve {
  fill: var(--danger);
}
.lever,
.point {
  stroke: var(--ink);
  stroke-width: 3;
}
.move {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2;
}
text {
  font: 10px var(--sans);
  fill: var(--ink-soft);
}
.n {
  font: 11px var(--mono);
  fill: var(--ink);
}
</style>
