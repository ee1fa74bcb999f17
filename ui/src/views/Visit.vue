<script setup lang="ts">
// A visit: the steps in computed order, the step in hand, and what it means, all live.
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, asProblem, unwrap, type PlannedStep, type Schemas, type Visit } from '@/api/client'
import { outbox, unsentOf, write, writeInVisit, writePhoto } from '@/api/outbox'
import { line } from '@/pocket/office'
import { takeAlong } from '@/pocket/pocket'
import { may, session } from '@/api/session'
import type { VisitWrite, VisitWriteBody, WriteBody } from '@/api/writes'
import { isTraining } from '@/api/training'
import { useKeys } from '@/composables/useKeys'
import { useShown } from '@/composables/useShown'
import { useTakeBack } from '@/composables/useTakeBack'
import { provideVisit } from '@/composables/useVisit'
import BothSaid from '@/components/visit/BothSaid.vue'
import ChangeBooking from '@/components/records/ChangeBooking.vue'
import EndVisit from '@/components/visit/EndVisit.vue'
import FindingsPanel from '@/components/visit/FindingsPanel.vue'
import FinishPanel from '@/components/visit/FinishPanel.vue'
import JustSaid from '@/components/visit/JustSaid.vue'
import JobsPanel from '@/components/visit/JobsPanel.vue'
import KeysHelp from '@/components/common/KeysHelp.vue'
import MeaningPanel from '@/components/visit/MeaningPanel.vue'
import LongHeat from '@/components/visit/LongHeat.vue'
import PartFacts from '@/components/visit/PartFacts.vue'
import RunningWaits from '@/components/visit/RunningWaits.vue'
import SafetyLadder from '@/components/charts/SafetyLadder.vue'
import SectionDrawing from '@/components/charts/SectionDrawing.vue'
import StepCard from '@/components/visit/StepCard.vue'
import TakeBackDialog from '@/components/visit/TakeBackDialog.vue'
import TwoAccounts from '@/components/visit/TwoAccounts.vue'
import HouseholdLink from '@/components/visit/HouseholdLink.vue'
import ToldBefore from '@/components/visit/ToldBefore.vue'
import InTheWay from '@/components/visit/InTheWay.vue'
import RangBecause from '@/components/visit/RangBecause.vue'
import TrainingBar from '@/components/visit/TrainingBar.vue'
import StepList from '@/components/visit/StepList.vue'
import VisitPhoto from '@/components/visit/VisitPhoto.vue'
import WorkLine from '@/components/visit/WorkLine.vue'
import { recall } from '@/composables/useFromAfar'
import { minutes, shortDate, timeOfDay } from '@/format'
import { at } from '@/place'

const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const visit = ref<Visit | null>(null)
useShown(props.id, visit)
const error = ref('')
const { asked: takenBack, answer, takeBack, takeBackLast } = useTakeBack(visit, put, error)
provideVisit({ id: props.id, send, put, read, photo, takeBack, together })
const chosen = ref<string | null>(typeof route.query.step === 'string' ? route.query.step : null)
const side = ref<'drawing' | 'ladder' | 'findings'>('drawing')
const phone = ref<'steps' | 'step' | 'picture' | 'findings'>('step')
const keysShown = ref(false)
const card = ref<InstanceType<typeof StepCard>>()

const steps = computed(() => visit.value?.plan.steps ?? [])
const finishing = computed(
  () => chosen.value === 'finish' || (!!visit.value && !steps.value.length),
)
/** Where in the plan, for an operation that comes in it twice. */
const place = ref<number | null>(null)
const index = computed(() => {
  if (place.value !== null && steps.value[place.value]?.operation === chosen.value)
    return place.value
  const at = steps.value.findIndex((step) => step.operation === chosen.value)
  // plain acts stand on the card of what they lead to
  return Math.max(0, at < 0 ? steps.value.findIndex((step) => !step.together) : at)
})
const current = computed(() => (finishing.value ? null : (steps.value[index.value] ?? null)))

async function load() {
  try {
    visit.value = await unwrap(api.GET('/api/visits/{id}', { params: { path: { id: props.id } } }))
    if (!line.away) takeAlong(visit.value.heater.id)
  } catch (cause) {
    const { message, status } = asProblem(cause)
    // whose session is over goes on with what stands here, and signs in to send it
    if ([403, 404].includes(status)) visit.value = null
    if (!visit.value) error.value = message
  }
}
/** Writes that are on their way. */
const underWay = ref(0)
async function busy<T>(doing: Promise<T>) {
  underWay.value++
  try {
    return await doing
  } finally {
    underWay.value--
  }
}
/** Sends a write of this visit; the answer is the visit as it then stands. Throws a Problem. */
async function put<W extends VisitWrite>(what: W, body: VisitWriteBody<W>) {
  visit.value = await busy(writeInVisit(props.id, what, body))
}
/** The same; what was refused stands on the screen, with the step on the way. */
async function send<W extends VisitWrite>(what: W, body: VisitWriteBody<W>) {
  error.value = ''
  try {
    await put(what, body)
    return true
  } catch (cause) {
    const { message, details } = asProblem(cause)
    error.value = message
    const step = steps.value.find((one) => one.operation === details.step)
    if (step) offered.value = step.operation
    return false
  }
}
async function photo(subject: string, file: Blob) {
  visit.value = await busy(writePhoto(props.id, subject, file))
}
/** Writes a reading; its answer says what else changed with it. */
async function read(reading: WriteBody<'/api/visits/{id}/readings'>) {
  const judged = await busy(write('/api/visits/{id}/readings', { id: props.id }, reading))
  const { visit: whole, steps: asking = [], ...rest } = judged.changed
  const now = visit.value
  if (whole) visit.value = whole
  else if (now) {
    const renewed = (step: PlannedStep) => ({
      ...step,
      ...asking.find((one) => one.operation === step.operation),
    })
    visit.value = { ...now, ...rest, plan: { ...now.plan, steps: now.plan.steps.map(renewed) } }
  }
  return judged
}
const offered = ref<string | null>(null)
function choose(operation: string | null) {
  chosen.value = operation
  place.value = null
  offered.value = null
  error.value = ''
  phone.value = 'step'
  window.scrollTo({ top: 0 })
}
watch(
  () => [visit.value?.units, visit.value?.heater.installation.fuel],
  ([units, fuel]) => units && at(String(units), String(fuel ?? '')),
)
watch(chosen, (step) => void router.replace({ query: step ? { step } : {} }))

const move = (by: number) => {
  if (finishing.value) return choose(steps.value[steps.value.length - 1]?.operation ?? null)
  const to = index.value + by
  const next = steps.value[to]
  choose(next ? next.operation : by > 0 ? 'finish' : current.value!.operation)
  if (next) place.value = to
}
async function done(
  operation: string,
  outcome: Schemas['StepDone']['outcome'],
  reason?: string,
  override?: string,
) {
  const wasFirst = steps.value.slice(0, index.value).every((step) => step.together)
  if (
    !(await send('steps', {
      operation,
      outcome,
      ...(reason ? { reason } : {}),
      ...(override ? { override } : {}),
      at: new Date().toISOString(),
    }))
  )
    return
  if (wasFirst || chosen.value === operation) choose(null)
}
/** A reading that is written unseen; what was refused stands on the screen. */
const readUnseen = (reading: WriteBody<'/api/visits/{id}/readings'>) =>
  read(reading).then(
    () => true,
    (cause) => {
      error.value = asProblem(cause).message
      return false
    },
  )
/**
 * Plain acts, said together by one touch: each is written by itself, in their order, and refused by
 * itself; none waits for the answer to the one before, which may be a while in coming.
 */
async function together(acts: PlannedStep[]) {
  const sent = acts.flatMap(({ operation, reads, together: says }) => {
    const at = new Date().toISOString()
    const known = (name: string) =>
      visit.value?.readings[name] && !reads.find((one) => one.name === name)?.stale
    return [
      ...(says ?? [])
        .filter((one) => !known(one.name))
        .map(({ name, value }) => readUnseen({ name, value, at })),
      send('steps', { operation, outcome: 'done', together: true, at }),
    ]
  })
  return (await Promise.all(sent)).every(Boolean)
}
/** The part whose facts are asked under the drawing. */
const asked = ref<string | null>(null)
/** What the record does not know is drawn dashed: touched, it asks. */
const dashed = (id: string) =>
  visit.value?.section.shapes.some((shape) => shape.part === id && shape.role === 'unknown')
function part(id: string) {
  if (visit.value?.status === 'open' && may('records') && dashed(id)) {
    asked.value = id
    return
  }
  const step = steps.value.find((one) => one.part === id)
  if (step) choose(step.operation)
  else {
    side.value = 'findings'
    phone.value = 'findings'
  }
}
useKeys({
  n: () => move(1),
  p: () => move(-1),
  u: () => void send('undo', {}),
  b: takeBackLast,
  x: () => card.value?.giveUp(),
  s: () => card.value?.soundHere(),
  a: () => card.value?.allSound(),
  o: () => card.value?.noneOfTheRest(),
  d: () => (side.value = side.value === 'drawing' ? 'ladder' : 'drawing'),
  '/': () => {
    side.value = 'findings'
    phone.value = 'findings'
    requestAnimationFrame(() =>
      document.querySelector<HTMLInputElement>('#catalogue-search')?.focus(),
    )
  },
  '?': () => (keysShown.value = true),
  Enter: () => card.value?.confirm(),
  ...Object.fromEntries(
    ['1', '2', '3', '4', '5', '6'].map((n) => [n, () => card.value?.answer(Number(n) - 1)]),
  ),
})

// Others' entries come by server-sent events; while there is no such connection the screen looks
// by itself.
let timer = 0
let events: EventSource | undefined
const refetch = () =>
  document.visibilityState === 'visible' && !outbox.waiting.length && void load()
/** Somebody has written; what this screen wrote itself it knows already. */
function changed(event: MessageEvent<string>) {
  const { version } = JSON.parse(event.data) as { version: number }
  if (version > (visit.value?.version ?? 0)) refetch()
}
function listen() {
  events = new EventSource(`/api/visits/${props.id}/events`)
  events.addEventListener('change', changed)
  events.addEventListener('open', refetch)
}
/** A page that nobody looks at holds no connection: a browser has six in all for its tabs. */
const hush = () => events?.close()
const again = (event: PageTransitionEvent) => event.persisted && listen()
function shown() {
  hush()
  if (document.visibilityState === 'visible') listen()
}
onMounted(recall)
onMounted(async () => {
  await load()
  if (visit.value?.status === 'signed') return
  listen()
  window.addEventListener('pagehide', hush)
  window.addEventListener('pageshow', again)
  timer = window.setInterval(() => events?.readyState !== EventSource.OPEN && refetch(), 5000)
  document.addEventListener('visibilitychange', shown)
})
onBeforeUnmount(() => {
  clearInterval(timer)
  hush()
  window.removeEventListener('pagehide', hush)
  window.removeEventListener('pageshow', again)
  document.removeEventListener('visibilitychange', shown)
})

const offSite = computed(() =>
  timeOfDay(Date.now() + (visit.value?.plan.total ?? 0) * 1000).replace(' ', ' '),
)
const blocks = computed(() =>
  steps.value.map((step) => ({
    start: step.start,
    seconds: step.hands_on + (step.wait?.manner === 'attended' ? step.wait.seconds : 0),
    title: step.title,
    wait: step.wait?.seconds,
    manner: step.wait?.manner,
  })),
)
const past = computed(() =>
  (visit.value?.done ?? []).map((step) => ({
    title: step.title,
    took: step.took ?? 0,
    reckoned: step.reckoned ?? 0,
  })),
)
const timers = computed(() =>
  (visit.value?.running ?? []).map((wait) => ({ label: wait.label, left: wait.seconds_left })),
)
/** What can go on while something runs: the first step of the plan whose needs hold. */
const meanwhile = computed(
  () =>
    steps.value.find((step) => step.start === 0 && step.needs.every((need) => need.met)) ?? null,
)
const jobsShown = ref(false)
/** Photographs of a visit that is signed, with what each shows. */
const pictures = computed(() =>
  Object.entries(visit.value?.photos ?? {}).flatMap(([subject, ids]) => {
    const asked = visit.value?.answers.find((one) => one.name === subject)?.ask
    return ids.map((id) => ({ id, what: asked ?? visit.value?.parts[subject] ?? subject }))
  }),
)
const news = computed(() => {
  const all = Object.values(visit.value?.readings ?? {}).filter(
    (one) => one.by && one.by !== session.person?.id,
  )
  const last = all.sort((a, b) => (a.at ?? '').localeCompare(b.at ?? '')).pop()
  return last
    ? {
        text: [
          `${visit.value?.people[String(last.by)] ?? ''}:`,
          visit.value?.answers.find((one) => one.id === last.id)?.ask ?? '',
          last.text,
        ].join(' '),
        at: last.at,
      }
    : null
})
/** What they rang for, which the finder begins with. */
const sought = computed(() =>
  visit.value?.complaint?.finder ? { symptom: visit.value.complaint.id } : {},
)
const abnormal = computed(() => visit.value?.state ?? [])
/** The step in hand stands there first; what is beside it follows. */
const beside = ref(false)
const first = watch(visit, () => {
  requestAnimationFrame(() => setTimeout(() => (beside.value = true)))
  first()
})
</script>

<template>
  <div class="visit" :class="phone" :aria-busy="underWay > 0">
    <p v-if="!visit && error" class="page" role="alert">{{ error }}</p>
    <template v-if="visit">
      <TrainingBar
        v-if="isTraining(id)"
        :id="id"
        :operation="current?.operation"
        :changed="visit"
        @time="load"
      />
      <div class="head">
        <div class="title">
          <h1>
            {{ visit.place.customer }} <span class="soft">{{ visit.heater.label }}</span>
          </h1>
          <p class="soft small">
            <b v-if="visit.look_only">{{ $t('lookOnly') }} · </b
            ><span v-if="visit.status === 'open'" class="times"
              >{{ $t('visit.total', { n: minutes(visit.plan.total) }) }} ·
              {{ $t('visit.hands', { n: minutes(visit.plan.hands_on) }) }} ·
              {{ $t('visit.hot', { at: offSite }) }}</span
            ><span v-else>{{ $t(`status.${visit.status}`) }}</span>
            <button type="button" class="work" @click="jobsShown = true">
              {{ $t('jobs.open')
              }}<b v-if="visit.status === 'open' && visit.suggested.length" class="hint">{{
                visit.suggested.length
              }}</b>
            </button>
            <RouterLink
              v-if="visit.status === 'open' && !visit.complaint?.advice"
              class="work"
              :to="{ path: `/visits/${id}/faults`, query: sought }"
              >{{ $t('finder.open') }}</RouterLink
            >
          </p>
          <RangBecause :complaint="visit.complaint" />
          <ToldBefore :visit="visit" />
          <InTheWay :visit="visit" />
          <p v-if="news" class="small news" aria-live="polite">{{ news.text }}</p>
        </div>
        <WorkLine
          v-if="blocks.length"
          class="line"
          :blocks="blocks"
          :total="visit.plan.total"
          :past="past"
          :running="timers"
          :hot="visit.outlay.hot_again"
          @pick="(i) => choose(steps[i]?.operation ?? null)"
        />
      </div>
      <ul class="state" tabindex="0" :aria-label="$t('visit.state')">
        <li v-for="one in abnormal" :key="one.name" :class="{ changed: !one.normal }">
          {{ one.text }}
        </li>
      </ul>

      <div class="columns">
        <aside class="left">
          <StepList
            v-if="beside"
            :visit="visit"
            :current="finishing ? 'finish' : (current?.operation ?? null)"
            @choose="choose"
            @undo="send('undo', {})"
          />
        </aside>

        <section class="centre">
          <RunningWaits
            v-if="visit.running.length && visit.status === 'open'"
            :waits="visit.running"
            :meanwhile="meanwhile"
            @go="choose"
            @over="(operation) => done(operation, 'already_so')"
            @end="load"
          />
          <LongHeat
            v-if="visit.outlay.long_heat && visit.status === 'open'"
            :heat="visit.outlay.long_heat"
          />
          <p v-if="visit.status === 'booked'" class="panel">
            <el-button type="primary" size="large" @click="send('start', {})">{{
              $t('visit.start')
            }}</el-button>
            <ChangeBooking v-if="may('records')" :visit="visit" @changed="load" />
            <EndVisit v-if="may('end_visit')" :visit="visit" />
            <HouseholdLink v-if="may('records')" :id="id" />
          </p>
          <div v-else-if="visit.ended" class="panel">
            <h2>{{ $t(`ended.${visit.ended.how}`) }}</h2>
            <p>
              {{
                $t('ended.by', {
                  by: visit.ended.by,
                  at: `${shortDate(visit.ended.at)}, ${timeOfDay(visit.ended.at)}`,
                })
              }}
              <template v-if="visit.ended.reason">“{{ visit.ended.reason }}”</template>
            </p>
            <p class="row">
              <RouterLink :to="`/heaters/${visit.heater.id}`">{{ $t('ended.heater') }}</RouterLink>
              <button type="button" class="plain-button" @click="send('end', { how: 'reopened' })">
                {{ $t('ended.reopened') }}
              </button>
            </p>
          </div>
          <p v-else-if="visit.status === 'signed'" class="panel">
            {{ $t(unsentOf(id) ? 'visit.lockedHere' : 'visit.locked') }}
            <RouterLink :to="`/visits/${id}/report`">{{ $t('visit.openReport') }}</RouterLink>
            <span v-if="pictures.length" class="pictures">
              <VisitPhoto v-for="one in pictures" :id="one.id" :key="one.id" :alt="one.what" />
            </span>
          </p>
          <template v-else>
            <BothSaid v-if="visit.contradictions.length" :visit="visit" />
            <TwoAccounts v-if="visit.apart.length" :visit="visit" />
            <JustSaid v-if="current" :visit="visit" />
            <StepCard
              v-if="current"
              :key="current.operation"
              ref="card"
              :visit="visit"
              :step="current"
              :error="error"
              :offered="offered"
              @done="done"
              @go="choose"
            />
            <FinishPanel v-else :visit="visit" :error="error" @go="choose" />
          </template>
        </section>

        <aside class="right">
          <div class="tabs" role="tablist">
            <button
              v-for="one in ['drawing', 'ladder', 'findings'] as const"
              :key="one"
              type="button"
              role="tab"
              class="tab"
              :aria-selected="side === one"
              @click="side = one"
            >
              {{
                one === 'drawing'
                  ? $t('heater.drawing')
                  : one === 'ladder'
                    ? $t('heater.ladder')
                    : `${$t('visit.findings')} ${visit.deficiencies.length || ''}`
              }}
            </button>
          </div>
          <SectionDrawing
            v-if="beside && side === 'drawing'"
            :section="visit.section"
            :parts="visit.parts"
            :marks="visit.marks"
            :stands="abnormal.filter((one) => !one.normal).map((one) => one.text)"
            :active="current?.part"
            @part="part"
          />
          <PartFacts
            v-if="beside && side === 'drawing' && visit.status === 'open' && may('records')"
            :visit="visit"
            :part="asked"
            @part="(id) => (asked = id)"
            @go="choose"
          />
          <template v-if="side === 'ladder'">
            <SafetyLadder :ladder="visit.ladder" @part="part" />
            <MeaningPanel v-if="visit.meaning" :meaning="visit.meaning" />
          </template>
          <FindingsPanel v-if="side === 'findings'" :visit="visit" />
        </aside>
      </div>

      <nav class="bottom no-print">
        <button type="button" :aria-pressed="phone === 'steps'" @click="phone = 'steps'">
          {{ $t('visit.steps') }}
        </button>
        <button type="button" :aria-pressed="phone === 'step'" @click="phone = 'step'">
          {{ $t('visit.step') }}
        </button>
        <button
          type="button"
          :aria-pressed="phone === 'picture'"
          @click="((phone = 'picture'), (side = side === 'findings' ? 'drawing' : side))"
        >
          {{ $t('visit.drawing') }}
        </button>
        <button
          type="button"
          :aria-pressed="phone === 'findings'"
          @click="((phone = 'findings'), (side = 'findings'))"
        >
          {{ $t('visit.findings') }} {{ visit.deficiencies.length || '' }}
        </button>
      </nav>
      <JobsPanel v-if="jobsShown" :visit="visit" @close="jobsShown = false" />
      <KeysHelp v-if="keysShown" @close="keysShown = false" />
      <TakeBackDialog
        v-if="takenBack"
        :answer="answer"
        :text="takenBack.text"
        :who="takenBack.who"
        @take="(reason, told) => takeBack(takenBack!.id, reason, told)"
        @close="takenBack = null"
      />
    </template>
  </div>
</template>

<style scoped>
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
}
.head {
  display: grid;
  grid-template-columns: minmax(260px, 340px) 1fr;
  gap: 16px;
  align-items: center;
  padding: 8px 16px;
  background: var(--raised);
  border-bottom: 1px solid var(--line);
}
.head h1 {
  font-size: 1.15rem;
}
.work {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
  min-height: var(--touch);
  display: inline-flex;
  align-items: center;
}
.hint {
  display: inline-block;
  margin-left: 6px;
  min-width: 20px;
  border-radius: 10px;
  background: var(--copper);
  color: var(--on-copper);
  text-align: center;
  text-decoration: none;
  font-size: 0.8rem;
}
.news {
  color: var(--copper);
}
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px 16px;
  background: var(--sunk);
  border-bottom: 1px solid var(--line);
  font-size: 0.86rem;
  position: sticky;
  top: 56px;
  z-index: 10;
}
.state li {
  padding: 2px 9px;
  border-radius: 20px;
  border: 1px solid var(--line);
  background: var(--raised);
}
.state li.changed {
  border-color: var(--copper);
  background: var(--copper-soft);
  font-weight: 700;
}
.columns {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr) 390px;
  gap: 14px;
  padding: 14px 16px;
  align-items: start;
}
.left {
  max-height: calc(100vh - 190px);
  overflow: auto;
  position: sticky;
  top: 100px;
}
.right {
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 8px 12px 12px;
  max-height: calc(100vh - 180px);
  overflow: auto;
  position: sticky;
  top: 100px;
}
.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
  margin-bottom: 6px;
}
.tab {
  flex: 1;
  min-height: var(--touch);
  background: none;
  border: 0;
  border-bottom: 3px solid transparent;
  cursor: pointer;
  color: var(--ink-soft);
}
.tab[aria-selected='true'] {
  color: var(--ink);
  border-color: var(--copper);
  font-weight: 700;
}
.bottom {
  display: none;
}
@media (max-width: 1050px) {
  .columns {
    grid-template-columns: 220px minmax(0, 1fr);
  }
  .right {
    grid-column: 1 / -1;
    position: static;
    max-height: none;
  }
}
@media (max-width: 700px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
    padding: 6px 12px;
    gap: 4px;
  }
  .head .line {
    display: none;
  }
  .state {
    padding: 5px 12px;
    font-size: 0.8rem;
    gap: 4px;
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .state li {
    white-space: nowrap;
  }
  .columns {
    display: block;
    padding: 10px 10px 76px;
  }
  .left,
  .right {
    position: static;
    max-height: none;
  }
  .visit:not(.steps) .left,
  .visit:not(.step) .centre {
    display: none;
  }
  .visit.step .right,
  .visit.steps .right {
    display: none;
  }
  .bottom {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    position: fixed;
    bottom: 0;
    left: 0;
    right: 0;
    background: var(--raised);
    border-top: 1px solid var(--line);
    z-index: 15;
    padding-bottom: env(safe-area-inset-bottom);
  }
  .bottom button {
    min-height: 54px;
    border: 0;
    background: none;
    font-size: 0.82rem;
    border-top: 3px solid transparent;
    color: var(--ink-soft);
  }
  .bottom button[aria-pressed='true'] {
    border-color: var(--copper);
    color: var(--ink);
    font-weight: 700;
  }
}
/* Letters half as large again or more, on a phone: what is in hand comes first. */
@media (max-width: 17em) {
  .head h1 {
    font-size: 1rem;
  }
  .times,
  .news,
  .state {
    display: none;
  }
  .bottom button {
    font-size: 0.5rem;
    min-height: 48px;
  }
}
</style>
