<script setup lang="ts">
// The step in hand: why, how, cautions, what must be true first, and what is to be read, seen or
// asked.
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import type { PlannedStep, Schemas, Visit } from '@/api/client'
import { outbox } from '@/api/outbox'
import { may } from '@/api/session'
import DripTimer from './DripTimer.vue'
import FromAfar from './FromAfar.vue'
import GivingUp from './GivingUp.vue'
import { guides, OVER_READINGS } from '@/components/guides'
import InspectionList from './InspectionList.vue'
import OpenFinding from './OpenFinding.vue'
import LeverCard from './LeverCard.vue'
import PartsPanel from './PartsPanel.vue'
import ReadingField from './ReadingField.vue'
import StepPhoto from './StepPhoto.vue'
import RecordFacts from './RecordFacts.vue'
import { say } from '@/composables/useFromAfar'
import { useRequest } from '@/composables/useRequest'
import { drafted, gatherTyped, provideLead } from '@/composables/useTyped'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{
  visit: Visit
  step: PlannedStep
  error: string
  offered: string | null
}>()
const emit = defineEmits<{
  done: [
    operation: string,
    outcome: Schemas['StepDone']['outcome'],
    reason?: string,
    override?: string,
  ]
  go: [operation: string]
}>()
const { send, read: keepReading, takeBack, together } = useVisit()
const { error: refused, run } = useRequest()

const kept = new Map<string, InstanceType<typeof ReadingField>>()
/**
 * The reading fields on the card in the order in which they are to be read, wherever a guide puts
 * them.
 */
const fields = () =>
  props.step.reads.map((read) => kept.get(read.name)).filter((one) => one !== undefined)
const keep = (name: string, field: unknown) =>
  field ? kept.set(name, field as InstanceType<typeof ReadingField>) : kept.delete(name)
const guide = computed(() => (props.step.guide ? guides[props.step.guide] : undefined))
const field = (name: string) => props.step.reads.find((read) => read.name === name && read.shown)
/** Cautions before the work. */
const spoken = computed(() =>
  [props.step.title, ...props.step.cautions, props.step.how].filter(Boolean).join('. '),
)
watch(
  () => props.step.operation,
  () => say(spoken.value),
  { immediate: true },
)
/** This device had no room for what waits to be sent: it is on this page only. */
const unkept = computed(() => outbox.unsafe && outbox.waiting.length > 0)
const overriding = ref(false)
const override = ref('')
const looks = ref<InstanceType<typeof InspectionList>>()
const doneButton = ref<HTMLButtonElement>()
const givingUp = ref(false)

const unmet = computed(() => props.step.needs.filter((need) => !need.met))
const passable = computed(
  () => inTheWay.value.length > 0 && inTheWay.value.every((need) => need.soft),
)
const missing = computed(() =>
  props.step.reads.filter(
    (read) => read.wanted && (read.stale || !props.visit.readings[read.name]),
  ),
)
const unanswered = computed(() =>
  (props.step.looks ?? []).filter((look) => !props.visit.observations[look.id]),
)
/** What an earlier visit left open at this part, where no line of the inspection asks it. */
const openHere = computed(() =>
  props.visit.open_before.filter((one) => !one.asked_in && one.part === props.step.part),
)
const undecided = computed(() => !!props.step.decides && !props.visit.decisions[props.step.decides])
const ready = computed(
  () =>
    !inTheWay.value.length && !missing.value.length && !unanswered.value.length && !undecided.value,
)
const offeredTitle = computed(
  () => props.visit.plan.steps.find((step) => step.operation === props.offered)?.title,
)
const stepTitle = (operation: string) =>
  props.visit.plan.steps.find((step) => step.operation === operation)?.title

const { typed, keepAll } = gatherTyped()
/** Nothing is in the way but what stands typed in the fields. */
const pressable = computed(
  () =>
    !inTheWay.value.length &&
    !unanswered.value.length &&
    !undecided.value &&
    missing.value.every((read) => typed(read.name)),
)
/** The plain acts that lead to this step, where nothing else comes before it: said with it. */
const lead = computed(() => {
  const before = props.visit.plan.steps.slice(0, props.visit.plan.steps.indexOf(props.step))
  return before.every((step) => step.together) ? before : []
})
/** What is in the way: not what those acts bring about, nor what only a wait does. */
const inTheWay = computed(() =>
  lead.value.length ? unmet.value.filter((need) => need.waiting) : unmet.value,
)
/** How long an answer to them is waited for: what follows is written after them in any case. */
const PATIENCE = 800
let saying: Promise<boolean> | null = null
function sayLead() {
  if (lead.value.length && !saying)
    saying = together([...lead.value]).finally(() => (saying = null))
  const soon = new Promise<boolean>((resolve) => setTimeout(() => resolve(true), PATIENCE))
  return saying ? Promise.race([saying, soon]) : Promise.resolve(true)
}
provideLead(sayLead)

/** Whether the step asks for something besides what is wanted: then it stays until *Done*. */
const asksMore = () =>
  (may('records') && props.step.wants.length > 0) ||
  openHere.value.length > 0 ||
  fields().some((one) => one.blank())
/** Whether nothing that was read or seen in this step is other than sound. */
const sound = computed(() => {
  const names = props.step.reads.map((read) => read.name)
  const looks = (props.step.looks ?? []).map((look) => look.id)
  return (
    props.visit.verdicts.every(
      (one) => !names.includes(one.quantity ?? '') || one.state === 'sound',
    ) && looks.every((id) => props.visit.observations[id]?.finding === 'sound')
  )
})

/** Numbers that may be left out stand folded: who has one, opens it; who has none is not asked. */
const opened = ref<string[]>([])
const folded = computed(() =>
  props.step.reads.filter(
    (read) =>
      read.shown &&
      read.optional &&
      !read.choices &&
      !read.instruments.length &&
      !props.visit.readings[read.name] &&
      !drafted(props.visit.id, read.name) &&
      !opened.value.includes(read.name),
  ),
)
async function unfold(name: string) {
  opened.value.push(name)
  await nextTick()
  kept.get(name)?.focus()
}

/** What stands in the fields goes first; what cannot be read keeps the step open. */
async function finish() {
  const { operation } = props.step
  if (!pressable.value || !(await sayLead()) || !(await keepAll())) return
  await nextTick()
  if (props.step.operation === operation && ready.value) emit('done', operation, 'done')
}
/**
 * After something has been kept: on to the next reading that is wanted; where nothing else is asked
 * and all of it is sound, the step is done. What is not sound stays before one's eyes.
 */
async function saved(unset?: string) {
  await nextTick()
  const next = fields().find((field) => field.empty()) ?? fields().find((field) => field.blank())
  if (next) return next.focus()
  if (ready.value && sound.value && !asksMore()) void finish()
  else if (unset) kept.get(unset)?.focus()
  else doneButton.value?.focus()
}
/** The same after a line that was looked at, or a consent. */
async function answered() {
  await nextTick()
  if (ready.value && sound.value && !asksMore()) void finish()
}
/** A reading that a guide has worked out; the card says it when it is refused. */
async function take(name: string, value: string) {
  if (!(await sayLead())) return false
  const judged = await run(() =>
    keepReading({
      name,
      value,
      at: new Date().toISOString(),
      corrects: props.visit.readings[name]?.id ?? null,
      ...(props.step.instrument ? { instrument: props.step.instrument } : {}),
    }),
  )
  return !!judged
}
function passOver() {
  emit('done', props.step.operation, 'done', undefined, override.value.trim())
  overriding.value = false
}
async function decide(value: string) {
  if (!(await sayLead())) return
  if (props.step.decides && (await send('decisions', { name: props.step.decides, value })))
    void answered()
}
function giveUp(reason: string, apart: boolean) {
  emit('done', props.step.operation, apart ? 'left_apart' : 'not_tested', reason)
}

// A guide leads from its top; a plain reading is the one thing that matters, also once a wait has
// brought about what it needs.
const toFirst = () =>
  nextTick(
    () =>
      (!guide.value || OVER_READINGS.includes(props.step.guide!)) &&
      fields()
        .find((field) => field.empty())
        ?.focus(),
  )
onMounted(toFirst)
watch(
  () => inTheWay.value.length,
  (now) => !now && toFirst(),
)
defineExpose({
  giveUp: () => (givingUp.value = true),
  soundHere: () => looks.value?.sound(),
  allSound: () => looks.value?.allSound(),
  noneOfTheRest: () => looks.value?.noneOfTheRest(),
  confirm: () => {
    const focused = document.activeElement
    if (
      focused instanceof HTMLButtonElement &&
      focused !== doneButton.value &&
      focused.matches(':focus-visible')
    )
      focused.click()
    else void finish()
  },
  answer: (index: number) => {
    if (undecided.value) return decide(index === 1 ? 'refused' : 'given')
    if (looks.value) return looks.value.pick(index)
    fields().find((field) => field.empty() && field.choose(index))
  },
})
</script>

<template>
  <article class="panel card" :class="{ takes: pressable }" :aria-label="step.title">
    <header>
      <div class="head">
        <h2 class="step-title">{{ step.title }}</h2>
        <FromAfar :text="spoken" />
      </div>
      <p class="because">{{ step.because }}</p>
    </header>
    <p v-if="unkept" class="error" role="alert">{{ $t('visit.unkept') }}</p>
    <ul v-if="step.cautions.length" class="cautions">
      <li v-for="caution in step.cautions" :key="caution">
        <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
          <path d="M8 1 L15.5 15 H0.5 Z" fill="none" stroke="currentColor" stroke-width="1.8" />
          <path d="M8 6 V10.5 M8 12.2 V13.6" stroke="currentColor" stroke-width="1.8" /></svg
        >{{ caution }}
      </li>
    </ul>
    <div v-if="lead.length" class="lead">
      <b>{{ $t('visit.leadsThere') }}</b>
      <ol>
        <li v-for="act in lead" :key="act.operation">
          <span
            ><b>{{ act.title }}</b
            ><template v-for="one in act.together" :key="one.name">
              – {{ one.text.toLowerCase() }}</template
            ><br /><span class="soft">{{ act.how }}</span></span
          ><button
            type="button"
            class="plain-button"
            :aria-label="`${$t('visit.done')}: ${act.title}`"
            @click="together([act])"
          >
            {{ $t('visit.done') }}
          </button>
        </li>
      </ol>
      <p class="soft small">{{ $t('visit.saidWith') }}</p>
    </div>
    <div v-if="inTheWay.length" class="needs" role="note">
      <b>{{ $t('visit.first') }}</b>
      <ul>
        <li v-for="need in inTheWay" :key="need.name">
          {{ need.text
          }}<span v-if="need.waiting" class="soft">{{
            $t('visit.stillRuns', { what: need.waiting })
          }}</span
          ><button
            v-if="need.step && stepTitle(need.step)"
            type="button"
            class="plain-button"
            @click="emit('go', need.step!)"
          >
            {{ stepTitle(need.step) }}
          </button>
        </li>
      </ul>
      <template v-if="passable">
        <button v-if="!overriding" type="button" class="link" @click="overriding = true">
          {{ $t('visit.passOver') }}
        </button>
        <form v-else class="row" @submit.prevent="passOver">
          <el-input
            v-model="override"
            class="grow"
            :placeholder="$t('visit.passWhy')"
            :aria-label="$t('visit.passWhy')"
          /><el-button
            native-type="submit"
            :disabled="!override.trim() || missing.length > 0 || unanswered.length > 0 || undecided"
            >{{ $t('visit.passKeep') }}</el-button
          >
        </form>
      </template>
    </div>
    <p v-if="step.hand_over" class="hand-over" role="note">
      <b>{{ $t('handOver') }}</b> {{ step.hand_over }}
    </p>
    <p class="how">
      <b>{{ $t('visit.how') }}</b> {{ step.how }}
    </p>
    <details v-if="step.house_rules?.length" class="soft small rules">
      <summary>
        {{ $t('houseRulesHere', { n: step.house_rules.length }) }}
        {{ step.house_rules.map((rule) => rule.choice).join(' · ') }}
      </summary>
      <p v-for="rule in step.house_rules" :key="rule.ask">
        <b>{{ $t('houseRule') }}</b> {{ rule.ask }} {{ rule.choice }} ({{
          $t(`levels.${rule.level}`)
        }})
      </p>
    </details>
    <p v-if="step.instrument || step.tools?.length" class="soft small">
      <b>{{ $t('visit.with') }}</b>
      {{
        [step.instrument, ...(step.tools ?? []).filter((tool) => !step.instrument?.includes(tool))]
          .filter(Boolean)
          .join(', ')
      }}
    </p>
    <p v-if="step.materials?.length" class="small">
      <b>{{ $t('visit.materials') }}</b> {{ step.materials.join(', ') }}
    </p>

    <p v-if="step.claim_first" class="claim" role="note">{{ step.claim_first }}</p>
    <PartsPanel v-if="step.fits" :visit="visit.id" :kind="step.fits" />
    <DripTimer
      v-if="step.wait && step.wait.manner === 'attended'"
      :seconds="step.wait.seconds"
      :name="`${visit.id}.${step.operation}`"
    />
    <div v-if="step.decides" class="decide" role="group" :aria-label="$t('visit.consent')">
      <b>{{ $t('visit.consent') }}</b>
      <button
        type="button"
        class="plain-button"
        :aria-pressed="visit.decisions[step.decides] === 'given'"
        @click="decide('given')"
      >
        {{ $t('visit.given') }}
      </button>
      <button
        type="button"
        class="plain-button"
        :aria-pressed="visit.decisions[step.decides] === 'refused'"
        @click="decide('refused')"
      >
        {{ $t('visit.refused') }}
      </button>
      <button v-if="!undecided" type="button" class="link" @click="takeBack(step.decides)">
        {{ $t('takeBack.do') }}
      </button>
    </div>
    <LeverCard
      v-if="step.decides === 'consent'"
      :visit="visit.id"
      :spare="visit.decisions.spare_at_hand"
    />
    <p v-for="one in step.recalls" :key="one.ask" class="recalled">
      {{ $t('visit.wroteDown') }} {{ one.ask }} <b>{{ one.text }}</b>
    </p>
    <OpenFinding v-for="one in openHere" :key="one.check" :open="one" />
    <InspectionList
      v-if="step.looks"
      ref="looks"
      :visit="visit"
      :items="step.looks"
      @answered="answered"
    />
    <component :is="guide" v-if="guide" :visit="visit" :step="step" :take="take">
      <template #field="{ read }"
        ><ReadingField
          v-if="field(read)"
          :key="read"
          :ref="(one: unknown) => keep(read, one)"
          :visit="visit"
          :read="field(read)!"
          :instrument="step.instrument"
          @saved="saved"
          @skip="finish"
      /></template>
    </component>
    <template v-else
      ><ReadingField
        v-for="read in step.reads.filter((one) => one.shown && !folded.includes(one))"
        :key="read.name"
        :ref="(one: unknown) => keep(read.name, one)"
        :visit="visit"
        :read="read"
        :instrument="step.instrument"
        @saved="saved"
        @skip="finish"
      /><button
        v-for="read in folded"
        :key="read.name"
        type="button"
        class="link"
        @click="unfold(read.name)"
      >
        {{ $t('visit.alsoRead', { what: read.ask }) }}
      </button></template
    >
    <p v-if="refused" class="error" role="alert">{{ refused }}</p>
    <RecordFacts :visit="visit" :step="step" />
    <StepPhoto v-if="step.photographs" :visit="visit" :step="step" />

    <div v-if="!givingUp" class="actions">
      <p v-if="error" class="error" role="alert">
        {{ error }}
        <button
          v-if="offered && offeredTitle"
          type="button"
          class="plain-button"
          @click="emit('go', offered!)"
        >
          {{ $t('visit.goTo') }}: {{ offeredTitle }}
        </button>
      </p>
      <button ref="doneButton" type="button" class="go" :disabled="!pressable" @click="finish">
        {{ $t('visit.next') }}
      </button>
      <button
        v-if="step.found_so"
        type="button"
        class="plain-button"
        @click="emit('done', step.operation, 'already_so')"
      >
        {{ $t('visit.alreadySo') }}
      </button>
      <button v-if="!step.kept" type="button" class="plain-button" @click="givingUp = true">
        {{ $t('visit.notTested') }}
      </button>
    </div>
    <GivingUp v-else :apart="step.takes_apart ?? false" @keep="giveUp" @cancel="givingUp = false" />
    <p v-if="step.calculators?.length" class="row small">
      <RouterLink
        v-for="one in step.calculators"
        :key="one.id"
        class="calculator"
        :to="{
          path: `/calculators/${one.id}`,
          query: {
            units: visit.units,
            ...one.inputs,
            ...(one.reading ? { visit: visit.id, reading: one.reading, from: one.from } : {}),
          },
        }"
        >{{ one.title }}</RouterLink
      >
    </p>
    <p v-if="step.why && step.why !== step.because" class="soft small">{{ step.why }}</p>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}
.head {
  display: flex;
  align-items: flex-start;
  justify-content: space-between;
  gap: 10px;
}
.step-title {
  font-size: 1.4rem;
}
.because {
  color: var(--ink-soft);
}
.cautions {
  display: grid;
  gap: 4px;
}
.cautions li {
  display: flex;
  gap: 8px;
  align-items: center;
  background: var(--defect-soft);
  color: var(--defect);
  padding: 6px 10px;
  border-radius: 6px;
  font-size: 0.92rem;
}
.cautions svg {
  flex: none;
}
.how {
  font-size: 1.02rem;
}
.hand-over {
  border: 2px solid var(--defect);
  color: var(--defect);
  background: var(--defect-soft);
  border-radius: 8px;
  padding: 8px 12px;
}
.calculator {
  min-height: var(--touch);
  display: inline-flex;
  align-items: center;
  padding-right: 14px;
}
.needs {
  border: 2px solid var(--copper);
  border-radius: 8px;
  padding: 10px 12px;
  background: var(--copper-soft);
}
.needs li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 4px 0;
}
.rules summary {
  cursor: pointer;
  min-height: 32px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.decide {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
.actions {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  position: sticky;
  bottom: 0;
  background: var(--raised);
  padding: 8px 0 2px;
}
.link {
  border: 0;
  background: none;
  text-decoration: underline;
  min-height: var(--touch);
  cursor: pointer;
  padding: 0;
  color: var(--copper);
  text-align: left;
}
.lead {
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 10px 12px;
  background: var(--sunk);
}
.lead ol {
  counter-reset: act;
}
.lead li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 4px 0;
}
.grow {
  flex: 1;
  min-width: 160px;
}
.recalled {
  background: var(--sunk);
  padding: 8px 12px;
  border-radius: 8px;
  font-size: 1.05rem;
}
.claim {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 8px 12px;
  border-radius: 8px;
  font-weight: 700;
}
.go {
  flex: 1 1 160px;
  min-height: 52px;
  border: 0;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  font-size: 1.05rem;
  cursor: pointer;
}
.go:disabled {
  background: var(--sunk);
  color: var(--ink-soft);
  cursor: default;
}
.error {
  flex: 1 0 100%;
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
@media (max-width: 700px) {
  .actions {
    bottom: 54px;
  }
  .step-title {
    font-size: 1.2rem;
  }
  .card {
    padding: 12px;
    gap: 9px;
  }
}
</style>
