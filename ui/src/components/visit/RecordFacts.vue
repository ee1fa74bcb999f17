<script setup lang="ts">
// What the heater's record does not know and this step wants.
import { computed, nextTick, ref } from 'vue'
import type { PlannedStep, Visit } from '@/api/client'
import { may } from '@/api/session'
import { useVisit } from '@/composables/useVisit'
import FactField from './FactField.vue'
import ReadPlate from './ReadPlate.vue'

const props = defineProps<{ visit: Visit; step: PlannedStep }>()
const { send } = useVisit()
const fields = ref<InstanceType<typeof FactField>[]>([])
const all = ref(false)
const FEW = 6
const shown = computed(() => (all.value ? props.step.wants : props.step.wants.slice(0, FEW)))
const reasons = computed(() => [...new Set(props.step.wants.map((one) => one.because))])

/** What is known goes away, and the one after it takes its place. */
async function next(index: number) {
  const before = props.step.wants.length
  await nextTick()
  const to = props.step.wants.length < before ? index : index + 1
  fields.value[to]?.focus()
}
const take = (field: string, value: string) => void send('facts', { field, value })
</script>

<template>
  <section
    v-if="may('records') && step.wants.length"
    class="record"
    :aria-label="$t('facts.title')"
  >
    <p class="soft small">
      <b>{{ $t('facts.wanted') }}</b> {{ reasons.join(' ') }}
    </p>
    <ReadPlate
      v-if="step.operation === 'identify'"
      :wanted="step.wants.map((one) => one.field)"
      @take="take($event.field, $event.value)"
    />
    <FactField
      v-for="(one, index) in shown"
      :key="one.field"
      ref="fields"
      :field="one.field"
      :units="visit.units"
      @kept="next(index)"
    />
    <button
      v-if="!all && step.wants.length > FEW"
      type="button"
      class="plain-button"
      @click="all = true"
    >
      {{ $t('facts.more', { n: step.wants.length - FEW }) }}
    </button>
  </section>
</template>

<style scoped>
.record {
  display: grid;
  gap: 8px;
  border: 1px dashed var(--line);
  border-radius: var(--radius);
  padding: 10px 12px;
}
</style>
