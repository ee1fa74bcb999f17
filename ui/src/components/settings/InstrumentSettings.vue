<script setup lang="ts">
// The firm's instruments: what they read, where they answer, and when they were calibrated.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import ShowDial from './ShowDial.vue'
import { useRequest } from '@/composables/useRequest'

type Instrument = Schemas['Instrument']
const READS = [
  'pressure',
  'gas_pressure',
  'temperature',
  'generator_voltage',
  'voltage',
  'resistance',
  'insulation',
  'carbon_monoxide',
]
const list = ref<Instrument[] | null>(null)
const kept = ref('')
const { error, run } = useRequest()
const allowed = may('instruments')
const show = (got: Instrument[]) => {
  list.value = got
  kept.value = JSON.stringify(got)
}
onMounted(async () => show(await unwrap(api.GET('/api/instruments'))))
async function keep() {
  await run(async () => {
    const instruments = list.value!.map(
      ({ id, title, reads, host, port, device, point, calibrated, dial }) => ({
        id,
        title,
        reads,
        host,
        port: String(port).trim() ? Number(port) : '',
        device,
        point,
        calibrated,
        ...(dial ? { dial } : {}),
      }),
    )
    show(await unwrap(api.PUT('/api/instruments', { body: { instruments } })))
  })
}
const add = () =>
  list.value!.push({
    id: `i${Date.now().toString(36)}`,
    title: '',
    reads: 'pressure',
    host: '127.0.0.1',
    port: 4020,
    device: 'pressure_gauge',
    point: 'house',
    calibrated: new Date().toISOString().slice(0, 10),
    overdue: false,
    note: '',
  })
const FIELDS = ['title', 'host', 'port', 'device', 'point', 'calibrated'] as const
</script>

<template>
  <section v-if="list" class="stack">
    <h2>{{ $t('instruments.title') }}</h2>
    <p v-if="!list.length" class="soft">{{ $t('instruments.lead') }}</p>
    <div class="wide">
      <table v-if="list.length">
        <thead>
          <tr>
            <th v-for="name in FIELDS" :key="name">{{ $t(`instruments.field.${name}`) }}</th>
            <th>{{ $t('instruments.field.reads') }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="(one, index) in list" :key="one.id">
            <td v-for="name in FIELDS" :key="name">
              <input
                v-model="one[name]"
                :disabled="!allowed"
                :type="name === 'calibrated' ? 'date' : 'text'"
                :inputmode="name === 'port' ? 'numeric' : undefined"
                :aria-label="`${$t(`instruments.field.${name}`)}, ${one.title || index + 1}`"
                :class="{ late: name === 'calibrated' && one.overdue, short: name === 'port' }"
              />
            </td>
            <td>
              <select
                v-model="one.reads"
                :disabled="!allowed"
                :aria-label="`${$t('instruments.field.reads')}, ${one.title || index + 1}`"
              >
                <option v-for="kind in READS" :key="kind" :value="kind">
                  {{ kind.replaceAll('_', ' ') }}
                </option>
              </select>
            </td>
            <td>
              <button
                v-if="allowed"
                type="button"
                class="plain-button"
                :aria-label="`${$t('instruments.remove')} ${one.title}`"
                @click="list!.splice(index, 1)"
              >
                ×</button
              ><span v-if="one.overdue" class="late small"> {{ $t('instruments.overdue') }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <details v-if="allowed && list.length">
      <summary>{{ $t('dial.title') }}</summary>
      <p class="soft small">{{ $t('dial.lead') }}</p>
      <div v-for="one in list" :key="one.id" class="row between">
        <ShowDial :title="one.title" @shown="one.dial = $event" />
        <span v-if="one.dial" class="small">{{ $t('dial.shown') }}</span>
      </div>
    </details>
    <div v-if="allowed" class="row">
      <el-button @click="add">{{ $t('instruments.add') }}</el-button><el-button
        type="primary"
        :disabled="JSON.stringify(list) === kept"
        @click="keep"
        >{{ $t('instruments.keep') }}</el-button
      >
    </div>
  </section>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--ink-soft);
  font-size: 0.86rem;
}
td {
  padding: 2px 6px 2px 0;
}
input,
select {
  font: inherit;
  font-size: 0.92rem;
  min-height: var(--touch);
  width: 100%;
  min-width: 110px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
  padding: 4px 8px;
}
.short {
  min-width: 70px;
}
.late {
  border-color: var(--defect);
  color: var(--defect);
}
.error {
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
</style>
