<script setup lang="ts">
// The fault finder: what has been found on one side, the suspects thinning out in the middle, the
// next test on the other. Stands alone (the address keeps the answers) or belongs to a visit (the
// visit keeps them).
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, Problem, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import { decisionName } from '@/api/decisions'
import { isTraining, training } from '@/api/training'
import DisplayCode from '@/components/visit/DisplayCode.vue'
import TrainingBar from '@/components/visit/TrainingBar.vue'
import SuspectField from '@/components/records/SuspectField.vue'
import { useRequest } from '@/composables/useRequest'
import { setLocale } from '@/i18n'

const { t, tm } = useI18n()
const props = defineProps<{ id?: string }>()
const route = useRoute()
const router = useRouter()
/** Every kind there are words for. */
const KINDS = Object.keys(tm('kind') as Record<string, string>)
const text = (value: unknown) => (typeof value === 'string' ? value : '')
const kind = computed(() => text(route.query.kind) || 'gas_storage')
const symptom = computed(() => text(route.query.symptom))
const skip = ref<string[]>([])
const rig = computed(() => isTraining(props.id))
const symptoms = ref<Schemas['Symptom'][]>([])
const found = ref<Schemas['Diagnosis'] | null>(null)
const { problem, error, busy, run } = useRequest()
const active = ref<string | null>(null)
const taken = ref<string | null>(null)
/** Answers of the address: e.<test>=<outcome>. */
const answers = computed(() =>
  Object.fromEntries(
    Object.entries(route.query)
      .filter(([name, value]) => name.startsWith('e.') && typeof value === 'string')
      .map(([name, value]) => [name.slice(2), String(value)]),
  ),
)

const ask = <T,>(what: Promise<T>) => run(() => what)
async function load() {
  if (rig.value && !skip.value.length)
    skip.value = (await ask(training.show(props.id!)))?.cannot ?? []
  const about = props.id ? { visit: props.id } : { kind: kind.value }
  const list = await ask(unwrap(api.GET('/api/symptoms', { params: { query: about } })))
  if (!list) return
  symptoms.value = list.symptoms
  setLocale(list.units)
  if (!symptom.value) return void (found.value = null)
  const answer = await ask(
    unwrap(
      api.POST('/api/diagnose', {
        body: {
          ...about,
          symptom: symptom.value,
          evidence: props.id ? {} : answers.value,
          skip: skip.value,
        },
      }),
    ),
  )
  found.value = answer ?? null
  // What is being read stays open, unless it is of another complaint.
  if (!found.value?.suspects.some((one) => one.cause === active.value)) active.value = null
}
/** Who answers by keyboard goes on there: a button that was pressed is gone, or at rest meanwhile. */
const tests = ref<HTMLElement>()
let answering = false
const follow = ({ target }: FocusEvent) => (answering = !!tests.value?.contains(target as Node))
const goOn = () => {
  if (answering && document.activeElement === document.body)
    tests.value?.querySelector<HTMLElement>('button:not(:disabled)')?.focus()
}
watch(found, goOn, { flush: 'post' })
onMounted(() => {
  document.addEventListener('focusin', follow)
  void load()
})
onBeforeUnmount(() => document.removeEventListener('focusin', follow))
watch(() => [route.query, props.id], load, { deep: true })

const go = (query: Record<string, string>) =>
  router.push({ query: { ...(props.id ? {} : { kind: kind.value }), ...query } })
async function answer(test: string, outcome: string | null) {
  if (props.id) {
    if (
      await ask(
        write(
          '/api/visits/{id}/decisions',
          { id: props.id! },
          {
            name: decisionName('fault', symptom.value, test),
            value: outcome ?? '',
          },
        ),
      )
    )
      await load()
    return
  }
  const rest = { ...answers.value }
  if (outcome) rest[test] = outcome
  else delete rest[test]
  await go({
    symptom: symptom.value,
    ...Object.fromEntries(Object.entries(rest).map(([name, value]) => [`e.${name}`, value])),
  })
}
function cannot(test: string) {
  skip.value = [...skip.value, test]
  void load()
}
/** On the training rig the test is taken there, and a cause is named. */
const told = ref('')
async function takeTest(test: string) {
  const answer = await ask(training.test(props.id!, test))
  if (!answer) return
  told.value = answer.told
  if (!answer.outcome) skip.value = [...skip.value, test]
  await load()
}
async function name(cause: string) {
  const answer = await ask(training.cause(props.id!, cause))
  if (answer?.right) await router.push(`/training/${props.id}`)
  else if (answer) {
    active.value = null
    await load()
    problem.value = new Problem(t(answer.besides ? 'training.alsoThere' : 'training.notIt'), 0)
  }
}
/** Takes the operations on the way to a test into the visit's plan, and goes there. */
async function getThere(operations: { id: string }[]) {
  for (const one of operations)
    if (
      !(await ask(
        write(
          '/api/visits/{id}/decisions',
          { id: props.id! },
          { name: decisionName('also', one.id), value: 'yes' },
        ),
      ))
    )
      return
  await router.push(`/visits/${props.id}`)
}
/** Repaired: what its cause showed in is asked again. */
async function repaired(tests: string[]) {
  if (props.id) for (const test of tests) await answer(test, null)
  else
    await go({
      symptom: symptom.value,
      ...Object.fromEntries(
        Object.entries(answers.value)
          .filter(([name]) => !tests.includes(name))
          .map(([name, value]) => [`e.${name}`, value]),
      ),
    })
}
async function takeJob(job: string) {
  if (await ask(write('/api/visits/{id}/jobs', { id: props.id! }, { job }))) taken.value = job
}
const best = computed(() => found.value?.next[0] ?? null)
const shown = computed(
  () => found.value?.suspects.find((one) => one.cause === active.value) ?? null,
)
const left = computed(() => found.value?.suspects.filter((one) => one.possible) ?? [])
const percent = (share: number) => (share < 0.01 ? '<1 %' : `${Math.round(share * 100)} %`)
</script>

<template>
  <div>
    <TrainingBar v-if="rig" :id="id!" finder :changed="found" />
    <div class="page stack">
      <div class="row between">
        <h1>{{ $t('finder.title') }}</h1>
        <RouterLink v-if="!id" to="/training">{{ $t('training.open') }}</RouterLink>
        <RouterLink v-else :to="`/visits/${id}`">{{ $t('report.back') }}</RouterLink>
      </div>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <div v-if="!symptom" class="stack">
        <p class="soft">{{ $t('finder.lead') }}</p>
        <DisplayCode :visit="id" />
        <div v-if="!id" class="row" role="radiogroup" :aria-label="$t('finder.kind')">
          <button
            v-for="one in KINDS"
            :key="one"
            type="button"
            role="radio"
            class="plain-button"
            :aria-checked="kind === one"
            @click="router.push({ query: { kind: one } })"
          >
            {{ $t(`kind.${one}`) }}
          </button>
        </div>
        <ul class="symptoms">
          <li v-for="one in symptoms" :key="one.id">
            <button type="button" class="symptom" @click="go({ symptom: one.id })">
              <b>{{ one.customer }}</b><span class="soft small">{{ one.plumber }}</span>
            </button>
          </li>
        </ul>
      </div>
      <template v-else-if="found">
        <p class="said">
          <b>{{ found.symptom.customer }}</b>
          <button type="button" class="link" @click="go({})">{{ $t('finder.other') }}</button>
        </p>
        <p v-if="told" class="told" role="status">{{ told }}</p>
        <p v-if="found.symptom.first" class="first" role="note">{{ found.symptom.first }}</p>
        <div class="three">
          <section class="panel evidence">
            <h2>{{ $t('finder.evidence') }}</h2>
            <p v-if="!found.evidence.length" class="soft">{{ $t('finder.noEvidence') }}</p>
            <ul>
              <li v-for="one in found.evidence" :key="one.test">
                <span class="soft small">{{ one.ask }}</span><br /><b>{{ one.text }}</b>
                <span v-if="one.from_visit" class="soft small"
                  >({{ $t(one.earlier ? 'finder.earlier' : 'finder.fromVisit') }})</span
                ><button v-else type="button" class="link" @click="answer(one.test, null)">
                  {{ $t('finder.takeBack') }}
                </button>
              </li>
            </ul>
          </section>
          <section class="panel middle">
            <h2>{{ $t('finder.left', { left: left.length, of: found.suspects.length }) }}</h2>
            <div v-if="found.pairs.length" class="pairs" role="note">
              <b>{{ $t('finder.pairs') }}</b>
              <ul>
                <li v-for="one in found.pairs" :key="one.causes.join()">
                  <span>{{ one.title }}</span>
                  <span class="number soft">{{ percent(one.share) }}</span>
                </li>
              </ul>
            </div>
            <SuspectField
              :suspects="found.suspects"
              :active="active"
              @pick="(cause) => (active = active === cause ? null : cause)"
            />
            <ol class="suspects">
              <li
                v-for="(one, index) in found.suspects"
                :key="one.cause"
                :class="{ out: !one.possible }"
              >
                <button
                  type="button"
                  :aria-expanded="active === one.cause"
                  @click="active = active === one.cause ? null : one.cause"
                >
                  <span class="number">{{ index + 1 }}</span> <span>{{ one.title }}</span>
                  <span class="number soft">{{
                    one.possible ? percent(one.share) : $t('finder.out')
                  }}</span>
                </button>
                <p v-if="shown?.cause === one.cause" class="small why">
                  <b>{{ $t(one.possible ? 'finder.still' : 'finder.ruledOut') }}</b>
                  {{ one.why.join(' ') }}
                  <button
                    v-if="rig"
                    type="button"
                    class="plain-button that"
                    :disabled="busy"
                    @click="name(one.cause)"
                  >
                    {{ $t('training.thatIs') }}
                  </button>
                </p>
              </li>
            </ol>
          </section>
          <section ref="tests" class="panel next" aria-live="polite">
            <template v-if="found.contradiction.length">
              <h2>{{ $t('finder.contradiction') }}</h2>
              <p>{{ $t('finder.again') }}</p>
              <ul>
                <li v-for="one in found.contradiction" :key="one.test" class="row between">
                  <span>{{ one.text }}</span><button
                    type="button"
                    class="plain-button"
                    @click="answer(one.test, null)"
                  >
                    {{ $t('finder.measure') }}
                  </button>
                </li>
              </ul>
            </template>
            <template v-else-if="found.repair">
              <h2>{{ $t('finder.repair') }}</h2>
              <p class="cause">{{ found.repair.title }}</p>
              <el-button
                v-if="id && taken !== found.repair.job"
                type="primary"
                @click="takeJob(found.repair.job)"
                >{{ $t('jobs.take') }}</el-button
              >
            </template>
            <template v-else-if="found.settled">
              <h2>{{ $t('finder.settled') }}</h2>
              <p class="cause">{{ found.settled.title }}</p>
              <div v-if="found.hangs_on.length" class="hangs" role="note">
                <b>{{ $t('finder.hangsOn') }}</b>
                <ul>
                  <li v-for="one in found.hangs_on" :key="one.test" class="row between">
                    <span>{{ one.text }}</span>
                    <button type="button" class="plain-button" @click="answer(one.test, null)">
                      {{ $t('finder.measure') }}
                    </button>
                  </li>
                </ul>
              </div>
              <p v-if="found.settled.because">{{ found.settled.because }}</p>
              <p v-if="found.settled.job_title">
                <b>{{ $t('finder.job') }}</b> {{ found.settled.job_title }}
              </p>
              <p v-if="found.settled.parts.length">
                <b>{{ $t('visit.materials') }}</b> {{ found.settled.parts.join(', ') }}
              </p>
              <p>
                <b>{{ $t('finder.after') }}</b> {{ found.settled.after }}
              </p>
              <el-button
                v-if="rig"
                type="primary"
                :disabled="busy"
                @click="name(found.settled.cause)"
                >{{ $t('training.thatIs') }}</el-button
              >
              <el-button
                v-else-if="id && found.settled.job && taken !== found.settled.job"
                type="primary"
                @click="takeJob(found.settled.job)"
                >{{ $t('jobs.take') }}</el-button
              >
              <p v-if="taken" class="soft">{{ $t('finder.taken') }}</p>
              <button
                v-if="!rig && found.settled.lapses.length"
                type="button"
                class="plain-button"
                @click="repaired(found.settled.lapses)"
              >
                {{ $t('finder.repaired') }}
              </button>
            </template>
            <template v-else-if="best">
              <h2>{{ $t('finder.next') }}</h2>
              <p v-if="left.length === 1" class="small">{{ $t('finder.makesSure') }}</p>
              <p class="ask">{{ best.ask }}</p>
              <p class="soft small">
                {{ $t('finder.cost', { n: best.minutes }) }} · {{ $t(`finder.depth.${best.depth}`)
                }}<template v-if="best.instrument"> · {{ best.instrument }}</template>
              </p>
              <ul v-if="best.cautions.length" class="cautions">
                <li v-for="one in best.cautions" :key="one">{{ one }}</li>
              </ul>
              <p v-if="best.unmet.length" class="unmet">
                <b>{{ $t('visit.first') }}</b>: {{ best.unmet.join('; ') }}
                <button
                  v-if="id && best.way?.length"
                  type="button"
                  class="plain-button"
                  @click="getThere(best.way!)"
                >
                  {{ $t('training.getThere') }} “{{ best.way[best.way.length - 1]?.title }}”
                </button>
              </p>
              <el-button
                v-if="rig"
                type="primary"
                :disabled="busy || best.unmet.length > 0"
                @click="takeTest(best.test)"
                >{{ $t('training.rig') }}</el-button
              >
              <div v-else class="stack answers">
                <button
                  v-for="one in best.outcomes"
                  :key="one.id"
                  type="button"
                  class="plain-button"
                  :disabled="busy"
                  @click="answer(best.test, one.id)"
                >
                  <span>{{ one.text }}</span><span class="soft small">{{
                    $t('finder.leaves', { n: one.leaves })
                  }}</span>
                </button>
              </div>
              <button type="button" class="link" @click="cannot(best.test)">
                {{ $t('finder.cannot') }}
              </button>
              <details v-if="found.next.length > 1">
                <summary>{{ $t('finder.others') }}</summary>
                <div v-for="test in found.next.slice(1)" :key="test.test" class="other">
                  <b class="small">{{ test.ask }}</b>
                  <p v-if="test.unmet.length" class="soft small">
                    {{ $t('visit.first') }}: {{ test.unmet.join('; ') }}
                  </p>
                  <el-button
                    v-if="rig"
                    :disabled="busy || test.unmet.length > 0"
                    @click="takeTest(test.test)"
                    >{{ $t('training.rig') }}</el-button
                  >
                  <div v-else class="row">
                    <button
                      v-for="one in test.outcomes"
                      :key="one.id"
                      type="button"
                      class="plain-button small"
                      :disabled="busy"
                      @click="answer(test.test, one.id)"
                    >
                      {{ one.text }}
                    </button>
                  </div>
                </div>
              </details>
            </template>
            <p v-else>{{ $t('finder.noMore', { n: left.length }) }}</p>
          </section>
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.symptoms {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}
.symptom {
  width: 100%;
  min-height: 70px;
  text-align: left;
  display: grid;
  gap: 2px;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--raised);
  cursor: pointer;
}
.symptom:hover {
  border-color: var(--copper);
}
.said {
  font-size: 1.15rem;
}
.first {
  border-left: 5px solid var(--defect);
  background: var(--defect-soft);
  color: var(--defect);
  padding: 8px 12px;
  border-radius: 6px;
}
.pairs,
.hangs {
  border-left: 5px solid var(--brass);
  background: var(--sunk);
  padding: 8px 12px;
  margin: 8px 0;
  border-radius: 6px;
  grid-column: 1 / -1;
}
.pairs li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 3px 0;
}
.pairs .number {
  white-space: nowrap;
}
.told {
  border-left: 5px solid var(--brass);
  background: var(--sunk);
  padding: 8px 12px;
  border-radius: 6px;
  font-weight: 700;
}
.that {
  margin-top: 6px;
}
.three {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr) 340px;
  gap: 14px;
  align-items: start;
}
.middle {
  display: grid;
  grid-template-columns: minmax(200px, 5fr) 6fr;
  gap: 8px 14px;
  align-items: start;
}
.middle h2 {
  grid-column: 1 / -1;
}
.evidence li {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.suspects li button {
  width: 100%;
  display: grid;
  grid-template-columns: 26px 1fr auto;
  gap: 6px;
  text-align: left;
  border: 0;
  background: none;
  min-height: 36px;
  align-items: center;
  cursor: pointer;
  padding: 2px 4px;
}
.suspects li.out {
  color: var(--ink-soft);
  text-decoration: line-through;
  text-decoration-color: var(--unknown);
}
.suspects li.out .why {
  text-decoration: none;
}
.why {
  padding: 2px 8px 8px 34px;
}
.ask,
.cause {
  font-size: 1.2rem;
  font-weight: 700;
}
.next {
  display: grid;
  gap: 10px;
  position: sticky;
  top: 70px;
}
.answers {
  gap: 8px;
}
.answers .plain-button {
  min-height: 54px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  text-align: left;
}
.unmet {
  border: 2px solid var(--copper);
  background: var(--copper-soft);
  border-radius: 8px;
  padding: 8px 10px;
}
.cautions li {
  color: var(--defect);
  background: var(--defect-soft);
  padding: 5px 9px;
  border-radius: 6px;
  margin-bottom: 4px;
}
.link {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
  min-height: 36px;
  padding: 0 4px;
}
.other {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.error {
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
summary {
  min-height: var(--touch);
  cursor: pointer;
}
@media (max-width: 1000px) {
  .three,
  .middle {
    grid-template-columns: 1fr;
  }
  .next {
    order: -1;
    position: static;
  }
  .field {
    max-width: 300px;
  }
}
</style>
