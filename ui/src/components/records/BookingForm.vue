<script setup lang="ts">
// Who goes when: for a visit that is being booked, or one that is moved or handed over. What was
// promised is a beginning and an end; without it, a time.
import { computed, onMounted, ref, watch } from 'vue'
import type { When } from '@/api/bookings'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import TelephoneAdvice from './TelephoneAdvice.vue'

const props = defineProps<{
  jobs?: Schemas['Jobs']
  /** What they may ring for. */
  complaints?: Schemas['Heater']['complaints']
  /** Ids of the jobs that it is booked for, to begin with. */
  chosen?: string[]
  now?: Schemas['Booking']
  email?: string | null
  busy?: boolean
  error?: string
}>()
const emit = defineEmits<{ save: [given: When, jobs: string[], tell: boolean] }>()
const two = (n: number) => String(n).padStart(2, '0')
const day = (at: Date) => `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
const hour = (at: Date) => `${two(at.getHours())}:${two(at.getMinutes())}`
const tomorrow = new Date(Date.now() + 86_400_000)
const begins = props.now ? new Date(props.now.planned_for) : null
const clock = (iso?: string | null) => (iso ? hour(new Date(iso)) : '')
const form = ref({
  jobs: (props.chosen ?? ['annual_safety']).filter((id) =>
    props.jobs?.some((job) => job.id === id),
  ),
  on: day(begins ?? tomorrow),
  at: begins ? hour(begins) : '09:00',
  from: clock(props.now?.window_from),
  to: clock(props.now?.window_to),
  who: props.now?.account_id,
  complaint: props.now?.complaint ?? '',
  words: props.now?.complaint_words ?? '',
  tell: !!props.email,
})
const rang = computed(() => props.complaints?.find((one) => one.id === form.value.complaint))
const crew = ref<Schemas['Crew']>([])
const { run } = useRequest()
const load = () =>
  run(async () => {
    crew.value = await unwrap(api.GET('/api/crew', { params: { query: { on: form.value.on } } }))
  })
onMounted(load)
watch(() => form.value.on, load)
const ready = computed(() => !!form.value.on && (!props.jobs || form.value.jobs.length > 0))
function save() {
  const { on, at, from, to, who, complaint, words } = form.value
  const time = (text: string) => new Date(`${on}T${text}`).toISOString()
  const promised = from && to
  emit(
    'save',
    {
      planned_for: time(promised ? from : at || '09:00'),
      ...(who ? { account_id: who } : {}),
      // Of a booking that is there, what was taken away is said too.
      ...(complaint || props.now ? { complaint } : {}),
      ...(words.trim() || props.now ? { complaint_words: words.trim() } : {}),
      ...(promised ? { window_from: time(from), window_to: time(to) } : {}),
    },
    form.value.jobs,
    form.value.tell,
  )
}
</script>

<template>
  <form class="stack" @submit.prevent="save">
    <template v-if="complaints">
      <label
        >{{ $t('complaint.why')
        }}<select v-model="form.complaint" name="complaint" class="native">
          <option value="">{{ $t('complaint.none') }}</option>
          <option v-for="one in complaints" :key="one.id" :value="one.id">{{ one.title }}</option>
        </select></label
      >
      <TelephoneAdvice v-if="rang?.advice" :advice="rang.advice" />
      <label
        >{{ $t('complaint.words')
        }}<input v-model="form.words" name="complaint_words" maxlength="300" class="native"
      /></label>
    </template>
    <label v-if="jobs"
      >{{ $t('heater.job') }}
      <el-select v-model="form.jobs" multiple filterable :aria-label="$t('heater.job')"
        ><el-option v-for="job in jobs" :key="job.id" :value="job.id" :label="job.title"
      /></el-select>
    </label>
    <label
      >{{ $t('booking.on') }}<input v-model="form.on" type="date" class="native" required
    /></label>
    <div class="row">
      <label v-if="!form.from || !form.to"
        >{{ $t('booking.at') }}<input v-model="form.at" name="at" type="time" class="native"
      /></label>
      <div class="row promised">
        <label
          >{{ $t('heater.promisedFrom')
          }}<input v-model="form.from" name="from" type="time" class="native" /></label
        ><label
          >{{ $t('heater.promisedTo')
          }}<input v-model="form.to" name="to" type="time" class="native"
        /></label>
      </div>
    </div>
    <fieldset class="who">
      <legend>{{ $t('booking.who') }}</legend>
      <label v-for="one in crew" :key="one.id" class="one"
        ><input v-model="form.who" type="radio" name="who" :value="one.id" /><span
          ><b>{{ one.name }}</b>
          <span class="soft small">
            {{ one.away ? $t('booking.away') : $t('booking.visits', one.visits)
            }}<template v-if="one.looks_only"> · {{ $t('booking.looks') }}</template
            ><template v-if="one.trades.length">
              · {{ one.trades.map((trade) => $t(`trade.${trade}`)).join(', ') }}</template
            ></span
          ></span
        ></label
      >
    </fieldset>
    <label v-if="email" class="one"
      ><input v-model="form.tell" type="checkbox" name="tell" />{{
        $t('booking.tell', { email })
      }}</label
    >
    <p v-if="error" role="alert" class="error">{{ error }}</p>
    <el-button type="primary" native-type="submit" :loading="busy" :disabled="!ready">{{
      $t(now ? 'booking.change' : 'heater.book')
    }}</el-button>
  </form>
</template>

<style scoped>
form > label:not(.one),
.row > label {
  display: grid;
  gap: 4px;
}
.promised {
  flex-wrap: nowrap;
}
.who {
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 6px 12px;
}
.one {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: var(--touch);
}
</style>
