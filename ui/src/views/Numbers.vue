<script setup lang="ts">
// The firm's own numbers: a month at a glance, and how long parts last by its signed visits. Each
// number leads to its list, and each list goes out as CSV.
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import PlotChart from '@/components/charts/PlotChart.vue'
import { useRequest } from '@/composables/useRequest'
import { shortDate, span } from '@/format'
import { lifePicture } from './lifePicture'

type Listed = Schemas['Numbers']['list'][number]
const route = useRoute()
const router = useRouter()
const numbers = ref<Schemas['Numbers'] | null>(null)
const { error, run } = useRequest()
const month = computed({
  get: () => String(route.query.month ?? numbers.value?.month ?? ''),
  set: (month: string) => void router.replace({ query: { month } }),
})
/** What of the list is shown: the grade, and whether only what stands open. */
const shown = ref<string | null>(null)
const list = computed(() => {
  const all = numbers.value?.list ?? []
  if (shown.value === 'dangers') return all.filter((one) => one.grade === 'danger')
  return all.filter((one) => one.grade === shown.value && one.status === 'open')
})
/** What of the estimates is listed. */
const said = ref<string | null>(null)
const estimates = computed(() =>
  (numbers.value?.estimates.list ?? []).filter((one) => one.answer === said.value),
)
async function load() {
  const query = route.query.month ? { month: String(route.query.month) } : {}
  await run(async () => {
    numbers.value = await unwrap(api.GET('/api/numbers', { params: { query } }))
  })
}
onMounted(load)
watch(() => route.query.month, load)

const quoted = (cell: unknown) => `"${String(cell ?? '').replaceAll('"', '""')}"`
function csv(rows: Record<string, unknown>[]) {
  const columns = Object.keys(rows[0] ?? {})
  const lines = [columns, ...rows.map((row) => columns.map((name) => row[name]))]
  const text = lines.map((line) => line.map(quoted).join(',')).join('\n')
  return `data:text/csv;charset=utf-8,${encodeURIComponent(text)}`
}
const plain = (rows: Listed[]) => rows.map((row) => ({ ...row }))
const minutes = (count: number) => span(count * 60)
const share = (life: Schemas['Life']) => {
  const last = life.steps?.at(-1)
  return last ? `${Math.round(last.share * 100)} %` : '100 %'
}
</script>

<template>
  <main v-if="numbers" class="page stack">
    <div class="row between">
      <h1>{{ $t('numbers.title') }}</h1>
      <label class="row"
        >{{ $t('numbers.month') }} <input v-model="month" type="month" class="native" name="month"
      /></label>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>

    <section class="panel stack">
      <div class="row between">
        <h2>{{ $t('numbers.visits') }}</h2>
        <a v-if="numbers.visits.length" :href="csv(numbers.visits)" download="visits.csv">CSV</a>
      </div>
      <p v-if="!numbers.visits.length" class="soft">{{ $t('numbers.none') }}</p>
      <div v-else class="wide">
        <table>
          <thead>
            <tr>
              <th>{{ $t('numbers.who') }}</th>
              <th>{{ $t('numbers.kind') }}</th>
              <th>{{ $t('numbers.count') }}</th>
              <th>{{ $t('numbers.taken') }}</th>
              <th>{{ $t('numbers.reckoned') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in numbers.visits" :key="one.who + one.kind">
              <td>{{ one.who }}</td>
              <td>{{ $t(`word.${one.kind}`) }}</td>
              <td class="number">{{ one.count }}</td>
              <td class="number">{{ minutes(one.taken) }}</td>
              <td class="number">{{ minutes(one.reckoned) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>

    <section class="panel stack">
      <h2>{{ $t('numbers.dangers') }}</h2>
      <ul class="figures">
        <li>
          <button
            type="button"
            class="figure"
            :aria-pressed="shown === 'dangers'"
            @click="shown = shown === 'dangers' ? null : 'dangers'"
          >
            <b class="number">{{ numbers.dangers.found }}</b> {{ $t('numbers.found') }}
          </button>
        </li>
        <li class="figure">
          <b class="number">{{ numbers.dangers.made_safe }}</b> {{ $t('numbers.madeSafe') }}
        </li>
        <li class="figure">
          <b class="number">{{ numbers.dangers.standing }}</b> {{ $t('numbers.standing') }}
        </li>
        <li>
          <RouterLink class="figure" to="/owed"
            ><b class="number">{{ numbers.unbooked }}</b> {{ $t('numbers.unbooked') }}</RouterLink
          >
        </li>
      </ul>
    </section>

    <section class="panel stack">
      <h2>{{ $t('numbers.open') }}</h2>
      <div class="wide">
        <table>
          <thead>
            <tr>
              <th></th>
              <th v-for="age in ['days30', 'days90', 'longer']" :key="age">
                {{ $t(`numbers.${age}`) }}
              </th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in numbers.open" :key="one.grade">
              <th scope="row">{{ $t(`grade.${one.grade}`) }}</th>
              <td v-for="(n, i) in one.ages" :key="i" class="number">{{ n }}</td>
              <td>
                <button
                  v-if="one.ages.some(Boolean)"
                  type="button"
                  class="plain-button small"
                  :aria-pressed="shown === one.grade"
                  @click="shown = shown === one.grade ? null : one.grade"
                >
                  {{ $t('numbers.list') }}
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="shown">
        <a v-if="list.length" :href="csv(plain(list))" :download="`${shown}.csv`">CSV</a>
        <ul class="listed">
          <li v-for="(one, i) in list" :key="i">
            <RouterLink :to="`/heaters/${one.heater_id}`">{{ one.customer }}</RouterLink>
            <span class="soft small"> {{ shortDate(one.found_on) }}</span><br />{{ one.text }}
          </li>
        </ul>
      </template>
    </section>

    <section v-if="numbers.estimates.list.length" class="panel stack">
      <div class="row between">
        <h2>{{ $t('numbers.estimates') }}</h2>
        <a :href="csv(numbers.estimates.list.map((one) => ({ ...one })))" download="estimates.csv"
          >CSV</a
        >
      </div>
      <ul class="figures">
        <li v-for="one in numbers.estimates.said" :key="one.answer">
          <button
            type="button"
            class="figure"
            :aria-pressed="said === one.answer"
            @click="said = said === one.answer ? null : one.answer"
          >
            <b class="number">{{ one.count }}</b> {{ $t(`numbers.${one.answer}`) }}
            <span class="number">{{ one.totals.join(' · ') }}</span>
          </button>
        </li>
      </ul>
      <ul v-if="said" class="listed">
        <li v-for="(one, i) in estimates" :key="i">
          <RouterLink :to="`/heaters/${one.heater_id}`">{{ one.customer }}</RouterLink>
          <span class="soft small"> {{ shortDate(one.on) }}</span><br />{{ one.what }}
          <span class="number">{{ one.total }} {{ one.currency }}</span>
        </li>
      </ul>
    </section>

    <section class="panel stack">
      <h2>{{ $t('numbers.lives') }}</h2>
      <p class="soft small">{{ $t('numbers.livesLead') }}</p>
      <article v-for="life in numbers.lives" :key="life.id" class="stack">
        <h3>{{ life.title }}</h3>
        <p>
          {{
            $t('numbers.cases', {
              cases: life.cases,
              failed: life.failed,
              since: life.since,
            })
          }}
        </p>
        <p v-if="life.rule" class="soft small">{{ life.rule.ask }} – {{ life.rule.choice }}</p>
        <p v-if="!life.steps" class="soft">{{ $t('numbers.tooFew') }}</p>
        <template v-else>
          <p>
            {{
              $t('numbers.works', {
                share: share(life),
                years: life.longest?.toFixed(1),
                n: life.steps.at(-1)?.at_risk ?? life.cases,
              })
            }}
          </p>
          <PlotChart
            v-if="life.steps.length"
            :picture="lifePicture(life, $t('numbers.years'), $t('numbers.stillGood'))"
            :label="life.title"
          />
          <a v-if="life.steps.length" :href="csv(life.steps)" :download="`${life.id}.csv`">CSV</a>
        </template>
      </article>
    </section>
  </main>
  <p v-else-if="error" class="error" role="alert">{{ error }}</p>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  min-width: 60%;
}
th,
td {
  text-align: left;
  padding: 6px 14px 6px 0;
  border-bottom: 1px solid var(--line);
}
.figures {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10rem, 1fr));
  gap: 10px;
  padding: 0;
  margin: 0;
}
.figures li {
  display: grid;
}
.figure {
  display: block;
  width: 100%;
  min-height: var(--touch);
  padding: 8px 12px;
  text-align: left;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  text-decoration: none;
  font: inherit;
}
.figure b {
  display: block;
  font-size: 1.6rem;
}
button.figure,
a.figure {
  border-color: var(--copper);
  cursor: pointer;
}
.listed {
  display: grid;
  gap: 8px;
}
</style>
