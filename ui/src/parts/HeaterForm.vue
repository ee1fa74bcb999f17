<script setup lang="ts">
// A heater from its data plate: bare numbers in the site's unit, any unit accepted, the rest by choice;
// only the fields that its kind has.
import { computed, onMounted, ref } from 'vue'
import { api, must, type Schemas } from '@/api/client'
import { speak } from '@/words'

const props = defineProps<{ error?: string; field?: string | null; units?: string; label?: string; installation?: Record<string, unknown> }>()
const emit = defineEmits<{ keep: [label: string, installation: Record<string, string>] }>()

const fields = ref<Schemas['HeaterFields'] | null>(null)
const label = ref(props.label ?? '')
const values = ref<Record<string, string>>({ kind: props.units === 'england' ? 'unvented_indirect' : 'gas_storage', ...Object.fromEntries(Object.entries(props.installation ?? {}).map(([k, v]) => [k, String(v ?? '')])) })
onMounted(async () => {
  speak(props.units ?? 'us')
  fields.value = await must(api.GET('/api/heater-form', { params: { query: { units: (props.units ?? 'us') as 'us' } } }))
})

const PLATE = ['maker', 'model', 'serial', 'capacity', 'input', 'manifold_pressure', 'coil_power', 'coil_flow', 'element_upper', 'element_lower', 'immersion_power', 'element_voltage', 'working_pressure', 'set_point', 'cut_out_temperature', 'manufactured', 'installed']
const RELIEF = ['relief_set_pressure', 'relief_set_temperature', 'relief_rating', 'relief_probe', 'relief_thread', 'relief_fitted', 'relief_history', 'relief_outlet', 'expansion_relief', 'expansion_relief_pressure', 'tundish', 'discharge_ends', 'd1_size', 'd1_length', 'd2_size', 'd2_length', 'd2_bends', 'shared_discharge']
const AROUND = ['ignition', 'hood', 'vent', 'backup_immersion', 'coil_control', 'location', 'water_supply', 'vessel', 'vessel_volume', 'regulator', 'regulator_setting', 'backflow', 'anode', 'pan', 'mixing_valve', 'recirculation', 'instructions_kept']
const GROUPS = [{ title: 'heater.plateTitle', names: PLATE }, { title: 'heater.around', names: AROUND }, { title: 'heater.reliefTitle', names: RELIEF }]

/** Fields that a choice makes pointless: field, the field that decides, its values for which it is hidden. */
const HIDDEN: [string, string, string[]][] = [['vessel_volume', 'vessel', ['none', 'bubble']], ['regulator_setting', 'regulator', ['no']], ['expansion_relief_pressure', 'expansion_relief', ['no']], ['immersion_power', 'backup_immersion', ['no']]]
const ENGLISH = ['tundish', 'expansion_relief', 'expansion_relief_pressure', 'd1_size', 'd1_length', 'd2_size', 'd2_length', 'd2_bends', 'shared_discharge', 'relief_outlet', 'cut_out_temperature']
const unvented = computed(() => values.value.kind?.startsWith('unvented') ?? false)
const quantity = (name: string) => fields.value?.quantities.find((one) => one.name === name)
const word = (name: string) => fields.value?.words.find((one) => one.name === name)
const unit = (name: string) => quantity(name)?.unit
const choices = (name: string) => word(name)?.choices
function shown(name: string) {
  const kinds = quantity(name)?.kinds ?? word(name)?.kinds
  if (kinds && !kinds.includes(values.value.kind!)) return false
  if (ENGLISH.includes(name) && !unvented.value && props.units !== 'england') return false
  return !HIDDEN.some(([field, by, when]) => field === name && when.includes(values.value[by] ?? ''))
}
function keep() {
  const wanted = ['kind', ...PLATE, ...AROUND, ...RELIEF].filter((name) => (name === 'kind' || shown(name)) && values.value[name])
  emit('keep', label.value, Object.fromEntries(wanted.map((name) => [name, values.value[name]!])))
}
</script>

<template>
  <form v-if="fields" class="stack" novalidate @submit.prevent="keep">
    <p class="soft small">{{ $t('heater.unknownNote') }}</p>
    <label>{{ $t('heater.label') }}<el-input v-model="label" name="label" autofocus :placeholder="$t('word.basement')" /></label>
    <div class="kinds" role="radiogroup" :aria-label="$t('field.kind')">
      <button v-for="kind in choices('kind')" :key="kind" class="plain-button" type="button" role="radio" :aria-checked="values.kind === kind" @click="values.kind = kind">{{ $t(`word.${kind}`) }}</button>
    </div>
    <template v-for="group in GROUPS" :key="group.title">
      <h3>{{ $t(group.title) }}</h3>
      <div class="grid">
        <label v-for="name in group.names.filter(shown)" :key="name" :class="{ wrong: field === name }">
          {{ $t(`field.${name}`) }}
          <el-select v-if="choices(name)" v-model="values[name]" :placeholder="$t('word.unknown')" :aria-label="$t(`field.${name}`)">
            <el-option v-for="choice in choices(name)" :key="choice" :value="choice" :label="$t(`word.${choice}`)" />
          </el-select>
          <el-input v-else v-model="values[name]" :name="name" :inputmode="unit(name) !== undefined ? 'decimal' : 'text'"><template v-if="unit(name)" #suffix>{{ unit(name) }}</template></el-input>
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
