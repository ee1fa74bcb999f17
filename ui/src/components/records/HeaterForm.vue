<script setup lang="ts">
// A heater from its data plate: bare numbers in the site's unit, any unit accepted, the rest by
// choice; only the fields that its kind has. Or no more than kind and size, and the visit begins:
// the rest is learnt there.
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, unwrap, type Schemas } from '@/api/client'
import { setLocale } from '@/i18n'

const props = defineProps<{
  error?: string
  field?: string | null
  units?: string
  label?: string
  installation?: Record<string, unknown>
  /** A new one, to which a visit may begin at once. */
  fresh?: boolean
}>()
const emit = defineEmits<{
  keep: [label: string, installation: Record<string, string>]
  begin: [label: string, installation: Record<string, string>]
}>()

const { t } = useI18n()
const fields = ref<Schemas['HeaterFields'] | null>(null)
const label = ref(props.label ?? '')
const values = ref<Record<string, string>>({
  ...Object.fromEntries(
    Object.entries(props.installation ?? {}).map(([k, v]) => [k, String(v ?? '')]),
  ),
})
onMounted(async () => {
  setLocale(props.units ?? 'us')
  fields.value = await unwrap(
    api.GET('/api/heater-form', {
      params: { query: { units: (props.units ?? 'us') as 'us' | 'canada' } },
    }),
  )
  values.value.kind ??= fields.value.first_kind
})

const TITLES = {
  plate: 'heater.plateTitle',
  around: 'heater.around',
  relief: 'heater.reliefTitle',
} as const
const quantity = (name: string) => fields.value?.quantities.find((one) => one.name === name)
const word = (name: string) => fields.value?.words.find((one) => one.name === name)
const unit = (name: string) => quantity(name)?.unit
const choices = (name: string) => word(name)?.choices
function shown(name: string) {
  const kinds = quantity(name)?.kinds ?? word(name)?.kinds
  if (kinds && !kinds.includes(values.value.kind!)) return false
  const pointless = fields.value?.hidden.find((one) => one.name === name)
  return !pointless?.values.includes(values.value[pointless.by] ?? '')
}
/** Where it stands, as it was typed, as the record says, or not said at all. */
const called = () =>
  label.value.trim() || t(values.value.location ? `word.${values.value.location}` : 'heater.plain')
function begin() {
  const { kind, capacity } = values.value
  emit('begin', called(), { kind: kind!, capacity: capacity! })
}
function keep() {
  const names = fields.value!.groups.flatMap((group) => group.names)
  const wanted = ['kind', ...names].filter(
    (name) => (name === 'kind' || shown(name)) && values.value[name],
  )
  emit('keep', called(), Object.fromEntries(wanted.map((name) => [name, values.value[name]!])))
}
</script>

<template>
  <form v-if="fields" class="stack" novalidate @submit.prevent="keep">
    <p class="soft small">{{ $t('heater.unknownNote') }}</p>
    <label
      >{{ $t('heater.label')
      }}<el-input v-model="label" name="label" autofocus :placeholder="$t('word.basement')"
    /></label>
    <div class="kinds" role="radiogroup" :aria-label="$t('field.kind')">
      <button
        v-for="kind in choices('kind')"
        :key="kind"
        class="plain-button"
        type="button"
        role="radio"
        :aria-checked="values.kind === kind"
        @click="values.kind = kind"
      >
        {{ $t(`word.${kind}`) }}
      </button>
    </div>
    <div v-if="fresh" class="begin">
      <label
        >{{ $t('field.capacity')
        }}<el-input
          v-model="values.capacity"
          name="begin_capacity"
          inputmode="decimal"
          @keydown.enter.prevent="values.capacity && begin()"
          ><template #suffix>{{ unit('capacity') }}</template></el-input
        ></label
      >
      <el-button type="primary" size="large" :disabled="!values.capacity" @click="begin">{{
        $t('heater.begin')
      }}</el-button>
      <el-button native-type="submit" size="large" :disabled="!values.capacity">{{
        $t('heater.later')
      }}</el-button>
      <p class="soft small">{{ $t('heater.beginNote') }}</p>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
    </div>
    <template v-for="group in fields.groups" :key="TITLES[group.id]">
      <h3>{{ $t(TITLES[group.id]) }}</h3>
      <div class="grid">
        <label
          v-for="name in group.names.filter(shown)"
          :key="name"
          :class="{ wrong: field === name }"
        >
          {{ $t(`field.${name}`) }}
          <el-select
            v-if="choices(name)"
            v-model="values[name]"
            :placeholder="$t('word.unknown')"
            :aria-label="$t(`field.${name}`)"
          >
            <el-option
              v-for="choice in choices(name)"
              :key="choice"
              :value="choice"
              :label="$t(`word.${choice}`)"
            />
          </el-select>
          <el-input
            v-else
            v-model="values[name]"
            :name="name"
            :inputmode="unit(name) !== undefined ? 'decimal' : 'text'"
            ><template v-if="unit(name)" #suffix>{{ unit(name) }}</template></el-input
          >
        </label>
      </div>
    </template>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <el-button type="primary" native-type="submit" size="large">{{ $t('heater.keep') }}</el-button>
  </form>
</template>

<style scoped>
.kinds {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.begin {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
  padding: 12px;
  border-radius: var(--radius);
  background: var(--sunk);
}
.begin .el-button {
  margin-left: 0;
}
.begin p {
  flex: 1 1 220px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 10px 14px;
}
label {
  font-size: 0.9rem;
  display: grid;
  gap: 3px;
  align-content: start;
}
.wrong {
  color: var(--danger);
  font-weight: 700;
}
.error {
  color: var(--danger);
  font-weight: 700;
  position: sticky;
  bottom: 0;
  background: var(--danger-soft);
  padding: 10px;
  border-radius: 8px;
}
</style>
