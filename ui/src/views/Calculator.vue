<script setup lang="ts">
// One calculation: any unit in any field, the result and its picture as you type, the inputs in
// the address.
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, asProblem, unwrap, type Problem, type Schemas } from '@/api/client'
import CalculatorPicture from '@/components/charts/CalculatorPicture.vue'
import ClimbReader from '@/components/charts/ClimbReader.vue'
import DripCounter from '@/components/charts/DripCounter.vue'
import GradeMark from '@/components/common/GradeMark.vue'
import { grouped, span } from '@/format'
import { withLabels } from '@/i18n/units'

type Value = Schemas['CalculationOutput']
type System = Schemas['UnitSystem']
const SYSTEMS: System[] = ['us', 'england', 'canada', 'si']

const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const sheets = ref<Schemas['CalculationList']>([])
const units = ref<System>(SYSTEMS.find((one) => one === route.query.units) ?? 'us')
const values = ref<Record<string, string>>({})
const result = ref<Schemas['CalculationResult'] | null>(null)
const error = ref<Problem | null>(null)

/** What stands in the verdict or the picture. */
const PICTURED = ['verdict', 'series', 'criteria', 'chances']
/** Lists are typed as lines of two; an example by what the first of the two is called. */
const EXAMPLES: Record<string, string> = {
  t: '0 60\n60 61\n120 62\n240 65',
  date: '2024-05-01 0.8\n2026-05-01 0.5',
}
const sheet = computed(() => sheets.value.find((one) => one.id === props.id))
const inputs = computed(() => sheet.value?.inputs ?? [])
const outputs = computed(() => sheet.value?.outputs ?? [])
const systems = computed(() => sheet.value?.systems ?? SYSTEMS)
const say = (name: string) =>
  sheet.value?.called[name] ?? name.replace(/^./, (c) => c.toUpperCase())

async function load() {
  sheets.value = await unwrap(
    api.GET('/api/calculations', { params: { query: { units: units.value } } }),
  )
  if (!systems.value.includes(units.value)) units.value = systems.value[0]!
}
onMounted(async () => {
  await load()
  for (const input of inputs.value) values.value[input.name] = String(route.query[input.name] ?? '')
  await work()
})

let timer = 0
let count = 0
watch(
  values,
  () => {
    clearTimeout(timer)
    timer = window.setTimeout(() => void work(), 180)
  },
  { deep: true },
)
watch(units, async () => {
  await load()
  await work()
})

const filled = () =>
  Object.fromEntries(Object.entries(values.value).filter(([, text]) => text.trim()))
function parsed() {
  return Object.fromEntries(
    Object.entries(filled()).map(([name, text]) => {
      const columns = inputs.value.find((input) => input.name === name)?.columns
      if (!columns) return [name, text]
      const cell = (word: string | undefined) =>
        word !== undefined && /^-?[\d.]+$/.test(word) ? Number(word) : word
      return [
        name,
        text
          .trim()
          .split('\n')
          .map((line) => line.trim().split(/[\s;]+/))
          .map((words) =>
            Object.fromEntries(columns.map((column, index) => [column, cell(words[index])])),
          ),
      ]
    }),
  )
}
async function work() {
  const mine = ++count
  void router.replace({ query: { ...pick(route.query), units: units.value, ...filled() } })
  const wanted = inputs.value.filter(
    (input) => !input.optional && !values.value[input.name]?.trim(),
  )
  if (wanted.length) return show(null, null)
  try {
    const got = await unwrap(
      api.POST('/api/calculations/{calculation}', {
        params: { path: { calculation: props.id } },
        body: { units: units.value, inputs: parsed() },
      }),
    )
    if (mine === count) show(got, null)
  } catch (problem) {
    if (mine === count) show(null, asProblem(problem))
  }
}
function show(got: Schemas['CalculationResult'] | null, problem: Problem | null) {
  result.value = got
  error.value = problem
}
/** The visit that it was opened from, as far as there is one. */
const watched = computed(() => String(route.query.visit ?? ''))
const pick = (query: typeof route.query) =>
  query.visit ? { visit: query.visit, reading: query.reading, from: query.from } : {}

const quantity = (value: Value | undefined) =>
  value && typeof value === 'object' && 'unit' in value && 'value' in value ? value : null
function text(value: Value): string {
  if (value === null) return '–'
  if (typeof value === 'string') return say(value)
  if (Array.isArray(value)) return `${value.length}`
  const measured = quantity(value)
  if (measured) return number(Number(measured.value), String(measured.unit))
  return Object.entries(value)
    .map(([name, one]) => `${name} ${one ?? '–'}`)
    .join(' · ')
}
const shortUnit = (unit: string) => (unit === '1' ? '' : withLabels(unit))
function number(value: number, unit: string) {
  if (unit === 's' && value >= 7200) return span(value)
  if (unit === 's' && value >= 120)
    return `${Math.floor(value / 60)} min ${Math.round(value % 60)} s`
  const shown =
    Math.abs(value) >= 1000 ? grouped(Math.round(value)) : Number(value.toPrecision(4)).toString()
  return `${shown} ${shortUnit(unit)}`.trim()
}
const verdict = computed(() => result.value?.verdict)
const output = (name: string): Value => result.value?.outputs[name] ?? null
const sources = computed(() =>
  (result.value?.sources ?? [])
    .map((one) => [one.name, one.clause, `(${one.standing})`].filter(Boolean).join(' '))
    .join('; '),
)
const shownOutputs = computed(() =>
  outputs.value.filter((output) => !PICTURED.includes(output.name)),
)
/** Back to the step it was opened from, the number waiting in its field. */
function useInVisit() {
  const { visit, reading, from } = route.query
  const source = String(from ?? '')
  const found = quantity(output(source))
  const worked = found ? `${Number(Number(found.value).toPrecision(5))} ${found.unit}` : ''
  const value = values.value[source] ?? worked
  localStorage.setItem(`munimen.draft.${String(visit)}.${String(reading)}`, value)
  void router.push(`/visits/${String(visit)}`)
}
</script>

<template>
  <div v-if="sheet" class="page stack">
    <p>
      <RouterLink to="/calculators">{{ $t('calculator.back') }}</RouterLink>
    </p>
    <div class="row between">
      <h1>{{ sheet.title }}</h1>
      <div class="row" role="radiogroup" :aria-label="$t('calculator.units')">
        <button
          v-for="system in systems"
          :key="system"
          type="button"
          class="plain-button"
          role="radio"
          :aria-checked="units === system"
          @click="units = system"
        >
          {{ { us: 'US', england: 'England', canada: 'Canada', si: 'SI' }[system] }}
        </button>
      </div>
    </div>
    <div class="two">
      <form class="panel stack inputs" novalidate @submit.prevent="work">
        <ClimbReader
          v-if="id === 'climb'"
          :of="watched"
          @told="values = { ...values, ...$event }"
        />
        <DripCounter
          v-if="id === 'drip_by_time'"
          :of="watched"
          @told="values = { ...values, ...$event }"
        />
        <label
          v-for="input in inputs"
          :key="input.name"
          :class="{ wrong: error?.field === input.name }"
        >
          <span
            >{{ say(input.name) }}
            <span v-if="input.optional" class="soft small">{{
              input.default ? `(${input.default})` : `(${$t('calculator.optional')})`
            }}</span></span
          >
          <select v-if="input.choices" v-model="values[input.name]" class="native">
            <option v-if="input.default || input.optional" value="">
              {{ input.default ? say(String(input.default)) : '' }}
            </option>
            <option v-for="choice in input.choices" :key="choice" :value="choice">
              {{ say(choice) }}
            </option>
          </select>
          <textarea
            v-else-if="input.columns"
            v-model="values[input.name]"
            class="native number"
            rows="5"
            :name="input.name"
            :placeholder="EXAMPLES[input.columns[0]!]"
          />
          <span v-else class="entry"
            ><input
              v-model="values[input.name]"
              class="native number"
              :name="input.name"
              :inputmode="input.unit ? 'decimal' : 'text'"
              autocomplete="off"
            /><span class="unit">{{ shortUnit(input.unit ?? '') }}</span></span
          >
          <span v-if="input.note" class="soft small">{{ input.note }}</span>
        </label>
        <p v-if="error" class="error" role="alert">{{ error.message }}</p>
      </form>
      <section class="panel stack" aria-live="polite">
        <p v-if="!result && !error">{{ $t('calculator.none') }}</p>
        <template v-if="result">
          <dl>
            <div v-for="one in shownOutputs" :key="one.name">
              <dt>
                {{ say(one.name) }}&nbsp;<span v-if="one.note" class="soft small">{{
                  one.note
                }}</span>
              </dt>
              <dd class="number">{{ text(output(one.name)) }}</dd>
            </div>
          </dl>
          <div v-if="verdict" class="verdict" :class="verdict.state">
            <GradeMark :grade="verdict.state" word />
            <ul>
              <li v-for="one in verdict.because" :key="one.text">
                {{ one.text }}
                <span v-if="one.limit" class="soft small number"
                  >{{ one.measured }} · {{ one.limit }}</span
                >
              </li>
            </ul>
          </div>
          <el-button
            v-if="route.query.visit && route.query.reading"
            type="primary"
            @click="useInVisit"
            >{{ $t('calculator.use') }}</el-button
          >
          <CalculatorPicture
            v-if="result.picture"
            :picture="result.picture"
            :label="$t('calculator.plot')"
          />
          <p class="soft small">{{ $t('calculator.sources') }}: {{ sources }}</p>
        </template>
      </section>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(280px, 380px) 1fr;
  gap: 16px;
  align-items: start;
}
label {
  display: grid;
  gap: 3px;
}
.entry {
  display: flex;
  align-items: center;
  gap: 8px;
}
.native {
  font: inherit;
  width: 100%;
  min-width: 0;
  min-height: var(--touch);
  padding: 0 10px;
  border: 1px solid var(--ink-soft);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
  font-size: 1.1rem;
}
textarea.native {
  padding: 8px 10px;
  font-size: 0.9rem;
}
.unit {
  min-width: 4em;
}
.wrong {
  color: var(--danger);
  font-weight: 700;
}
.error {
  color: var(--danger);
  font-weight: 700;
}
dl {
  margin: 0;
  display: grid;
  gap: 2px;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
  border-bottom: 1px solid var(--line);
  padding: 5px 0;
}
dd {
  margin: 0;
  font-size: 1.35rem;
  text-align: right;
}
.verdict {
  display: grid;
  grid-template-columns: 108px 1fr;
  gap: 8px;
  padding: 8px 10px;
  border-left: 5px solid currentColor;
  border-radius: 6px;
  background: var(--sunk);
}
.verdict ul {
  color: var(--ink);
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: 1fr;
  }
  .verdict {
    grid-template-columns: 1fr;
  }
}
</style>
