<script setup lang="ts">
// Relighting: smell first; hold 20–60 s; let go. After a failed try the heater waits five
// minutes.
import { computed } from 'vue'
import TimerRing from '@/components/visit/TimerRing.vue'
import { useTimer } from '@/composables/useTimer'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const { least: LEAST, most: HOLD } = props.step.guide_facts as { least: number; most: number }
const hold = useTimer(`${props.visit.id}.relight`)
const stage = computed(() => {
  if (!hold.running.value && !hold.over.value) return 'ready'
  return hold.gone.value < LEAST ? 'hold' : 'enough'
})
const clear = computed(() => props.visit.readings.floor_smell?.choice === 'none')
</script>

<template>
  <div class="stack">
    <slot name="field" read="floor_smell" />
    <p v-if="visit.readings.floor_smell?.choice === 'gas'" class="stop" role="alert">
      {{ $t('guide.relight.gas') }}
    </p>
    <div v-if="clear" class="row">
      <TimerRing
        v-if="hold.running.value || hold.over.value"
        :left="hold.gone.value > HOLD ? HOLD : hold.gone.value"
        :total="HOLD"
        :over="hold.gone.value > LEAST"
      />
      <p class="grow" aria-live="polite">
        {{ $t(`guide.relight.${stage}`) }}
      </p>
      <button type="button" class="plain-button" @click="hold.start(HOLD)">
        {{ $t('guide.relight.start') }}
      </button>
    </div>
    <slot name="field" read="pilot_held" />
  </div>
</template>

<style scoped>
.grow {
  flex: 1;
}
.stop {
  background: var(--danger-soft);
  color: var(--danger);
  padding: 8px 10px;
  border-radius: 8px;
  font-weight: 700;
}
</style>
