<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Verdict } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'
import { useVisitId } from '@/composables/useVisit'

const props = defineProps<{ verdict: Verdict; place?: boolean }>()
// The visit it belongs to, where there is one: then it can be asked why.
const visit = useVisitId()
const asked = ref(false)
const WhyPanel = defineAsyncComponent(() => import('./WhyPanel.vue'))
const dated = computed(
  () => props.verdict.due_in != null && ['danger', 'defect', 'watch'].includes(props.verdict.state),
)
</script>

<template>
  <div class="verdict" :class="verdict.state">
    <GradeMark :grade="verdict.state" word />
    <div>
      <p>
        <b v-if="place">{{ verdict.place }}: </b>{{ verdict.text }}
      </p>
      <p v-if="verdict.remedy && verdict.state !== 'sound'" class="remedy">
        {{ verdict.remedy }}
        <span v-if="dated" class="due">{{
          verdict.due_in ? $t('visit.by', { n: verdict.due_in }) : $t('visit.today')
        }}</span>
      </p>
      <p v-if="verdict.claim_first" class="remedy">{{ verdict.claim_first }}</p>
      <p class="soft small">
        <template v-if="verdict.because[0]?.limit"
          >{{ $t('visit.limit') }}
          <span class="number">{{ verdict.because[0].limit }}</span> · </template
        >{{ verdict.because[0]?.source
        }}<span v-if="verdict.who && verdict.who !== 'plumber' && verdict.state !== 'sound'">
          · {{ $t(`trade.${verdict.who}`) }}</span
        ><span v-if="verdict.since"> · {{ $t('deficiency.open') }} {{ verdict.since }}</span>
        <button v-if="visit" type="button" class="why" @click="asked = true">
          {{ $t('why.ask') }}
        </button>
      </p>
      <WhyPanel
        v-if="asked && visit"
        :visit="visit"
        :check="verdict.check"
        @close="asked = false"
      />
    </div>
  </div>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: 108px 1fr;
  gap: 8px;
  align-items: start;
  padding: 8px 10px;
  border-left: 5px solid currentColor;
  border-radius: 6px;
  background: var(--sunk);
  margin-top: 4px;
}
.verdict > div {
  color: var(--ink);
}
.danger {
  background: var(--danger-soft);
  border-color: var(--danger);
}
.defect {
  background: var(--defect-soft);
  border-color: var(--defect);
}
.watch {
  background: var(--watch-soft);
  border-color: var(--watch);
}
.sound {
  background: var(--sound-soft);
  border-color: var(--sound);
}
.not_tested,
.advice {
  border-color: var(--untested);
}
.why {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
  font: inherit;
  padding: 4px 6px;
  min-height: 32px;
}
.remedy {
  font-weight: 700;
}
.due {
  font-weight: 400;
  white-space: nowrap;
  border: 1px solid currentColor;
  border-radius: 12px;
  padding: 0 8px;
  font-size: 0.85rem;
}
@media (max-width: 700px) {
  .verdict {
    grid-template-columns: 1fr;
    gap: 2px;
  }
}
</style>
