<script setup lang="ts">
// Listens to an instrument, shows the trace, and hands the value over when it has come to rest:
// never before, and never unasked.
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { asProblem, type Visit } from '@/api/client'
import { isTraining, training } from '@/api/training'
import { useVisitId } from '@/composables/useVisit'

const EVERY = 500 // ms between two samples
const props = defineProps<{ instrument: Visit['instruments'][number]; units: string }>()
const emit = defineEmits<{
  settled: [typed: string, method: string, note: string]
  live: [value: number | null]
}>()
interface Settled {
  typed: string
  text: string
  at: number
  spread: number
}
const samples = ref<{ t: number; value: number | null; flags: string[] }[]>([])
const settled = ref<Settled | null>(null)
const failed = ref('')
const listening = ref(false)
let events: EventSource | undefined
let playing = 0
const visit = useVisitId()

/** On the training rig all that it will show is told at once, and played. */
async function play() {
  let trace
  try {
    trace = await training.trace(visit!, props.instrument.id)
  } catch (cause) {
    failed.value = asProblem(cause).message
    return stop()
  }
  const { samples: ahead, settled: rest } = trace
  playing = window.setInterval(() => {
    const next = ahead.shift()
    if (next) samples.value.push(next)
    if (ahead.length) return
    settled.value = rest
    stop()
  }, EVERY)
}

function listen() {
  stop()
  samples.value = []
  settled.value = null
  failed.value = ''
  listening.value = true
  if (visit && isTraining(visit)) return void play()
  events = new EventSource(`/api/instruments/${props.instrument.id}/trace?units=${props.units}`)
  events.addEventListener('sample', (event) =>
    samples.value.push(JSON.parse((event as MessageEvent<string>).data)),
  )
  events.addEventListener('settled', (event) => {
    settled.value = JSON.parse((event as MessageEvent<string>).data) as Settled
    stop()
  })
  events.addEventListener('failed', (event) => {
    failed.value = (JSON.parse((event as MessageEvent<string>).data) as { message: string }).message
    stop()
  })
  events.addEventListener('error', stop)
}
function stop() {
  clearInterval(playing)
  events?.close()
  listening.value = false
}
onBeforeUnmount(stop)
const take = () =>
  settled.value &&
  emit(
    'settled',
    settled.value.typed,
    `settled after ${settled.value.at} s, spread ${settled.value.spread}`,
    props.instrument.note,
  )
const last = computed(() => samples.value[samples.value.length - 1])
watch([last, listening], () => emit('live', listening.value ? (last.value?.value ?? null) : null))
const path = computed(() => {
  const shown = samples.value.filter((one) => one.value !== null).slice(-60)
  if (shown.length < 2) return ''
  const values = shown.map((one) => one.value!)
  const low = Math.min(...values)
  const span = Math.max(Math.max(...values) - low, Math.abs(low) * 0.02, 1e-9)
  return shown
    .map((one, index) =>
      [
        `${index ? 'L' : 'M'}${((index / 59) * 236 + 2).toFixed(1)}`,
        (42 - ((one.value! - low) / span) * 38).toFixed(1),
      ].join(' '),
    )
    .join(' ')
})
</script>

<template>
  <div class="take">
    <button v-if="!listening && !settled" type="button" class="plain-button" @click="listen">
      {{ $t('instruments.take', { title: instrument.title }) }}
    </button>
    <template v-if="listening || settled || failed">
      <svg viewBox="0 0 240 46" role="img" :aria-label="$t('instruments.trace')">
        <path :d="path" />
      </svg>
      <span class="number value" aria-live="polite">{{
        settled ? settled.text : (last?.value ?? '–')
      }}</span>
      <span class="small soft">{{
        failed ||
        (settled
          ? $t('instruments.settled', { at: settled.at, spread: settled.spread })
          : last?.flags.length
            ? last.flags.join(', ').toLowerCase().replace('_', ' ')
            : listening
              ? $t('instruments.waiting')
              : $t('instruments.notSettled'))
      }}</span>
      <span class="row"
        ><button v-if="settled" type="button" class="plain-button" @click="take">
          {{ $t('instruments.use') }}</button
        ><button v-if="!listening" type="button" class="plain-button" @click="listen">
          {{ $t('instruments.again') }}
        </button></span
      >
    </template>
    <p v-if="instrument.overdue" class="overdue small">{{ instrument.note }}</p>
  </div>
</template>

<style scoped>
.take {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
svg {
  width: 180px;
  height: 40px;
  background: var(--sunk);
  border-radius: 6px;
}
path {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2;
}
.value {
  font-size: 1.3rem;
}
.overdue {
  color: var(--defect);
  flex-basis: 100%;
}
</style>
