<script setup lang="ts">
// The pilot test in the order that condemns nothing too early: flame, generator, cut-off.
import { computed } from 'vue'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const band = computed(() => {
  const { from, to } = props.step.guide_facts as { from: number; to: number }
  return { from, to, most: to * 1.3 }
})
const millivolts = computed(() => {
  const text = props.visit.readings.generator_open?.text
  return text ? Number.parseFloat(text) : null
})
const x = (value: number) => 10 + (Math.min(value, band.value.most) / band.value.most) * 300
const FLAMES = {
  blue_on_tip: 'M30 46 C18 34 26 22 40 14 C46 24 44 36 38 46 Z',
  off_the_tip: 'M20 46 C10 34 14 22 20 12 C26 22 28 34 26 46 Z',
  lazy_yellow: 'M20 46 C8 40 22 34 18 24 C28 30 44 30 40 46 Z',
  lifting: 'M30 34 C22 26 28 16 40 8 C44 18 42 26 38 34 Z',
}
const seen = computed(
  () => props.visit.readings.pilot_flame?.choice as keyof typeof FLAMES | undefined,
)
</script>

<template>
  <ol class="parts">
    <li>
      <div class="row flame-row">
        <svg
          width="76"
          height="60"
          viewBox="0 0 76 60"
          role="img"
          :aria-label="$t('guide.pilot.flame')"
        >
          <path
            :d="FLAMES[seen ?? 'blue_on_tip']"
            :class="seen === 'lazy_yellow' ? 'yellow' : 'blue'"
          />
          <path d="M24 50 H46" class="burner" />
          <path d="M48 12 V40" class="tip" />
        </svg>
        <div class="grow"><slot name="field" read="pilot_flame" /></div>
      </div>
    </li>
    <li>
      <svg viewBox="0 0 320 44" role="img" :aria-label="$t('guide.pilot.scale', band)">
        <rect x="10" y="16" width="300" height="8" class="scale" />
        <rect
          :x="x(band.from)"
          y="14"
          :width="x(band.to) - x(band.from)"
          height="12"
          class="good"
        />
        <text :x="x(band.from)" y="40" text-anchor="middle">{{ band.from }}</text>
        <text :x="x(band.to)" y="40" text-anchor="middle">{{ band.to }} mV</text>
        <path v-if="millivolts !== null" :d="`M${x(millivolts)} 28 l-6 -20 h12 Z`" class="needle" />
      </svg>
      <slot name="field" read="generator_open" />
      <slot name="field" read="generator_loaded" />
    </li>
    <li>
      <slot name="field" read="eco_continuity" />
      <p class="soft small">{{ $t('guide.pilot.eco') }}</p>
    </li>
  </ol>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 14px;
}
.grow {
  flex: 1;
}
.flame-row {
  align-items: flex-start;
}
.blue {
  fill: #3a63b5;
  opacity: 0.8;
}
.yellow {
  fill: #d79b1e;
}
.burner,
.tip {
  stroke: var(--metal);
  stroke-width: 5;
  stroke-linecap: round;
}
.tip {
  stroke: var(--brass);
}
.scale {
  fill: var(--sunk);
}
.good {
  fill: var(--sound);
  opacity: 0.55;
}
.needle {
  fill: var(--ink);
}
text {
  font: 11px var(--mono);
  fill: var(--ink-soft);
}
</style>
