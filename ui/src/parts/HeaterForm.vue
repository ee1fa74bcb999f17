<script setup lang="ts">
// A heater from its data plate: bare numbers in the site's unit, any unit accepted, the rest by choice.
import { computed, onMounted, ref } from 'vue'
import { api, must, type Schemas } from '@/api/client'

const props = defineProps<{ error?: string; field?: string | null; label?: string; installation?: Record<string, unknown> }>()
const emit = defineEmits<{ keep: [label: string, installation: Record<string, string>] }>()

const fields = ref<Schemas['HeaterFields'] | null>(null)
const label = ref(props.label ?? '')
const values = ref<Record<string, string>>({ kind: 'gas_storage', ...Object.fromEntries(Object.entries(props.installation ?? {}).map(([k, v]) => [k, String(v ?? '')])) })
onMounted(async () => (fields.value = await must(api.GET('/api/heater-form'))))

const GAS_ONLY = ['input', 'hood', 'ignition']
const ELECTRIC_ONLY = ['element_upper', 'element_lower', 'element_voltage']
const PLATE = ['maker', 'model', 'serial', 'capacity', 'input', 'element_upper', 'element_lower', 'element_voltage', 'working_pressure', 'set_point', 'manufactured', 'installed', 'relief_set_pressure', 'relief_set_temperature', 'relief_rating']
const AROUND = ['ignition', 'hood', 'location', 'vessel', 'vessel_volume', 'regulator', 'regulator_setting', 'backflow', 'anode', 'pan', 'discharge_ends', 'mixing_valve', 'recirculation', 'relief_history']
const gas = computed(() => values.value.kind === 'gas_storage')
const shown = (name: string) => !(gas.value ? ELECTRIC_ONLY : GAS_ONLY).includes(name) && !(name === 'vessel_volume' && values.value.vessel === 'none') && !(name === 'regulator_setting' && values.value.regulator === 'no')
const unit = (name: string) => fields.value?.quantities.find((q) => q.name === name)?.unit
const choices = (name: string) => fields.value?.words[name]

function keep() {
  const wanted = ['kind', ...PLATE, ...AROUND, 'relief_probe', 'relief_thread', 'instructions_kept'].filter((name) => shown(name) && values.value[name])
  emit('keep', label.value, Object.fromEntries(wanted.map((name) => [name, values.value[name]!])))
}
</script>

<template>
  <form v-if="fields" class="stack" novalidate @submit.prevent="keep">
    <p class="soft small">{{ $t('heater.unknownNote') }}</p>
    <label>{{ $t('heater.label') }}<el-input v-model="label" name="label" autofocus placeholder="Basement" /></label>
    <div class="kinds" role="radiogroup" :aria-label="$t('field.kind')">
      <button v-for="kind in choices('kind')" :key="kind" class="plain-button" type="button" role="radio" :aria-checked="values.kind === kind" @click="values.kind = kind">{{ $t(`word.${kind}`) }}</button>
    </div>
    <template v-for="group in [{ title: 'heater.plateTitle', names: PLATE }, { title: 'heater.around', names: AROUND }]" :key="group.title">
      <h3>{{ $t(group.title) }}</h3>
      <div class="grid">
        <label v-for="name in group.names.filter(shown)" :key="name" :class="{ wrong: field === name }">
          {{ $t(`field.${name}`) }}
          <el-select v-if="choices(name)" v-model="values[name]" :placeholder="$t('word.unknown')" :aria-label="$t(`field.${name}`)">
            <el-option v-for="choice in choices(name)" :key="choice" :value="choice" :label="$t(`word.${choice}`)" />
          </el-select>
          <el-input v-else v-model="values[name]" :name="name" :inputmode="unit(name) ? 'decimal' : 'text'"><template v-if="unit(name)" #suffix>{{ unit(name) }}</template></el-input>
        </label>
      </div>
    </template>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <el-button type="primary" native-type="submit" size="large">{{ $t('heater.keep') }}</el-button>
  </form>
</template>

<style scoped>
.kinds { display: flex; gap: 8px; flex-wrap: wrap; }
.grid { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 10px 14px; }
label { font-size: 0.9rem; display: grid; gap: 3px; align-content: start; }
.wrong { color: var(--danger); font-weight: 700; }
.error { color: var(--danger); font-weight: 700; position: sticky; bottom: 0; background: var(--danger-soft); padding: 10px; border-radius: 8px; }
</style>
