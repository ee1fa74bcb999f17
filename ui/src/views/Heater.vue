<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import YearsSideBySide from '@/components/records/YearsSideBySide.vue'
import { tellCustomer, type When } from '@/api/bookings'
import { api, unwrap, uuid, type Grade, type Heater, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import { may } from '@/api/session'
import { at } from '@/place'
import GradeMark from '@/components/common/GradeMark.vue'
import BeginVisit from '@/components/records/BeginVisit.vue'
import BookingForm from '@/components/records/BookingForm.vue'
import GoneHeater from '@/components/records/GoneHeater.vue'
import HeaterForm from '@/components/records/HeaterForm.vue'
import LogsPanel from '@/components/records/LogsPanel.vue'
import SafetyLadder from '@/components/charts/SafetyLadder.vue'
import SectionDrawing from '@/components/charts/SectionDrawing.vue'
import TrendsPanel from '@/components/charts/TrendsPanel.vue'
import WhatIfPanel from '@/components/charts/WhatIfPanel.vue'
import { withLabels } from '@/i18n/units'
import { shortDate } from '@/format'
import { useRequest } from '@/composables/useRequest'

type NewVisit = Schemas['NewVisit']
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const heater = ref<Heater | null>(null)
const jobs = ref<Schemas['Jobs']>([])
const booking = ref(false)
const beginning = ref(false)
watch(
  () => [props.id, 'begin' in route.query] as const,
  ([, asked]) => (beginning.value = asked && may('visit')),
  { immediate: true },
)
const changing = ref(false)
const going = ref(false)
const { error, field, busy, run } = useRequest()

/** Who learnt a field of the record, and when. */
function learnt(field: string) {
  const one = heater.value?.learnt.find((each) => each.field === field)
  return one ? [one.by, short(one.on)].filter(Boolean).join(', ') : undefined
}
async function load() {
  heater.value = await unwrap(api.GET('/api/heaters/{id}', { params: { path: { id: props.id } } }))
  at(heater.value.units, String(heater.value.installation.fuel ?? ''))
}
onMounted(async () => {
  await load()
  jobs.value = heater.value!.jobs
})
watch(() => props.id, load)
/** What its visits say over the years: for its lines, and beside its photographs. */
const trends = ref<Schemas['Trend'][] | null>(null)
const { error: trendsFailed, run: lookBack } = useRequest()
watch(
  () => props.id,
  (id) =>
    lookBack(async () => {
      const params = { path: { id } }
      trends.value = await unwrap(api.GET('/api/heaters/{id}/trends', { params }))
    }),
  { immediate: true },
)
const back = () =>
  run(async () => {
    heater.value = await write('/api/heaters/{id}/end', { id: props.id }, { how: 'back' })
  })
const short = (iso: string) => shortDate(iso.slice(0, 10))

const book = (when: When, work: string[], tell: boolean) =>
  run(async () => {
    const id = await booked({ ...when, jobs: work })
    if (tell) await tellCustomer(id, 'booked')
    booking.value = false
    await load()
  })
async function booked(what: Omit<NewVisit, 'id'>) {
  const id = uuid()
  await write('/api/heaters/{id}/visits', { id: props.id }, { id, ...what })
  return id
}
/** A visit is begun, or the one that is there already is gone on with. */
async function begin(work: string[], visit: string | null, underWay: boolean, page = '') {
  await run(async () => {
    const id = visit ?? (await booked({ jobs: work, planned_for: new Date().toISOString() }))
    if (!underWay) await write('/api/visits/{id}/start', { id }, {})
    await router.push(`/visits/${id}${page}`)
  })
}
/** The one begun lately is all there is to go on with; else it is asked what the visit is for. */
function ask() {
  const [only, ...others] = heater.value!.begin
  if (only?.visit && only.why === 'under_way' && !others.length)
    return void begin(only.jobs, only.visit, true)
  beginning.value = true
}
/** Something is wrong: the visit looks first, and the work follows from what is found. */
const find = () => {
  const here = heater.value!.begin.find((one) => one.why === 'under_way')
  return begin(['inspection'], here?.visit ?? null, !!here, '/faults')
}
async function change(label: string, installation: Record<string, string>) {
  await run(async () => {
    heater.value = await unwrap(
      api.PUT('/api/heaters/{id}', {
        params: { path: { id: props.id } },
        body: { label, installation },
      }),
    )
    changing.value = false
  })
}
const closing = ref<Schemas['Deficiency'] | null>(null)
const evidence = ref('')
async function close(status: 'rectified' | 'accepted') {
  await run(async () => {
    heater.value = await write(
      '/api/deficiencies/{id}/close',
      { id: closing.value!.id },
      {
        status,
        evidence: evidence.value,
      },
    )
    closing.value = null
    evidence.value = ''
  })
}
</script>

<template>
  <div v-if="heater" class="page">
    <div class="row between">
      <div>
        <h1>
          {{ heater.label }} – {{ $t(`kind.${heater.installation.kind}`) }},
          {{ heater.installation.capacity }}
        </h1>
        <p>
          <RouterLink :to="`/customers/${heater.customer_id}`">{{ heater.customer }}</RouterLink>,
          {{ heater.address }}
        </p>
      </div>
      <div v-if="!heater.ended" class="row">
        <el-button v-if="may('records')" @click="going = true">{{ $t('gone.open') }}</el-button>
        <el-button @click="changing = true">{{ $t('heater.change') }}</el-button>
        <el-button @click="booking = true">{{ $t('heater.book') }}</el-button>
        <el-button v-if="may('visit')" type="primary" @click="ask">{{
          $t('heater.start')
        }}</el-button>
      </div>
    </div>
    <p v-if="heater.ended" class="panel row">
      <b>{{ $t(`gone.${heater.ended.how}`) }}</b>
      <span class="soft"
        >{{ heater.ended.by }}, {{ short(heater.ended.at)
        }}<template v-if="heater.ended.reason"> – {{ heater.ended.reason }}</template></span
      >
      <RouterLink v-if="heater.ended.successor" :to="`/heaters/${heater.ended.successor}`">{{
        $t('gone.toSuccessor')
      }}</RouterLink>
      <button v-if="may('records')" type="button" class="plain-button" @click="back">
        {{ $t('gone.back') }}
      </button>
    </p>
    <GoneHeater
      v-if="going"
      :heater="heater"
      @close="going = false"
      @changed="(after) => (heater = after)"
    />
    <BeginVisit
      v-if="beginning"
      :heater="heater"
      :busy="busy"
      :error="error"
      @begin="begin"
      @faults="find"
      @close="beginning = false"
    />
    <div class="three">
      <section class="stack">
        <div class="panel">
          <h2>{{ $t('heater.drawing') }}</h2>
          <SectionDrawing :section="heater.section" :parts="heater.parts" :marks="heater.marks" />
        </div>
        <div class="panel">
          <h2>{{ $t('heater.plate') }}</h2>
          <dl>
            <div v-for="(value, name) in heater.known" :key="name">
              <dt class="soft">{{ $t(`field.${name}`) }}</dt>
              <dd class="number" :title="learnt(String(name))">
                {{ $te(`word.${value}`) ? $t(`word.${value}`) : withLabels(value) }}
              </dd>
            </div>
          </dl>
          <details v-if="heater.learnt.length" class="small soft">
            <summary>{{ $t('facts.who', { n: heater.learnt.length }) }}</summary>
            <p v-for="one in heater.learnt" :key="one.field">
              {{ $t(`field.${one.field}`) }}: {{ learnt(one.field) }}
            </p>
          </details>
        </div>
      </section>
      <section class="stack">
        <div v-if="heater.ladder" class="panel">
          <h2>{{ $t('heater.ladder') }}</h2>
          <SafetyLadder :ladder="heater.ladder" />
        </div>
        <div class="panel">
          <h2>{{ $t('deficiency.title') }}</h2>
          <p v-if="!heater.deficiencies.length">{{ $t('deficiency.none') }}</p>
          <ul>
            <li
              v-for="one in heater.deficiencies"
              :key="one.id"
              class="item"
              :class="{ past: one.status !== 'open' }"
            >
              <GradeMark :grade="one.grade" word />
              <b class="small">{{ heater.parts[one.part] ?? one.part }}</b>
              <p class="small">{{ one.text }}</p>
              <p class="soft small">
                <template v-if="one.status === 'open'"
                  >{{ $t('deficiency.since', { on: short(one.found_on), n: one.age })
                  }}<template v-if="one.seen > 1">
                    · {{ $t('deficiency.again', { n: one.seen }) }}</template
                  ></template
                ><template v-else
                  >{{ $t(`deficiency.${one.status}`) }}
                  {{ one.closed_on ? short(one.closed_on) : '' }}: {{ one.evidence }}</template
                >
              </p>
              <button
                v-if="one.status === 'open'"
                type="button"
                class="plain-button"
                @click="closing = one"
              >
                {{ $t('deficiency.close') }}
              </button>
            </li>
          </ul>
        </div>
      </section>
      <section class="stack">
        <div class="panel">
          <h2>{{ $t('heater.owed') }}</h2>
          <p v-if="!heater.owed.length">{{ $t('heater.none') }}</p>
          <ul>
            <li v-for="owed in heater.owed" :key="owed.id" class="item">
              <GradeMark v-if="owed.grade" :grade="owed.grade as Grade" word />
              <b class="small">{{ short(owed.on) }}</b>
              <p class="small">{{ owed.text }}</p>
            </li>
          </ul>
        </div>
        <YearsSideBySide
          v-if="heater.photos.length"
          :photos="heater.photos"
          :trends="trends ?? []"
        />
        <div class="panel">
          <h2>{{ $t('heater.visits') }}</h2>
          <p v-if="!heater.visits.length">{{ $t('heater.noVisits') }}</p>
          <ul>
            <li v-for="visit in heater.visits" :key="visit.id" class="item">
              <RouterLink
                :to="
                  visit.status === 'signed' ? `/visits/${visit.id}/report` : `/visits/${visit.id}`
                "
                >{{ short(visit.planned_for) }} – {{ visit.jobs.join(', ') }}</RouterLink
              >
              <p class="soft small">
                {{ visit.outcome ? $t(`outcome.${visit.outcome}`) : $t(`status.${visit.status}`) }}
              </p>
            </li>
          </ul>
        </div>
      </section>
    </div>
    <TrendsPanel class="what-if" :trends="trends" :error="trendsFailed" />
    <LogsPanel class="what-if" :heater="heater.id" />
    <WhatIfPanel class="what-if" :heater="heater.id" />
    <el-dialog append-to-body v-model="booking" :title="$t('heater.book')" width="min(480px, 94vw)">
      <BookingForm
        v-if="booking"
        :jobs="jobs"
        :complaints="heater.complaints"
        :email="heater.email"
        :busy="busy"
        :error="error"
        @save="book"
      />
    </el-dialog>
    <el-dialog
      append-to-body
      :model-value="!!closing"
      :title="$t('deficiency.close')"
      width="min(480px, 94vw)"
      @close="closing = null"
    >
      <div class="stack">
        <p>{{ closing?.text }}</p>
        <label
          >{{ $t('deficiency.evidence')
          }}<el-input v-model="evidence" type="textarea" name="evidence"
        /></label>
        <p v-if="error" role="alert">{{ error }}</p>
        <div class="row">
          <el-button type="primary" :disabled="!evidence.trim()" @click="close('rectified')">{{
            $t('deficiency.asRectified')
          }}</el-button><el-button
            v-if="closing?.grade !== 'danger'"
            :disabled="!evidence.trim()"
            @click="close('accepted')"
            >{{ $t('deficiency.asAccepted') }}</el-button
          >
        </div>
      </div>
    </el-dialog>
    <el-dialog
      append-to-body
      v-model="changing"
      :title="$t('heater.change')"
      width="min(860px, 96vw)"
      top="4vh"
    >
      <HeaterForm
        v-if="changing"
        :units="heater.units"
        :label="heater.label"
        :installation="heater.installation"
        :error="error"
        :field="field"
        @keep="change"
      />
    </el-dialog>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: 1.15fr 1fr 1fr;
  gap: 16px;
  margin-top: 14px;
  align-items: start;
}
h2 {
  margin-bottom: 8px;
}
.what-if {
  margin-top: 16px;
}
dl {
  margin: 0;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
  font-size: 0.9rem;
}
dd {
  margin: 0;
  text-align: right;
}
.item {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.past {
  background: var(--ground);
  padding-left: 8px;
}
.item:last-child {
  border: 0;
}
.native {
  font: inherit;
  width: 100%;
  min-height: var(--touch);
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
  color: var(--ink);
}
@media (max-width: 1000px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
