<script setup lang="ts">
// What is owed, most urgent first, with the reasons; put off or declined with a reason, and never
// lost from view.
import DueReminders from '@/components/records/DueReminders.vue'
import { may } from '@/api/session'
import { onMounted, ref } from 'vue'
import { tellCustomer, type When } from '@/api/bookings'
import { api, unwrap, uuid, type Grade, type Heater, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import BookingForm from '@/components/records/BookingForm.vue'
import GradeMark from '@/components/common/GradeMark.vue'
import { shortDate } from '@/format'
import { useRequest } from '@/composables/useRequest'

type Item = Schemas['OwedItem']
type What = 'snooze' | 'decline' | 'resume' | 'remind'
type Show = 'open' | 'snoozed' | 'declined'
const SHOWS: Show[] = ['open', 'snoozed', 'declined']
const owed = ref<Schemas['OwedList'] | null>(null)
const show = ref<Show>('open')
const { error, run } = useRequest()
const deciding = ref<{ item: Item; what: What } | null>(null)
const form = ref({ reason: '', day: '', recipient: '' })
const written = ref(false)

async function load(which: Show) {
  show.value = which
  await run(async () => {
    owed.value = await unwrap(api.GET('/api/owed', { params: { query: { show: which } } }))
  })
}
onMounted(() => load('open'))
const short = (iso: string) => shortDate(iso.slice(0, 10))
function decide(item: Item, what: What) {
  form.value = { reason: '', day: '', recipient: item.email ?? '' }
  written.value = false
  deciding.value = { item, what }
}
async function keep() {
  const { item, what } = deciding.value!
  await run(async () => {
    if (what === 'remind') {
      await write(
        '/api/outbox/reminders',
        {},
        {
          id: uuid(),
          due: item.id,
          recipient: form.value.recipient,
        },
      )
      written.value = true
      deciding.value = null
      return
    }
    await write(
      '/api/owed/{key}/decision',
      { key: item.id },
      {
        what,
        reason: form.value.reason,
        ...(what === 'snooze' ? { day: form.value.day } : {}),
      },
    )
    deciding.value = null
    await load(show.value)
  })
}
/** What is booked for which of them. */
const booking = ref<{ item: Item; heater: Heater } | null>(null)
const openBooking = (item: Item) =>
  run(async () => {
    const path = { params: { path: { id: item.heater_id! } } }
    booking.value = { item, heater: await unwrap(api.GET('/api/heaters/{id}', path)) }
  })
const book = (when: When, jobs: string[], tell: boolean) =>
  run(async () => {
    const id = uuid()
    const { heater } = booking.value!
    await write('/api/heaters/{id}/visits', { id: heater.id }, { id, jobs, ...when })
    if (tell) await tellCustomer(id, 'booked')
    booking.value = null
    booked.value = id
    await load(show.value)
  })
const booked = ref('')
</script>

<template>
  <div class="page stack">
    <div class="row between">
      <h1>{{ $t('owed.title') }}</h1>
      <span class="row"
        ><DueReminders v-if="may('mails')" /><RouterLink to="/outbox">{{
          $t('outbox.title')
        }}</RouterLink></span
      >
    </div>
    <p v-if="written" role="status">
      {{ $t('report.inOutbox') }} <RouterLink to="/outbox">{{ $t('outbox.title') }}</RouterLink>
    </p>
    <p v-if="booked" role="status">
      <RouterLink :to="`/visits/${booked}`">{{ $t('owed.booked') }}</RouterLink>
    </p>
    <p v-if="error && !deciding" role="alert">{{ error }}</p>
    <template v-if="owed">
      <div class="row" role="group" :aria-label="$t('owed.title')">
        <button
          v-for="one in SHOWS"
          :key="one"
          type="button"
          class="plain-button"
          :aria-pressed="one === show"
          @click="load(one)"
        >
          {{ $t(`owed.${one}`) }} ({{ owed.counts[one] }})
        </button>
      </div>
      <p v-if="owed.why_first" class="why">{{ owed.why_first }}</p>
      <p v-if="!owed.owed.length" class="panel">{{ $t('owed.none') }}</p>
      <ol class="list">
        <li v-for="item in owed.owed" :key="item.id" class="panel item" :class="item.grade">
          <div class="what">
            <div class="row">
              <GradeMark v-if="item.grade" :grade="item.grade as Grade" word /><b>{{
                $t(`owed.kind.${item.kind}`)
              }}</b
              ><span class="small" :class="{ late: item.late > 0 }">{{
                item.late > 0
                  ? $t('today.late', { n: item.late })
                  : item.late === 0
                    ? $t('today.dueToday')
                    : $t('today.due', { on: short(item.on) })
              }}</span>
            </div>
            <p>{{ item.text }}</p>
            <p v-if="item.heater_id" class="small">
              <RouterLink :to="`/heaters/${item.heater_id}`"
                >{{ item.customer }}, {{ item.address }} – {{ item.label }}</RouterLink
              >
            </p>
            <p v-if="item.decision && item.decision.what !== 'resume'" class="soft small">
              {{
                $t('owed.by', {
                  who: item.decision.by,
                  on: short(item.decision.at),
                  reason: item.decision.reason,
                })
              }}<template v-if="item.decision.until">
                – {{ $t('owed.till', { on: short(item.decision.until) }) }}</template
              >
            </p>
            <details class="small">
              <summary>{{ $t('owed.why') }}</summary>
              <p v-if="item.reasons.length">{{ item.reasons.join(', ') }}</p>
              <dl v-if="item.rule">
                <div>
                  <dt>{{ $t('owed.comes') }}</dt>
                  <dd>{{ item.rule.comes_from }}</dd>
                </div>
                <div v-if="item.rule.moved_by">
                  <dt>{{ $t('owed.moved') }}</dt>
                  <dd>{{ item.rule.moved_by }}</dd>
                </div>
                <div>
                  <dt>{{ $t('owed.ended') }}</dt>
                  <dd>{{ item.rule.ended_by }}</dd>
                </div>
                <div>
                  <dt>{{ $t('owed.source') }}</dt>
                  <dd>{{ item.rule.source }}</dd>
                </div>
              </dl>
            </details>
          </div>
          <div class="acts">
            <el-button
              v-if="item.heater_id && show === 'open'"
              type="primary"
              @click="openBooking(item)"
              >{{ $t('owed.book') }}</el-button
            >
            <el-button v-if="item.heater_id && show === 'open'" @click="decide(item, 'remind')">{{
              $t('owed.remind')
            }}</el-button>
            <el-button
              v-if="show === 'open' && item.grade !== 'danger'"
              @click="decide(item, 'snooze')"
              >{{ $t('owed.snooze') }}</el-button
            >
            <el-button v-if="show === 'open'" @click="decide(item, 'decline')">{{
              $t('owed.decline')
            }}</el-button>
            <el-button v-if="show !== 'open'" @click="decide(item, 'resume')">{{
              $t('owed.resume')
            }}</el-button>
          </div>
        </li>
      </ol>
      <p v-if="owed.more" class="soft">{{ $t('owed.more', { n: owed.more }) }}</p>
    </template>
    <el-dialog
      append-to-body
      :model-value="!!booking"
      :title="$t('heater.book')"
      width="min(480px, 94vw)"
      @close="booking = null"
    >
      <div v-if="booking" class="stack">
        <p>{{ booking.item.text }}</p>
        <p class="soft small">{{ booking.item.customer }}, {{ booking.item.address }}</p>
        <BookingForm
          :jobs="booking.heater.jobs"
          :chosen="booking.item.job ? [booking.item.job] : undefined"
          :email="booking.heater.email"
          :error="error"
          @save="book"
        />
      </div>
    </el-dialog>
    <el-dialog
      append-to-body
      :model-value="!!deciding"
      :title="deciding ? $t(`owed.${deciding.what}`) : ''"
      width="min(480px, 94vw)"
      @close="deciding = null"
    >
      <form v-if="deciding" class="stack" @submit.prevent="keep">
        <p>{{ deciding.item.text }}</p>
        <label v-if="deciding.what === 'snooze'"
          >{{ $t('owed.until')
          }}<input v-model="form.day" type="date" name="day" class="native" required
        /></label>
        <label v-if="deciding.what === 'remind'"
          >{{ $t('report.mailTo')
          }}<el-input v-model="form.recipient" type="email" name="recipient"
        /></label>
        <label v-else
          >{{ $t('owed.reason') }}<el-input v-model="form.reason" name="reason" autofocus
        /></label>
        <p v-if="error" role="alert">{{ error }}</p>
        <el-button
          type="primary"
          native-type="submit"
          :disabled="!(deciding.what === 'remind' ? form.recipient : form.reason).trim()"
          >{{ $t('owed.keep') }}</el-button
        >
      </form>
    </el-dialog>
  </div>
</template>

<style scoped>
.why {
  font-weight: 700;
}
.list {
  display: grid;
  gap: 10px;
}
.item {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 14px;
}
.item.danger {
  border: 2px solid var(--danger);
}
.what {
  display: grid;
  gap: 4px;
  min-width: 0;
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-content: start;
  justify-content: flex-end;
}
.acts .el-button {
  margin: 0;
}
.late {
  color: var(--danger);
  font-weight: 700;
}
button[aria-pressed='true'] {
  background: var(--copper-soft);
  border-color: var(--copper);
  font-weight: 700;
}
summary {
  min-height: var(--touch);
  cursor: pointer;
  align-content: center;
}
dl {
  margin: 4px 0;
}
dl div {
  display: grid;
  grid-template-columns: 110px 1fr;
  padding: 2px 0;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
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
@media (max-width: 700px) {
  .item {
    grid-template-columns: 1fr;
  }
  .acts {
    justify-content: flex-start;
  }
}
</style>
