<script setup lang="ts">
import { ref } from 'vue'
import type { Visit } from '@/api/client'
import AnswerLine from './AnswerLine.vue'
import { minutes, stopwatch } from '@/format'

const props = defineProps<{ visit: Visit; current: string | null }>()
/** What is done is made only once somebody looks at it. */
const looked = ref(props.visit.status === 'signed')
/** What was said in a step that is done. */
const said = (operation: string) => props.visit.answers.filter((one) => one.operation === operation)
const emit = defineEmits<{ choose: [operation: string]; undo: [] }>()
</script>

<template>
  <div>
    <h2>{{ $t('visit.steps') }}</h2>
    <details
      v-if="visit.done.length"
      class="past"
      :open="visit.status === 'signed'"
      @toggle="looked = true"
    >
      <summary>{{ $t('visit.doneCount', { n: visit.done.length }) }}</summary>
      <ol v-if="looked" class="done">
        <li v-for="step in visit.done" :key="step.step" :class="step.outcome">
          <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
            <path
              v-if="['done', 'already_so'].includes(step.outcome)"
              d="M2 7 L6 11 L12 3"
              fill="none"
              stroke="currentColor"
              stroke-width="2.4"
            />
            <circle v-else cx="7" cy="7" r="5" fill="none" stroke="currentColor" stroke-width="2" />
          </svg>
          <span
            >{{ step.title }}<i v-if="step.reason"> – {{ step.reason }}</i
            ><i v-if="step.together"> – {{ $t('visit.saidTogether') }}</i
            ><i v-if="step.took" class="number took">
              {{ stopwatch(step.took)
              }}<template v-if="step.reckoned"> / {{ stopwatch(step.reckoned) }}</template></i
            ><AnswerLine
              v-for="one in said(step.operation)"
              :key="one.id"
              :answer="one"
              :locked="visit.status !== 'open'"
          /></span>
        </li>
      </ol>
    </details>
    <button
      v-if="visit.done.length && visit.status === 'open'"
      class="undo"
      type="button"
      @click="emit('undo')"
    >
      {{ $t('visit.undo') }}
    </button>
    <ol class="next">
      <li v-for="step in visit.plan.steps" :key="step.operation">
        <button
          type="button"
          :aria-current="current === step.operation ? 'step' : undefined"
          :class="{ ready: step.needs.every((need) => need.met) }"
          @click="emit('choose', step.operation)"
        >
          <span class="dot" aria-hidden="true" /><span>{{ step.title }}</span
          ><span class="number small soft">{{ Math.max(1, minutes(step.hands_on)) }}′</span>
        </button>
      </li>
      <li>
        <button
          type="button"
          :aria-current="current === 'finish' ? 'step' : undefined"
          @click="emit('choose', 'finish')"
        >
          <span class="dot flag" aria-hidden="true" /><b>{{ $t('visit.finish') }}</b>
        </button>
      </li>
    </ol>
    <template v-if="visit.plan.impossible.length">
      <h3>{{ $t('visit.impossible') }}</h3>
      <ul class="leftout">
        <li v-for="left in visit.plan.impossible" :key="left.operation">
          <b>{{ left.title }}</b> {{ left.because }}
        </li>
      </ul>
    </template>
    <template v-if="visit.plan.superfluous.length">
      <h3>{{ $t('visit.superfluous') }}</h3>
      <ul class="leftout">
        <li v-for="left in visit.plan.superfluous" :key="left.operation">
          <b>{{ left.title }}</b> {{ left.because }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
h2 {
  margin-bottom: 6px;
}
h3 {
  margin: 12px 0 4px;
}
.past summary {
  min-height: var(--touch);
  display: flex;
  align-items: center;
  padding: 0 6px;
  cursor: pointer;
  color: var(--sound);
  font-weight: 700;
}
.past summary::before {
  content: '▸';
  margin-right: 8px;
}
.past[open] summary::before {
  content: '▾';
}
.done li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  color: var(--ink-soft);
  font-size: 0.88rem;
  padding: 3px 6px;
}
.done li > span {
  flex: 1;
  min-width: 0;
}
.done svg {
  flex: none;
  color: var(--sound);
}
.done .not_tested svg,
.done .left_apart svg {
  color: var(--untested);
}
.took {
  font-style: normal;
  font-size: 0.78rem;
}
.undo {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  min-height: var(--touch);
  cursor: pointer;
  padding: 0 6px;
}
.next button {
  width: 100%;
  text-align: left;
  display: grid;
  grid-template-columns: 14px 1fr auto;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  padding: 4px 8px;
  border: 0;
  border-radius: 8px;
  background: none;
  cursor: pointer;
}
.next button:hover {
  background: var(--sunk);
}
.next button[aria-current] {
  background: var(--copper-soft);
  box-shadow: inset 4px 0 0 var(--copper);
  font-weight: 700;
}
.dot {
  width: 11px;
  height: 11px;
  border-radius: 50%;
  border: 2px solid var(--unknown);
}
.ready .dot {
  border-color: var(--copper);
  background: var(--copper);
}
.flag {
  border-radius: 0;
}
.leftout li {
  font-size: 0.86rem;
  color: var(--ink-soft);
  padding: 4px 6px;
}
</style>
