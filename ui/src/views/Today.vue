<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Grade, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import { may, session } from '@/api/session'
import ReadyForNoSignal from '@/components/common/ReadyForNoSignal.vue'
import GradeMark from '@/components/common/GradeMark.vue'
import RangBecause from '@/components/visit/RangBecause.vue'
import WorkLine from '@/components/visit/WorkLine.vue'
import { dayAndDate, minutes, shortDate as short, timeOfDay as time } from '@/format'
import { useRequest } from '@/composables/useRequest'

const router = useRouter()
const today = ref<Schemas['Today'] | null>(null)
const { error, run } = useRequest()

onMounted(async () => {
  await run(async () => {
    today.value = await unwrap(api.GET('/api/today'))
  })
})

/** One's own, where there are any; the firm's behind one touch. */
const WHOSE = 'munimen.today'
const everybodys = ref(localStorage.getItem(WHOSE) === 'all')
const mine = computed(() => today.value?.visits.filter((one) => one.mine) ?? [])
const whole = computed(() => everybodys.value || !mine.value.length)
const shown = computed(() => (whole.value ? (today.value?.visits ?? []) : mine.value))
function show(all: boolean) {
  everybodys.value = all
  localStorage.setItem(WHOSE, all ? 'all' : 'mine')
}

const date = (iso: string) => dayAndDate(iso.slice(0, 10))
async function open(visit: Schemas['Today']['visits'][number]) {
  if (visit.status === 'booked') await write('/api/visits/{id}/start', { id: visit.id }, {})
  await router.push(
    visit.status === 'signed' ? `/visits/${visit.id}/report` : `/visits/${visit.id}`,
  )
}
</script>

<template>
  <div class="page">
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="today">
      <h1>{{ date(today.date) }}</h1>
      <p v-if="!session.firmNamed && may('house_rules')" role="status">
        <RouterLink to="/settings/firm">{{ $t('firm.first') }}</RouterLink>
      </p>
      <ReadyForNoSignal />
      <div class="two">
        <section>
          <div class="row between">
            <h2>{{ $t('today.visits') }}</h2>
            <div v-if="mine.length && mine.length < today.visits.length" class="whose" role="group">
              <button type="button" :aria-pressed="!whole" @click="show(false)">
                {{ $t('today.mine', { n: mine.length }) }}</button><button
                type="button"
                :aria-pressed="whole"
                @click="show(true)"
              >
                {{ $t('today.everybodys', { n: today.visits.length }) }}
              </button>
            </div>
          </div>
          <p v-if="!today.visits.length" class="panel">{{ $t('today.none') }}</p>
          <article v-for="visit in shown" :key="visit.id" class="panel visit">
            <div class="row between">
              <p class="when">
                <b>{{ time(visit.planned_for) }}</b>
                <span class="state" :class="visit.status">{{ $t(`status.${visit.status}`) }}</span>
              </p>
              <button class="go" type="button" @click="open(visit)">
                {{
                  visit.status === 'booked'
                    ? $t('today.start')
                    : visit.status === 'open'
                      ? $t('today.goOn')
                      : $t('today.report')
                }}
              </button>
            </div>
            <h3>{{ visit.customer }} – {{ visit.address }}</h3>
            <p class="soft small">
              {{ visit.jobs.join(', ') }} · {{ $t(`kind.${visit.kind}`) }},
              <RouterLink :to="`/heaters/${visit.heater_id}`">{{ visit.label }}</RouterLink> ·
              {{ visit.person }}
            </p>
            <RangBecause v-if="visit.status !== 'signed'" :complaint="visit.complaint" />
            <template v-if="visit.line.blocks.length">
              <WorkLine thin :blocks="visit.line.blocks" :total="visit.line.total ?? 0" />
              <p class="soft small">
                {{ $t('today.minutes', { n: minutes(visit.line.total ?? 0) }) }},
                {{ $t('today.hands', { n: Math.round((visit.line.hands_on ?? 0) / 60) }) }}
              </p>
            </template>
            <p v-else-if="visit.outcome" class="small">
              <b>{{ $t(`outcome.${visit.outcome}`) }}</b>
            </p>
          </article>
          <details v-if="today.unfinished.count" class="panel">
            <summary>
              {{ $t('today.unfinished', { n: today.unfinished.count }, today.unfinished.count) }}
            </summary>
            <ul>
              <li v-for="one in today.unfinished.oldest" :key="one.id">
                <RouterLink :to="`/visits/${one.id}`"
                  >{{ one.customer }} – {{ one.address }}, {{ one.label }}</RouterLink
                >
                <span class="soft small">{{ date(one.planned_for) }} {{ one.person }}</span>
              </li>
            </ul>
          </details>
        </section>
        <section>
          <div class="row between">
            <h2>{{ $t('today.owed') }}</h2>
            <RouterLink to="/owed">{{ $t('owed.all', { n: today.owed_in_all }) }}</RouterLink>
          </div>
          <p v-if="today.why_first" class="soft small">{{ today.why_first }}</p>
          <p v-if="!today.owed.length" class="panel">{{ $t('today.nothingOwed') }}</p>
          <ul class="owed">
            <li v-for="owed in today.owed" :key="owed.id" class="panel" :class="owed.grade">
              <div class="row between">
                <GradeMark v-if="owed.grade" :grade="owed.grade as Grade" word />
                <b v-else class="small">{{ short(owed.on) }}</b>
                <span class="small" :class="{ late: (owed.late ?? 0) > 0 }">{{
                  (owed.late ?? 0) > 0
                    ? $t('today.late', { n: owed.late })
                    : owed.late === 0
                      ? $t('today.dueToday')
                      : $t('today.due', { on: short(owed.on) })
                }}</span>
              </div>
              <p>{{ owed.text }}</p>
              <p v-if="owed.heater_id" class="soft small">
                <RouterLink :to="`/heaters/${owed.heater_id}`"
                  >{{ owed.customer }}, {{ owed.address }} – {{ owed.label }}</RouterLink
                >
              </p>
            </li>
          </ul>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 24px;
  margin-top: 14px;
}
h2 {
  margin-bottom: 8px;
}
.whose button {
  min-height: var(--touch);
  padding: 0 14px;
  border: 1px solid var(--line);
  background: var(--raised);
  font: inherit;
  color: var(--ink);
  cursor: pointer;
}
.whose button:first-child {
  border-radius: 8px 0 0 8px;
}
.whose button:last-child {
  border-left: 0;
  border-radius: 0 8px 8px 0;
}
.whose [aria-pressed='true'] {
  background: var(--copper-soft);
  font-weight: 700;
}
.visit {
  margin-bottom: 12px;
  display: grid;
  gap: 5px;
}
.when {
  font-size: 1.2rem;
}
.state {
  font-size: 0.8rem;
  border: 1px solid var(--line);
  border-radius: 20px;
  padding: 2px 9px;
  vertical-align: 2px;
}
.state.open {
  background: var(--copper-soft);
  border-color: var(--copper);
}
.go {
  min-height: var(--touch);
  min-width: 96px;
  border: 0;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  cursor: pointer;
}
.owed li {
  margin-bottom: 10px;
  padding: 12px 14px;
}
.owed li.danger {
  border: 2px solid var(--danger);
  background: var(--danger-soft);
}
.owed p {
  overflow-wrap: anywhere;
}
.owed a {
  display: inline-flex;
  align-items: center;
  padding: 4px 0;
}
.late {
  color: var(--danger);
  font-weight: 700;
}
@media (max-width: 800px) {
  .owed a {
    min-height: 40px;
  }
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
