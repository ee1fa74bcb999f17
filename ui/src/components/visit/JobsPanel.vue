<script setup lang="ts">
// The work of this visit: its jobs, one more, one put off; what it costs in time, water and
// material; and what putting something off would gain when the customer needs the water back.
import { computed, onMounted, ref, watch } from 'vue'
import { api, unwrap, type Schemas, type Visit } from '@/api/client'
import { may } from '@/api/session'
import EndVisit from '@/components/visit/EndVisit.vue'
import PartsPanel from '@/components/visit/PartsPanel.vue'
import { useVisit } from '@/composables/useVisit'
import { span, timeOfDay } from '@/format'

const props = defineProps<{ visit: Visit }>()
const emit = defineEmits<{ close: [] }>()
const { send } = useVisit()
const jobs = ref<{ id: string; title: string }[]>([])
const adding = ref('')
const off = ref<string | null>(null)
const why = ref('')
const by = ref(props.visit.outlay.water_by ?? '')
const gains = ref<Schemas['Alternative'][] | null>(null)
const busy = ref(false)

/** Kinds of parts of this heater, and the one whose card is open. */
const kinds = ref<{ id: string; title: string }[]>([])
const shop = ref('')

onMounted(async () => {
  const params = { path: { id: props.visit.id } }
  kinds.value = await unwrap(api.GET('/api/visits/{id}/parts', { params }))
  const heater = await unwrap(
    api.GET('/api/heaters/{id}', { params: { path: { id: props.visit.heater.id } } }),
  )
  jobs.value = heater.jobs
})
const others = computed(() =>
  jobs.value.filter((job) => !props.visit.jobs.some((one) => one.id === job.id)),
)
const at = (seconds: number) => timeOfDay(Date.now() + seconds * 1000)
watch(
  () => props.visit.status,
  (status) => status === 'ended' && emit('close'),
)
const late = computed(() => {
  if (!by.value || props.visit.outlay.hot_again === null) return false
  const [hour, minute] = by.value.split(':').map(Number)
  return (
    Date.now() + props.visit.outlay.hot_again * 1000 > new Date().setHours(hour!, minute!, 0, 0)
  )
})
async function reckon() {
  busy.value = true
  gains.value = await unwrap(
    api.GET('/api/visits/{id}/alternatives', { params: { path: { id: props.visit.id } } }),
  ).finally(() => (busy.value = false))
}
function putOff() {
  if (off.value) void send('put-off', { job: off.value, reason: why.value.trim() })
  off.value = null
  why.value = ''
}
function keepBy() {
  if (by.value !== (props.visit.outlay.water_by ?? ''))
    void send('decisions', { name: 'water_by', value: by.value })
}
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t('jobs.title')"
    width="min(680px, 96vw)"
    @close="emit('close')"
  >
    <div class="stack">
      <ul class="jobs">
        <li v-for="job in visit.jobs" :key="job.id">
          <div class="row between">
            <b>{{ job.title }}</b><button
              v-if="visit.jobs.length > 1"
              type="button"
              class="plain-button"
              @click="off = off === job.id ? null : job.id"
            >
              {{ $t('jobs.putOff') }}
            </button>
          </div>
          <form v-if="off === job.id" class="row" @submit.prevent="putOff">
            <el-input
              v-model="why"
              class="why"
              :placeholder="$t('jobs.why')"
              :aria-label="$t('jobs.why')"
            /><el-button type="primary" native-type="submit" :disabled="!why.trim()">{{
              $t('jobs.keepOff')
            }}</el-button>
          </form>
        </li>
        <li v-for="one in visit.outlay.put_off" :key="one.job" class="soft">
          <s>{{ one.title }}</s> – {{ one.reason }}
        </li>
      </ul>
      <ul v-if="visit.status === 'open' && visit.suggested.length" class="suggested">
        <li v-for="one in visit.suggested" :key="one.job" class="row between">
          <span
            ><b>{{ one.title }}</b
            ><br /><span class="soft small">{{ one.because }}</span></span
          ><button type="button" class="plain-button" @click="send('jobs', { job: one.job })">
            {{ $t('jobs.take') }}
          </button>
        </li>
      </ul>
      <form
        v-if="['booked', 'open'].includes(visit.status)"
        class="row"
        @submit.prevent="adding && (send('jobs', { job: adding }), (adding = ''))"
      >
        <el-select
          v-model="adding"
          class="why"
          filterable
          :placeholder="$t('jobs.add')"
          :aria-label="$t('jobs.add')"
          ><el-option v-for="job in others" :key="job.id" :value="job.id" :label="job.title"
        /></el-select>
        <el-button native-type="submit" :disabled="!adding">{{ $t('jobs.take') }}</el-button>
        <el-button
          v-if="visit.outlay.untouched"
          :disabled="!adding"
          @click="(send('jobs', { job: adding, instead: true }), (adding = ''))"
          >{{ $t('jobs.instead') }}</el-button
        >
      </form>
      <p v-if="visit.status === 'open' && may('end_visit')"><EndVisit :visit="visit" /></p>
      <dl class="sums">
        <div>
          <dt>{{ $t('jobs.total') }}</dt>
          <dd class="number">{{ span(visit.plan.total) }}</dd>
        </div>
        <div>
          <dt>{{ $t('jobs.hands') }}</dt>
          <dd class="number">{{ span(visit.plan.hands_on) }}</dd>
        </div>
        <div>
          <dt>{{ $t('jobs.water') }}</dt>
          <dd class="number">{{ visit.outlay.water }}</dd>
        </div>
        <div>
          <dt>{{ $t('jobs.hot') }}</dt>
          <dd class="number">
            {{ visit.outlay.hot_again === null ? $t('jobs.never') : at(visit.outlay.hot_again) }}
          </dd>
        </div>
      </dl>
      <p class="soft small">
        {{
          visit.plan.bounded
            ? $t('jobs.bounded', {
                n: Math.ceil((visit.plan.total - (visit.plan.at_least ?? 0)) / 60),
              })
            : $t('jobs.proved')
        }}
      </p>
      <div class="row">
        <label class="row"
          >{{ $t('jobs.by') }}
          <input v-model="by" type="time" name="water_by" class="time" @change="keepBy"
        /></label>
        <b v-if="late" class="late" role="alert">{{ $t('jobs.late') }}</b>
        <button
          type="button"
          class="plain-button"
          :disabled="busy || visit.jobs.length < 2"
          @click="reckon"
        >
          {{ $t('jobs.gain') }}
        </button>
      </div>
      <ul v-if="gains">
        <li v-for="one in gains" :key="one.job">
          {{ $t('jobs.without', { title: one.title }) }}
          <b class="number">{{ one.hot_again === null ? $t('jobs.never') : at(one.hot_again) }}</b>
          <span class="soft small">({{ span(one.total) }})</span>
        </li>
      </ul>
      <section v-if="kinds.length" class="stack">
        <h3>{{ $t('parts.shop') }}</h3>
        <p class="soft small">{{ $t('parts.shopLead') }}</p>
        <div class="row">
          <button
            v-for="one in kinds"
            :key="one.id"
            type="button"
            class="plain-button"
            :aria-pressed="shop === one.id"
            @click="shop = shop === one.id ? '' : one.id"
          >
            {{ one.title }}
          </button>
        </div>
        <PartsPanel v-if="shop" :key="shop" :visit="visit.id" :kind="shop" open />
      </section>
      <template v-if="visit.van.length">
        <h3>{{ $t('jobs.van') }}</h3>
        <div class="van">
          <section v-for="how in ['sure', 'likely', 'maybe'] as const" :key="how">
            <h4>{{ $t(`jobs.${how}`) }}</h4>
            <ul>
              <li
                v-for="one in visit.van.filter((line) => line.certainty === how)"
                :key="one.name"
                :title="one.because"
              >
                {{ one.name
                }}<template v-if="how !== 'sure'"
                  ><br /><span class="soft small">{{ one.because }}</span></template
                >
              </li>
            </ul>
          </section>
        </div>
      </template>
      <template v-else>
        <p v-if="visit.outlay.tools.length">
          <b>{{ $t('visit.with') }}</b> {{ visit.outlay.tools.join(' · ') }}
        </p>
        <p v-if="visit.outlay.materials.length">
          <b>{{ $t('visit.materials') }}</b> {{ visit.outlay.materials.join(' · ') }}
        </p>
      </template>
    </div>
  </el-dialog>
</template>

<style scoped>
.jobs li {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.suggested {
  background: var(--copper-soft);
  border-radius: 8px;
  padding: 4px 12px;
}
.why {
  flex: 1;
  min-width: 180px;
}
.sums {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  margin: 0;
}
.sums dt {
  font-size: 0.82rem;
  color: var(--ink-soft);
}
.sums dd {
  margin: 0;
  font-size: 1.15rem;
}
.time {
  min-height: var(--touch);
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
  padding: 0 8px;
}
.late {
  color: var(--danger);
}
.van {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
.van li {
  padding: 3px 0;
}
h4 {
  margin: 0 0 4px;
  color: var(--copper);
}
@media (max-width: 700px) {
  .sums {
    grid-template-columns: 1fr 1fr;
  }
  .van {
    grid-template-columns: 1fr;
  }
}
</style>
