<script setup lang="ts">
// The day and the week: who goes where in which order, as booked, as proposed, or as dragged;
// what is driven and waited, and what breaks.
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import { isoDay as iso, minutes, timeOfDay, weekDay as day } from '@/format'
import AwayPanel from '@/components/records/AwayPanel.vue'
import PointMap from '@/components/charts/PointMap.vue'
import { useRequest } from '@/composables/useRequest'

type Plan = Schemas['DayPlan']
type Stop = Schemas['PlannedVisit']
const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const plan = ref<Plan | null>(null)
const { error, busy, run } = useRequest()
const told = ref('')
const changed = ref(false)
const moving = ref<string | null>(null)
const days = computed(() => (route.query.days === '7' ? 7 : 1))
const from = computed(() =>
  typeof route.query.from === 'string' ? route.query.from : iso(new Date()),
)
const offset = computed(() => -new Date(`${from.value}T12:00`).getTimezoneOffset())
const mayKeep = computed(() => may('day_plan'))
const dates = computed(() => [...new Set(plan.value?.rounds.map((round) => round.date) ?? [])])
const round = (person: number, date: string) =>
  plan.value?.rounds.find((one) => one.person === person && one.date === date)
const away = (person: number, date: string) =>
  plan.value?.away.some((one) => one.person === person && one.date === date)
const arrangement = () =>
  plan.value!.rounds.map((one) => ({
    person: one.person,
    date: one.date,
    visits: one.stops.map((stop) => stop.visit),
  }))

async function attempt(action: () => Promise<Plan>, note = '') {
  await run(async () => {
    plan.value = await action()
    told.value = note
  })
}
const body = () => ({ from: from.value, days: days.value, offset: offset.value })
const load = () =>
  attempt(() => unwrap(api.GET('/api/plan', { params: { query: body() } }))).then(
    () => (changed.value = false),
  )
const propose = () =>
  attempt(() => unwrap(api.POST('/api/plan/propose', { body: body() }))).then(
    () => (changed.value = true),
  )
const check = () =>
  attempt(() =>
    unwrap(api.POST('/api/plan/check', { body: { ...body(), arrangement: arrangement() } })),
  ).then(() => (changed.value = true))
const keep = () =>
  attempt(async () => {
    const kept = await unwrap(
      api.PUT('/api/plan', { body: { ...body(), arrangement: arrangement() } }),
    )
    changed.value = false
    return kept
  }, 'plan.kept')
onMounted(load)

async function go(by: number, span = days.value) {
  const date = new Date(`${from.value}T12:00`)
  date.setDate(date.getDate() + by)
  if (span === 7) date.setDate(date.getDate() - ((date.getDay() + 6) % 7))
  await router.replace({ query: { from: iso(date), days: String(span) } })
  await load()
}
/** Puts a visit into a round before another, or at its end; person 0 takes it out. */
async function move(visit: string, person: number, date: string, before: string | null = null) {
  if (!plan.value || visit === before || (person && !round(person, date))) return
  const lists = [...plan.value.rounds.map((one) => one.stops), plan.value.unplaced]
  const stop = lists.flat().find((one) => one.visit === visit)
  if (!stop) return
  for (const list of lists) {
    const at = list.findIndex((one) => one.visit === visit)
    if (at >= 0) list.splice(at, 1)
  }
  const target = person ? round(person, date)!.stops : plan.value.unplaced
  const at = before ? target.findIndex((one) => one.visit === before) : -1
  target.splice(at < 0 ? target.length : at, 0, stop)
  moving.value = null
  await check()
}
function dropped(event: DragEvent, person: number, date: string, before: string | null = null) {
  const visit = event.dataTransfer?.getData('text/plain')
  if (visit) void move(visit, person, date, before)
}
const drag = (event: DragEvent, stop: Stop) => event.dataTransfer?.setData('text/plain', stop.visit)
const time = (text?: string) => (text ? timeOfDay(text) : '')
const hours = (seconds: number) =>
  `${Math.floor(seconds / 3600)}:${String(Math.round((seconds % 3600) / 60)).padStart(2, '0')} h`
const feed = ref('')
async function address() {
  await run(async () => {
    feed.value = (await unwrap(api.POST('/api/calendar/feed', { body: {} }))).url
  })
}
/** What of the day's plan has a place: the van's, and each visit in its round's order. */
const mapped = computed(() => {
  const now = plan.value
  const base = now?.base ? [{ ...now.base, label: t('map.base'), kind: 'base' as const }] : []
  const stops = (now?.rounds ?? []).flatMap((one) =>
    one.stops.flatMap((stop, index) =>
      stop.place
        ? [
            {
              ...stop.place,
              label: `${stop.customer}, ${stop.address}`,
              kind: 'stop' as const,
              order: index + 1,
            },
          ]
        : [],
    ),
  )
  return [...base, ...stops]
})
const routes = computed(() =>
  (plan.value?.rounds ?? []).map((one) => [
    ...(plan.value?.base ? [plan.value.base] : []),
    ...one.stops.flatMap((stop) => (stop.place ? [stop.place] : [])),
  ]),
)
const less = computed(() => {
  const now = plan.value
  if (!now?.compare) return null
  const before = now.compare.driving + now.compare.waiting
  return before ? Math.round(100 * (1 - (now.driving + now.waiting) / before)) : null
})
</script>

<template>
  <div class="page stack">
    <div class="row between">
      <h1>{{ $t('plan.title') }}</h1>
      <div class="row">
        <button
          type="button"
          class="plain-button"
          :aria-label="$t('plan.before')"
          @click="go(days === 7 ? -7 : -1)"
        >
          ‹
        </button>
        <b>{{ day(from) }}</b>
        <button
          type="button"
          class="plain-button"
          :aria-label="$t('plan.after')"
          @click="go(days === 7 ? 7 : 1)"
        >
          ›
        </button>
        <button type="button" class="plain-button" :aria-pressed="days === 1" @click="go(0, 1)">
          {{ $t('plan.day') }}
        </button>
        <button type="button" class="plain-button" :aria-pressed="days === 7" @click="go(0, 7)">
          {{ $t('plan.week') }}
        </button>
      </div>
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="busy && !plan" role="status">{{ $t('plan.reckoning') }}</p>
    <template v-if="plan">
      <div class="panel row between">
        <p role="status">
          <b>{{ hours(plan.driving) }}</b> {{ $t('plan.driving') }} ·
          <b>{{ hours(plan.waiting) }}</b> {{ $t('plan.waiting')
          }}<template v-if="less !== null">
            · <b>{{ $t('plan.less', { n: less }) }}</b></template
          ><template v-if="plan.at_least">
            ·
            <span class="soft">{{
              $t('plan.atLeast', { n: hours(plan.at_least) })
            }}</span></template
          ><template v-if="plan.breaks">
            · <b class="broken">{{ $t('plan.breaks', { n: plan.breaks }) }}</b></template
          ><template v-if="told"> · {{ $t(told) }}</template>
        </p>
        <div class="row">
          <el-button :loading="busy" @click="propose">{{ $t('plan.propose') }}</el-button>
          <el-button v-if="changed" @click="load">{{ $t('plan.back') }}</el-button>
          <el-button v-if="changed && mayKeep" type="primary" @click="keep">{{
            $t('plan.keep')
          }}</el-button>
        </div>
      </div>
      <div class="scroll" tabindex="0">
        <table>
          <thead>
            <tr>
              <th />
              <th v-for="date in dates" :key="date" scope="col">{{ day(date) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="person in plan.people" :key="person.id">
              <th scope="row">{{ person.name }}</th>
              <td
                v-for="date in dates"
                :key="date"
                class="round"
                :class="{ free: !round(person.id, date)?.stops.length }"
                :data-day="day(date)"
                @dragover.prevent
                @drop.prevent="dropped($event, person.id, date)"
              >
                <p v-if="away(person.id, date)" class="soft small">{{ $t('away.here') }}</p>
                <p v-if="round(person.id, date)?.stops.length" class="soft small">
                  {{
                    $t('plan.round', {
                      drive: minutes(round(person.id, date)!.driving),
                      wait: minutes(round(person.id, date)!.waiting),
                    })
                  }}
                </p>
                <article
                  v-for="stop in round(person.id, date)?.stops"
                  :key="stop.visit"
                  class="stop"
                  :class="{ broken: stop.breaks?.length, danger: stop.danger }"
                  :draggable="stop.status === 'booked'"
                  @dragstart="drag($event, stop)"
                  @dragover.prevent
                  @drop.prevent.stop="dropped($event, person.id, date, stop.visit)"
                >
                  <p class="row between">
                    <b class="small">{{ time(stop.start) }} – {{ time(stop.leave) }}</b
                    ><span class="soft small">{{
                      $t('plan.drive', { n: minutes(stop.drive ?? 0) })
                    }}</span>
                  </p>
                  <p>
                    <RouterLink :to="`/heaters/${stop.heater_id}`">{{ stop.customer }}</RouterLink>
                  </p>
                  <p class="soft small">{{ stop.address }} · {{ stop.jobs.join(', ') }}</p>
                  <p v-for="text in stop.breaks" :key="text" class="breaks small">{{ text }}</p>
                  <p v-if="stop.reasons?.length" class="soft small">
                    {{ stop.reasons.join('; ') }}
                  </p>
                  <button
                    v-if="stop.status === 'booked'"
                    type="button"
                    class="plain-button small"
                    :aria-expanded="moving === stop.visit"
                    @click="moving = moving === stop.visit ? null : stop.visit"
                  >
                    {{ $t('plan.move') }}
                  </button>
                  <div v-if="moving === stop.visit" class="targets">
                    <template v-for="other in plan.people" :key="other.id"
                      ><button
                        v-for="to in dates"
                        :key="to"
                        type="button"
                        class="plain-button small"
                        :disabled="(other.id === person.id && to === date) || !round(other.id, to)"
                        @click="move(stop.visit, other.id, to)"
                      >
                        {{ other.name }}<template v-if="dates.length > 1">, {{ day(to) }}</template>
                      </button></template
                    >
                    <button
                      type="button"
                      class="plain-button small"
                      @click="
                        move(stop.visit, person.id, date, round(person.id, date)!.stops[0]!.visit)
                      "
                    >
                      {{ $t('plan.first') }}
                    </button>
                  </div>
                </article>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <section v-if="plan.unplaced.length" class="panel">
        <h2>{{ $t('plan.unplaced') }}</h2>
        <article
          v-for="stop in plan.unplaced"
          :key="stop.visit"
          class="stop"
          draggable="true"
          @dragstart="drag($event, stop)"
        >
          <b>{{ stop.customer }}</b>
          <span class="soft small">{{ stop.address }} · {{ stop.jobs.join(', ') }}</span>
        </article>
      </section>
      <section v-if="days === 1 && mapped.length > 1" class="panel stack">
        <h2>{{ $t('map.title') }}</h2>
        <PointMap :points="mapped" :lines="routes" />
      </section>
      <AwayPanel :people="plan.people" @changed="load" />
      <p class="soft small">{{ $t('plan.lead') }}</p>
      <p class="row small">
        <a href="/api/calendar.ics" download>{{ $t('plan.file') }}</a><button
          type="button"
          class="plain-button small"
          @click="address"
        >
          {{ $t('plan.feed') }}
        </button>
      </p>
      <p v-if="feed" role="status" class="number small feed">
        {{ feed }}<br />{{ $t('plan.feedLead') }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.feed {
  overflow-wrap: anywhere;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  padding: 6px 8px;
  white-space: nowrap;
  vertical-align: top;
}
.round {
  border: 1px solid var(--line);
  padding: 8px;
  vertical-align: top;
  min-width: 190px;
  background: var(--raised);
}
.stop {
  border: 1px solid var(--line);
  border-left: 4px solid var(--copper);
  border-radius: 6px;
  padding: 8px;
  margin-top: 8px;
  display: grid;
  gap: 3px;
  background: var(--ground);
  overflow-wrap: anywhere;
}
.stop[draggable='true'] {
  cursor: grab;
}
.stop.danger {
  border-left-color: var(--danger);
}
.stop.broken {
  outline: 2px solid var(--defect);
}
.stop .plain-button {
  justify-self: start;
}
.breaks,
b.broken {
  color: var(--defect);
  font-weight: 700;
}
.targets {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button[aria-pressed='true'] {
  background: var(--copper-soft);
  border-color: var(--copper);
  font-weight: 700;
}
/* On a phone one person's days stand below one another, and free ones are left out. */
@media (max-width: 700px) {
  thead,
  .round.free {
    display: none;
  }
  table,
  tbody,
  tr,
  th,
  .round {
    display: block;
  }
  .round::before {
    content: attr(data-day);
    font-weight: 700;
  }
}
</style>
