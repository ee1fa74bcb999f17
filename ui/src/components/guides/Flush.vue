<script setup lang="ts">
// Flush cycles: burst, let it run off, look into the pail. What came out is the worst of them; it
// ends when a pail is clear.
import { computed, ref, watch } from 'vue'
import TimerRing from '@/components/visit/TimerRing.vue'
import { useTimer } from '@/composables/useTimer'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
type Pail = 'clear' | 'flecks' | 'grit' | 'heavy'
/** Seconds, and what a pail can show, the worst last: as the operation says. */
const {
  burst: BURST,
  settle: SETTLE,
  pails: WORST,
} = props.step.guide_facts as { burst: number; settle: number; pails: Pail[] }
const key = `munimen.flush.${props.visit.id}`
const pails = ref<Pail[]>(JSON.parse(localStorage.getItem(key) ?? '[]') as Pail[])
watch(pails, (list) => localStorage.setItem(key, JSON.stringify(list)), { deep: true })
const burst = useTimer(`${props.visit.id}.burst`)
const settle = useTimer(`${props.visit.id}.settle`)
watch(
  burst.over,
  (over) => over && !settle.running.value && !settle.over.value && settle.start(SETTLE),
)
const stage = computed(() =>
  burst.running.value
    ? 'burst'
    : settle.running.value
      ? 'settle'
      : settle.over.value
        ? 'pail'
        : 'ready',
)
const clean = computed(() => pails.value[pails.value.length - 1] === 'clear')

function begin() {
  settle.stop()
  burst.start(BURST)
}
async function saw(what: Pail) {
  pails.value = [...pails.value, what]
  burst.stop()
  settle.stop()
  await props.take('flush_cycles', String(pails.value.length))
  await props.take(
    'flush_result',
    WORST[Math.max(...pails.value.map((one) => WORST.indexOf(one)))]!,
  )
}
const mud = { clear: 0, flecks: 5, grit: 14, heavy: 40 }
</script>

<template>
  <div class="stack">
    <div class="row now">
      <TimerRing v-if="stage === 'burst'" :left="burst.left.value" :total="BURST" />
      <TimerRing v-else-if="stage === 'settle'" :left="settle.left.value" :total="SETTLE" />
      <p class="say" aria-live="polite">
        {{ $t(`guide.flush.${clean && stage === 'ready' ? 'clean' : stage}`) }}
      </p>
      <button v-if="stage === 'ready'" type="button" class="plain-button" @click="begin">
        {{ pails.length ? $t('guide.flush.another') : $t('guide.flush.first') }}
      </button>
    </div>
    <div class="pails" role="group" :aria-label="$t('guide.flush.pail')">
      <button
        v-for="one in WORST"
        :key="one"
        type="button"
        class="plain-button pail"
        @click="saw(one)"
      >
        <svg width="44" height="40" viewBox="0 0 44 40" aria-hidden="true">
          <path d="M5 4 H39 L34 37 H10 Z" class="side" />
          <path d="M7.5 14 H36.5 L33.6 35 H10.4 Z" class="water" />
          <circle
            v-for="n in mud[one]"
            :key="n"
            :cx="11 + ((n * 7.7) % 22)"
            :cy="33 - ((n * 5.3) % (one === 'heavy' ? 16 : 9))"
            :r="one === 'flecks' ? 0.9 : 1.5"
            class="mud"
          />
        </svg>
        {{ $t(`guide.flush.${one}`) }}
      </button>
    </div>
    <p v-if="pails.length" class="small">
      <b>{{ $t('guide.flush.soFar', { n: pails.length }) }}</b>
      {{ pails.map((one) => $t(`guide.flush.${one}`)).join(' → ') }}
    </p>
    <slot name="field" read="flush_result" />
  </div>
</template>

<style scoped>
.now {
  gap: 14px;
}
.say {
  flex: 1;
  font-size: 1.1rem;
  font-weight: 700;
}
.pails {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
.pail {
  display: grid;
  justify-items: center;
  padding: 8px 4px;
}
.side {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.water {
  fill: var(--water-bottom);
}
.mud {
  fill: var(--brass);
}
</style>
