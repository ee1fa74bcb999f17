<script setup lang="ts">
// What the visit has found out of the heater, and its record does not say: taken by one touch each,
// or all at once where the record says nothing else.
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Visit } from '@/api/client'
import { may } from '@/api/session'
import { useHeaterForm } from '@/composables/useHeaterForm'
import { useVisit } from '@/composables/useVisit'
import { withLabels } from '@/i18n/units'

const props = defineProps<{ visit: Visit }>()
const { t } = useI18n()
const { send } = useVisit()
const { choices } = useHeaterForm(() => props.visit.units)
const said = (field: string, value: string) =>
  choices(field) ? t(`word.${value}`) : withLabels(value)
const take = (field: string, value: string) => send('facts', { field, value })
const leave = (field: string, value: string) => send('facts', { field, value, keep: true })
/** Those that go against nothing that the record says. */
const plain = computed(() => props.visit.proposals.filter((one) => !one.recorded))
async function takeAll() {
  for (const one of plain.value) if (!(await take(one.field, one.value))) return
}
</script>

<template>
  <section
    v-if="may('records') && visit.status === 'open' && visit.proposals.length"
    class="stack"
    :aria-label="$t('facts.forRecord')"
  >
    <div class="row between">
      <h3>{{ $t('facts.forRecord') }}</h3>
      <button v-if="plain.length > 1" type="button" class="plain-button" @click="takeAll">
        {{ $t('facts.takeAll', { n: plain.length }) }}
      </button>
    </div>
    <div v-for="one in visit.proposals" :key="one.field" class="proposal" role="group">
      <p>
        {{ $t(`field.${one.field}`) }}: <b>{{ said(one.field, one.value) }}</b>
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
  </section>
</template>

<style scoped>
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
