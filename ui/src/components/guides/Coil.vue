<script setup lang="ts">
// Flow, return and tank side by side, before and after: how far the return lies below the flow.
import { computed } from 'vue'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const after = computed(() => props.step.operation === 'read_coil_after')
const value = (name: string) => props.visit.readings[name]?.value ?? null
const sets = computed(() =>
  (after.value ? ['', '_after'] : ['']).map((suffix) => ({
    suffix,
    flow: value(`coil_flow_temperature${suffix}`),
    back: value(`coil_return_temperature${suffix}`),
    tank: value(`coil_tank_temperature${suffix}`),
  })),
)
const most = computed(() => (props.visit.units === 'us' ? 200 : 90))
const height = (number: number | null) => (Math.min(number ?? 0, most.value) / most.value) * 92
const unit = computed(
  () => props.step.reads.find((read) => read.name.includes('temperature'))?.unit ?? '',
)
const reads = computed(() => props.step.reads.map((read) => read.name))
</script>

<template>
  <div class="stack">
    <svg
      :viewBox="`0 0 ${sets.length * 170} 128`"
      role="img"
      :aria-label="$t('guide.coil.picture')"
      :style="{ maxWidth: `${sets.length * 210}px` }"
    >
      <g v-for="(set, at) in sets" :key="set.suffix" :transform="`translate(${at * 170} 0)`">
        <text x="75" y="10" text-anchor="middle" class="head">
          {{ $t(set.suffix ? 'guide.coil.after' : 'guide.coil.before') }}
        </text>
        <g
          v-for="(one, index) in [
            ['flow', set.flow],
            ['back', set.back],
            ['tank', set.tank],
          ] as const"
          :key="one[0]"
        >
          <rect :x="14 + index * 50" :y="108 - 92" width="22" height="92" class="tube" />
          <rect
            :x="14 + index * 50"
            :y="108 - height(one[1])"
            width="22"
            :height="height(one[1])"
            :class="one[0]"
          />
          <text :x="25 + index * 50" y="122" text-anchor="middle">
            {{ $t(`guide.coil.${one[0]}`) }} {{ one[1] ?? '–' }}
          </text>
        </g>
      </g>
    </svg>
    <p
      v-for="set in sets.filter((one) => one.flow !== null && one.back !== null)"
      :key="set.suffix"
    >
      <b
        >{{ $t(set.suffix ? 'guide.coil.after' : 'guide.coil.before') }}:
        {{ $t('guide.coil.below', { n: Math.round((set.flow! - set.back!) * 10) / 10, unit }) }}</b
      >
    </p>
    <slot v-for="name in reads" :key="name" name="field" :read="name" />
  </div>
</template>

<style scoped>
.tube {
  fill: var(--sunk);
  stroke: var(--line);
}
.flow {
  fill: var(--hot);
}
.back {
  fill: var(--hot);
  opacity: 0.55;
}
.tank {
  fill: var(--cold);
}
text {
  font: 10px var(--sans);
  fill: var(--ink-soft);
}
.head {
  font-weight: 700;
}
</style>
