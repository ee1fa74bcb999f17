<script setup lang="ts">
// The drawing as a form: a part that was touched, or one that the record does not know yet, and
// what is to be said of it. Each answer draws it anew.
import { computed } from 'vue'
import type { Visit } from '@/api/client'
import { useHeaterForm } from '@/composables/useHeaterForm'
import FactField from './FactField.vue'

const props = defineProps<{ visit: Visit; part: string | null }>()
const emit = defineEmits<{ part: [id: string | null]; go: [operation: string] }>()
const { form, fits } = useHeaterForm(() => props.visit.units)
const record = computed(() => props.visit.heater.installation as Record<string, string>)
const UNKNOWN = [undefined, 'unknown', 'not_known']
const asked = (names: string[]) =>
  names.filter((name) => fits(name, props.visit.heater.kind, record.value))
const open = (names: string[]) =>
  asked(names).filter((name) => UNKNOWN.includes(record.value[name]))
/** Parts of which something is not known. */
const unknown = computed(() => (form.value?.parts ?? []).filter((one) => open(one.names).length))
const touched = computed(() => form.value?.parts.find((one) => one.part === props.part))
const step = computed(() => props.visit.plan.steps.find((one) => one.part === props.part))
const names = computed(() => asked(touched.value?.names ?? []))
</script>

<template>
  <section v-if="touched && names.length" class="part panel" :aria-label="touched.name">
    <div class="row between">
      <b>{{ touched.name }}</b><button
        v-if="step"
        type="button"
        class="plain-button"
        @click="emit('go', step.operation)"
      >
        {{ step.title }}</button
      ><button type="button" class="plain-button" @click="emit('part', null)">
        {{ $t('facts.close') }}
      </button>
    </div>
    <FactField
      v-for="name in names"
      :key="name"
      :field="name"
      :units="visit.units"
      :value="record[name]"
    />
  </section>
  <p v-if="unknown.length" class="chips">
    <span class="soft small">{{ $t('facts.unknown') }}</span>
    <button
      v-for="one in unknown"
      :key="one.part"
      type="button"
      class="chip"
      :aria-pressed="one.part === part"
      @click="emit('part', one.part)"
    >
      {{ one.name }}
      <span class="number">{{ open(one.names).length }}</span>
    </button>
  </p>
</template>

<style scoped>
.part {
  display: grid;
  gap: 8px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding-top: 8px;
}
.chip {
  border: 1px dashed var(--unknown);
  border-radius: 20px;
  background: none;
  color: var(--ink);
  padding: 2px 12px;
  min-height: var(--touch);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  border: 1px solid var(--copper);
  background: var(--copper-soft);
}
</style>
