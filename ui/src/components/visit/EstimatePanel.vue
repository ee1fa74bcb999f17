<script setup lang="ts">
// What would be done about each finding and what it costs; the customer says yes, later or no to
// each, before they sign.
import { onMounted, ref, watch } from 'vue'
import { api, unwrap, type Schemas, type Visit } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { useVisit } from '@/composables/useVisit'
import EstimateChange from './EstimateChange.vue'

type Line = Schemas['EstimateLine']
type Answer = NonNullable<Line['answer']>
const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const estimate = ref<Schemas['Estimate'] | null>(null)
/** The line whose part, price or minutes are being changed. */
const changing = ref<string | null>(null)
const { error, run } = useRequest()
const load = () =>
  run(async () => {
    const params = { path: { id: props.visit.id } }
    estimate.value = await unwrap(api.GET('/api/visits/{id}/estimate', { params }))
  })
onMounted(load)
watch(() => props.visit.version, load)

const answers = (line: Line): Answer[] =>
  line.danger ? ['accepted', 'postponed'] : ['accepted', 'postponed', 'declined']
/** The same touch again takes it back. */
const say = (line: Line, answer: Answer) =>
  send('estimate', { about: line.about, answer: line.answer === answer ? null : answer })
async function change(line: Line, otherwise: Record<string, string | number>) {
  changing.value = null
  await send('estimate', { about: line.about, answer: line.answer ?? 'open', ...otherwise })
}
</script>

<template>
  <section v-if="estimate?.lines.length" class="stack">
    <h3>{{ $t('estimate.title') }}</h3>
    <p v-if="!estimate.rates" class="soft small">{{ $t('estimate.noRates') }}</p>
    <article v-for="line in estimate.lines" :key="line.about" class="line stack">
      <div class="row between">
        <b>{{ line.title }}</b>
        <b v-if="line.total" class="sum">{{ line.total }}</b>
      </div>
      <p v-for="text in line.because" :key="text" class="small">{{ text }}</p>
      <p v-if="line.total" class="soft small">
        {{ $t('estimate.work', { minutes: line.minutes, amount: line.labour }) }}
        <template v-if="line.parts">
          · {{ line.supplied ?? $t('estimate.part') }} {{ line.parts }}
        </template>
        <template v-else>· {{ line.supplied }} {{ $t('estimate.noParts') }}</template>
        · {{ $t('estimate.tax', { amount: line.tax }) }}
        <button
          type="button"
          class="plain-button small"
          :aria-expanded="changing === line.about"
          @click="changing = changing === line.about ? null : line.about"
        >
          {{ $t('estimate.change') }}
        </button>
      </p>
      <EstimateChange v-if="changing === line.about" :line="line" @change="change(line, $event)" />
      <div class="row" role="group" :aria-label="line.title">
        <button
          v-for="one in answers(line)"
          :key="one"
          type="button"
          class="plain-button"
          :aria-pressed="line.answer === one"
          @click="say(line, one)"
        >
          {{ $t(`estimate.${one}`) }}
        </button>
      </div>
    </article>
    <p v-if="estimate.total" class="row between total">
      <span
        >{{ $t('estimate.agreed') }}
        <span v-if="estimate.call_out" class="soft small">{{
          $t('estimate.callOut', { amount: estimate.call_out })
        }}</span></span
      ><b class="sum">{{ estimate.total }}</b>
    </p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </section>
</template>

<style scoped>
.line {
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 10px 12px;
  gap: 8px;
}
.line p {
  margin: 0;
}
.sum {
  font-variant-numeric: tabular-nums;
}
.total {
  border-top: 2px solid var(--copper);
  padding-top: 8px;
  margin: 0;
}
</style>
