<script setup lang="ts">
// What the heater's record does not know and this step wants; and what the visit has found out,
// taken by one touch, or asked where the record says otherwise.
import { computed, nextTick, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlannedStep, Visit } from '@/api/client'
import { may } from '@/api/session'
import { useHeaterForm } from '@/composables/useHeaterForm'
import { useVisit } from '@/composables/useVisit'
import FactField from './FactField.vue'
import ReadPlate from './ReadPlate.vue'
import { withLabels } from '@/i18n/units'

const props = defineProps<{ visit: Visit; step: PlannedStep }>()
const { t } = useI18n()
const { send } = useVisit()
const { choices } = useHeaterForm(() => props.visit.units)
const fields = ref<InstanceType<typeof FactField>[]>([])
const all = ref(false)
const FEW = 6
const shown = computed(() => (all.value ? props.step.wants : props.step.wants.slice(0, FEW)))
const reasons = computed(() => [...new Set(props.step.wants.map((one) => one.because))])
const said = (field: string, value: string) =>
  choices(field) ? t(`word.${value}`) : withLabels(value)

/** What is known goes away, and the one after it takes its place. */
async function next(index: number) {
  const before = props.step.wants.length
  await nextTick()
  const to = props.step.wants.length < before ? index : index + 1
  fields.value[to]?.focus()
}
const take = (field: string, value: string) => void send('facts', { field, value })
const leave = (field: string, value: string) => void send('facts', { field, value, keep: true })
</script>

<template>
  <section
    v-if="may('records') && (visit.proposals.length || step.wants.length)"
    class="record"
    :aria-label="$t('facts.title')"
  >
    <div v-for="one in visit.proposals" :key="one.field" class="proposal" role="group">
      <p>
        <b>{{ $t('facts.found') }}</b> {{ $t(`field.${one.field}`) }}:
        <b>{{ said(one.field, one.value) }}</b>
        <span class="soft small">– {{ one.because }}</span>
        <span v-if="one.recorded" class="differs">{{
          $t('facts.recorded', { value: said(one.field, one.recorded) })
        }}</span>
      </p>
      <span class="row"
        ><button type="button" class="plain-button" @click="take(one.field, one.value)">
          {{ $t(one.recorded ? 'facts.change' : 'facts.take') }}</button
        ><button type="button" class="plain-button" @click="leave(one.field, one.value)">
          {{ $t('facts.leave') }}
        </button></span
      >
    </div>
    <template v-if="step.wants.length">
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
    </template>
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
.proposal {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  justify-content: space-between;
}
.proposal p {
  flex: 1 1 240px;
}
.differs {
  display: block;
  color: var(--defect);
  font-weight: 700;
}
</style>
