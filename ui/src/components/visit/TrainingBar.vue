<script setup lang="ts">
// Above a training visit: its clock, how fast it runs, and what it has cost so far; and what is
// to be seen at the step in hand.
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import { training } from '@/api/training'
import { longStopwatch as time } from '@/format'

const props = defineProps<{
  id: string
  operation?: string | null
  finder?: boolean
  changed?: unknown
}>()
const emit = defineEmits<{ time: [] }>()
const router = useRouter()
const run = ref<Schemas['Exercise'] | null>(null)
const sights = ref<{ name: string; ask: string; text: string }[]>([])
const shown = ref(0)
let at = 0
let ticking = 0

function show(next: Schemas['Exercise']) {
  run.value = next
  shown.value = next.seconds
  at = Date.now()
}
const load = async () => show(await training.show(props.id))
async function clock(body: { speed?: 1 | 10 | 60; skip?: number }) {
  show(await training.clock(props.id, body))
  emit('time')
}
async function look() {
  sights.value = props.operation ? await training.sights(props.id, props.operation) : []
}
async function end() {
  await training.end(props.id)
  await router.push(`/training/${props.id}`)
}
onMounted(() => {
  void load()
  ticking = window.setInterval(
    () =>
      run.value &&
      !run.value.over &&
      (shown.value = run.value.seconds + ((Date.now() - at) / 1000) * run.value.speed),
    250,
  )
})
onBeforeUnmount(() => clearInterval(ticking))
watch(() => [props.operation, props.changed], look, { immediate: true })
watch(() => props.changed, load)
</script>

<template>
  <section v-if="run" class="training no-print" :aria-label="$t('training.bar')">
    <p class="said">
      <b>{{ run.title }}</b> <span>{{ run.complaint }}</span>
    </p>
    <div class="row figures">
      <span class="clock" :title="$t('training.clock')">{{ time(shown) }}</span>
      <span role="radiogroup" :aria-label="$t('training.clock')"
        ><button
          v-for="one in [1, 10, 60] as const"
          :key="one"
          type="button"
          role="radio"
          :aria-checked="run.speed === one"
          @click="clock({ speed: one })"
        >
          {{ $t('training.speed', { n: one }) }}
        </button></span
      >
      <button
        v-for="one in [10, 60]"
        :key="one"
        type="button"
        :class="{ hour: one === 60 }"
        @click="clock({ skip: one * 60 })"
      >
        {{ $t('training.skip', { n: one }) }}
      </button>
      <span
        >{{ $t('training.water') }} <b class="number">{{ run.water }}</b></span
      >
      <span
        >{{ $t('training.tests') }} <b class="number">{{ run.tests }}</b></span
      >
      <span :class="{ bad: run.unsafe }"
        >{{ $t('training.unsafe') }} <b class="number">{{ run.unsafe }}</b></span
      >
      <span :class="{ bad: run.wrong.length }"
        >{{ $t('training.wrong') }} <b class="number">{{ run.wrong.length }}</b></span
      >
      <RouterLink v-if="finder" :to="`/visits/${id}`">{{ $t('training.work') }}</RouterLink>
      <RouterLink v-else :to="`/visits/${id}/faults?symptom=${run.symptom}`">{{
        $t('training.find')
      }}</RouterLink>
      <RouterLink v-if="run.over" :to="`/training/${id}`">{{ $t('training.debrief') }}</RouterLink>
      <button v-else type="button" @click="end">{{ $t('training.end') }}</button>
    </div>
    <p v-if="sights.length" class="small sights">
      <b>{{ $t('training.see') }}</b>
      <span v-for="one in sights" :key="one.name"
        >{{ one.ask }}: <b>{{ one.text }}</b></span
      >
    </p>
  </section>
</template>

<style scoped>
.training {
  background: var(--brass);
  color: #241a05;
  padding: 6px 16px;
  display: grid;
  gap: 4px;
}
.figures {
  gap: 6px 14px;
  align-items: center;
  flex-wrap: wrap;
}
.clock {
  font-size: 1.2rem;
  font-weight: 700;
  min-width: 4.6em;
  font-variant-numeric: tabular-nums;
}
button,
a {
  min-height: 36px;
  padding: 4px 10px;
  border: 1px solid #5b4413;
  border-radius: 8px;
  background: #fffaf0;
  color: #241a05;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
}
button[aria-checked='true'] {
  background: #241a05;
  color: #fffaf0;
}
[role='radiogroup'] {
  display: inline-flex;
  gap: 4px;
}
.bad {
  color: #7a0d12;
  font-weight: 700;
}
.sights {
  display: flex;
  gap: 4px 14px;
  flex-wrap: wrap;
}
@media (max-width: 700px) {
  .training {
    padding: 4px 8px;
    font-size: 0.86rem;
  }
  .figures {
    gap: 4px 8px;
  }
  .clock {
    font-size: 1rem;
    min-width: 4.4em;
  }
  button,
  a {
    min-height: 44px;
    padding: 2px 8px;
  }
  button.hour {
    display: none;
  }
}
</style>
