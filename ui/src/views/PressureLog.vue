<script setup lang="ts">
// What a pressure logger wrote down: what it says, what happened and when, and what it cannot show.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Grade, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import GradeMark from '@/components/common/GradeMark.vue'
import LogPlot from '@/components/charts/LogPlot.vue'
import { dateAndTime, grouped } from '@/format'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ id: string }>()
const log = ref<Schemas['ToldLog'] | null>(null)
const chosen = ref<number | null>(null)
const { error, run } = useRequest()
const told = ref(false)
onMounted(async () => {
  await run(async () => {
    log.value =
      (await unwrap(api.GET('/api/pressure-logs/{id}', { params: { path: { id: props.id } } })))
        .log ?? null
  })
})
function moment(seconds: number) {
  if (!log.value?.started_at) return `${(seconds / 3600).toFixed(2)} h`
  return dateAndTime(Date.parse(`${log.value.started_at}Z`) + seconds * 1000, 'UTC')
}
const every = (seconds: number) =>
  seconds < 60 ? `${seconds} s` : `${Math.round(seconds / 60)} min`
async function bring() {
  await run(async () => {
    await write('/api/pressure-logs/{id}/visit', { id: props.id }, { visit: log.value!.visit! })
    told.value = true
  })
}
</script>

<template>
  <div class="page stack">
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="log">
      <div class="row between">
        <div>
          <h1>{{ log.name }}</h1>
          <p>
            <RouterLink :to="`/heaters/${log.heater_id}`"
              >{{ log.customer }}, {{ log.address }} – {{ log.label }}</RouterLink
            >
          </p>
        </div>
        <div v-if="log.visit" class="row">
          <span v-if="told" role="status" class="small">{{ $t('log.brought') }}</span>
          <el-button v-else type="primary" @click="bring">{{ $t('log.bring') }}</el-button>
          <RouterLink :to="`/visits/${log.visit}`">{{ $t('log.visit') }}</RouterLink>
        </div>
      </div>
      <section class="panel">
        <LogPlot :log="log" :chosen="chosen" @choose="chosen = $event" />
      </section>
      <div class="two">
        <section class="panel">
          <h2>{{ $t('log.says') }}</h2>
          <ul>
            <li v-for="one in log.findings" :key="one.kind + one.text" class="item">
              <GradeMark :grade="one.state as Grade" word />
              <p>{{ one.text }}</p>
              <p class="soft small">{{ [one.limit, one.source].filter(Boolean).join(' · ') }}</p>
            </li>
          </ul>
          <p class="soft small">
            {{
              $t('log.read', {
                rows: grouped(log.rows),
                time: log.time_column,
                pressure: log.pressure_column,
                unit: log.file_unit,
                every: every(log.interval),
              })
            }}<template v-if="log.absolute"> {{ $t('log.absolute') }}</template
            ><template v-if="log.guessed"> {{ $t('log.guessed') }}</template
            ><template v-if="log.skipped"> {{ $t('log.skipped', { n: log.skipped }) }}</template
            ><template v-if="log.clock_moved"> {{ $t('log.moved') }}</template>
          </p>
        </section>
        <section class="panel">
          <h2>{{ $t('log.events') }}</h2>
          <p v-if="!log.events.length">{{ $t('log.quiet') }}</p>
          <ol class="events">
            <li v-for="(event, index) in log.events" :key="`${event.kind}${event.from}`">
              <button type="button" :class="{ chosen: index === chosen }" @click="chosen = index">
                <i :class="event.kind" aria-hidden="true" /><span class="small">{{
                  moment(event.from)
                }}</span>
                <b class="small">{{ $t(`log.kind.${event.kind}`) }}</b>
                <GradeMark v-if="event.state" :grade="event.state" word :size="13" class="small" />
                <span class="small">{{ event.text }}</span>
              </button>
            </li>
          </ol>
          <p v-if="log.more_events" class="soft small">
            {{ $t('log.more', { n: log.more_events }) }}
          </p>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
.item {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.events {
  max-height: 460px;
  overflow: auto;
}
.events button {
  width: 100%;
  text-align: left;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  padding: 8px 6px;
  border-bottom: 1px solid var(--line);
  cursor: pointer;
  min-height: var(--touch);
}
.events button.chosen {
  background: var(--copper-soft);
}
i {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-right: 8px;
  border-radius: 2px;
}
.heating {
  background: var(--copper);
}
.creep {
  background: var(--watch);
}
.dip {
  background: var(--advice);
}
.hammer {
  background: var(--danger);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
