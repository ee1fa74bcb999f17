<script setup lang="ts">
// The control chain as it is wired, link by link: which links are closed in the test in hand.
import { computed } from 'vue'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const LINKS = ['programmer', 'thermostat', 'cut_out', 'two_port', 'end_switch', 'boiler'] as const
const choice = (name: string) => props.visit.readings[name]?.choice
const cut = computed(() => props.step.operation === 'test_cut_out')
/** The first link that is open: beyond it nothing may have power. */
const open = computed(() =>
  cut.value
    ? choice('cut_out_opens') && choice('cut_out_resets')
      ? -1
      : 2
    : choice('chain_off')
      ? -1
      : 1,
)
const reads = computed(() => props.step.reads.map((read) => read.name))
</script>

<template>
  <div class="stack">
    <svg viewBox="0 0 360 64" role="img" :aria-label="$t('guide.chain.picture')">
      <g v-for="(link, index) in LINKS" :key="link" :class="{ dead: open >= 0 && index >= open }">
        <rect :x="4 + index * 60" y="14" width="46" height="22" rx="4" class="link" />
        <text :x="27 + index * 60" y="54" text-anchor="middle">
          {{ $t(`guide.chain.${link}`) }}
        </text>
        <path
          v-if="index < 5"
          :d="
            open === index
              ? `M${14 + index * 60} 25 h14 l14 -14 M${45 + index * 60} 25 h19`
              : `M${50 + index * 60} 25 h14`
          "
          class="wire"
        />
        <circle :cx="27 + index * 60" cy="25" r="5" class="lamp" />
      </g>
    </svg>
    <p class="small">
      <b>{{ $t(`guide.chain.${cut ? 'testCutOut' : open === 1 ? 'turnDown' : 'turnUp'}`) }}</b>
    </p>
    <slot v-for="name in reads" :key="name" name="field" :read="name" />
  </div>
</template>

<style scoped>
.link {
  fill: var(--raised);
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}
.wire {
  fill: none;
  stroke: var(--copper);
  stroke-width: 3;
}
.lamp {
  fill: var(--copper);
}
.dead .lamp {
  fill: var(--sunk);
  stroke: var(--unknown);
}
.dead .wire {
  stroke: var(--unknown);
  stroke-dasharray: 3 3;
}
text {
  font: 9px var(--sans);
  fill: var(--ink-soft);
}
</style>
