<script setup lang="ts">
// One reading: a large field for a bare number (or any unit), or big buttons for words; the
// verdict with its reason, limit and source stands under it at once. What is typed is kept until
// it has been sent.
import { computed, nextTick, ref, watch } from 'vue'
import type { Schemas, Verdict, Visit } from '@/api/client'
import { say } from '@/composables/useFromAfar'
import { useRequest } from '@/composables/useRequest'
import { mistyped, outside, setTo } from '@/composables/mistyped'
import { draftKey, joinTyped, useLead } from '@/composables/useTyped'
import { useVisit } from '@/composables/useVisit'
import AdjustTo from './AdjustTo.vue'
import DialByPicture from './DialByPicture.vue'
import TakeFromInstrument from './TakeFromInstrument.vue'
import VerdictLine from './VerdictLine.vue'

const props = defineProps<{
  visit: Visit
  read: Schemas['ReadField']
  instrument?: string | null
}>()
/** saved: with its name where it has to be set still, so that it is typed again. */
const emit = defineEmits<{ saved: [unset?: string]; skip: [] }>()

const key = draftKey(props.visit.id, props.read.name)
const text = ref(localStorage.getItem(key) ?? '')
const { read: keep, takeBack } = useVisit()
const { error, problem, busy, run } = useRequest()
const lead = useLead()
/** What somebody else wrote here meanwhile. */
const theirs = ref<{ id: string; who: string; value: string; mine: string } | null>(null)
const instruments = computed(() =>
  props.visit.instruments.filter((one) => props.read.instruments.includes(one.id)),
)
/** How the number in the field came: from an instrument, settled; typed over it is typed again. */
const way = ref<{ typed: string; method: string; note: string } | null>(null)
function settled(typed: string, method: string, note: string) {
  text.value = typed
  way.value = { typed, method, note }
  input.value?.focus()
}
/** What an instrument shows at this moment, as it would be typed. */
const live = ref<number | null>(null)
const fresh = ref<Verdict[] | null>(null)
const input = ref<HTMLInputElement>()
const box = ref<HTMLElement>()

/** What was read; nothing, where that is from the time before. */
const kept = computed(() => (props.read.stale ? undefined : props.visit.readings[props.read.name]))
/** What stands, also where it was read too early to count. */
const standing = computed(() =>
  props.read.stale && !props.read.again ? undefined : props.visit.readings[props.read.name],
)
const old = computed(() =>
  (props.visit.corrected ?? []).filter((reading) => reading.name === props.read.name),
)
const verdicts = computed(
  () =>
    fresh.value ?? props.visit.verdicts.filter((verdict) => verdict.quantity === props.read.name),
)
watch(text, (value) => (value ? localStorage.setItem(key, value) : localStorage.removeItem(key)))
watch(
  () => props.visit,
  () => (fresh.value = null),
)

/** A second value of what the work may have changed: read again after it, or the first mistyped? */
const second = ref<{ value: string; typo: boolean } | null>(null)
const order = computed(() => (second.value?.typo ? [false, true] : [true, false]))

const focusSecond = () => box.value?.querySelector<HTMLButtonElement>('.second button')?.focus()

async function send(
  value: string,
  over = props.visit.readings[props.read.name]?.id ?? null,
  again: boolean | null = null,
) {
  if (!value.trim() || busy.value) return false
  const first = kept.value
  if (again === null && first && props.read.adjusted && setTo(props.read.aim, first.typed, value))
    again = true
  if (props.read.adjusted && first && again === null && first.typed !== value.trim()) {
    second.value = { value, typo: mistyped(first.typed, value) }
    await nextTick()
    focusSecond()
    return false
  }
  second.value = null
  if (!(await lead())) return false
  const judged = await run(() =>
    keep({
      name: props.read.name,
      value: value.trim(),
      corrects: over,
      ...(again ? { again } : {}),
      at: new Date().toISOString(),
      ...(way.value?.typed === value
        ? { instrument: way.value.note, method: way.value.method }
        : props.instrument
          ? { instrument: props.instrument }
          : {}),
    }),
  )
  if (judged) {
    fresh.value = judged.verdicts
    say(value.trim(), ...judged.verdicts.map((verdict) => verdict.text))
    theirs.value = null
    text.value = ''
    localStorage.removeItem(key) // the step may be another by now
    emit('saved', outside(props.read.aim, value) ? props.read.name : undefined)
    return true
  }
  if (problem.value?.code === 'conflict') {
    const { id, who, theirs: other } = problem.value.details
    theirs.value = { id: String(id), who: String(who), value: String(other), mine: value.trim() }
  }
  return false
}
joinTyped(props.read.name, {
  text,
  keep: () => send(text.value),
  focus: () => (second.value ? focusSecond() : input.value?.focus()),
})
function keepTheirs() {
  theirs.value = problem.value = null
  text.value = ''
  emit('saved')
}
function enter() {
  if (text.value.trim()) return void send(text.value)
  if (kept.value) emit('saved')
  else if (!props.read.wanted) emit('skip')
}
defineExpose({
  blank: () => !kept.value && !fresh.value,
  empty: () => !kept.value && !fresh.value && props.read.wanted,
  focus: () => (input.value ? input.value.focus() : box.value?.querySelector('button')?.focus()),
  choose: (index: number) => {
    const choice = props.read.choices?.[index]
    if (choice) void send(choice.id)
    return !!choice
  },
})
</script>

<template>
  <div ref="box" class="reading">
    <template v-if="read.choices">
      <p class="ask">
        {{ read.ask }}
        <span v-if="read.optional" class="soft small">({{ $t('visit.optional') }})</span>
      </p>
      <div class="choices" role="group" :aria-label="read.ask">
        <button
          v-for="(choice, index) in read.choices"
          :key="choice.id"
          type="button"
          class="plain-button choice"
          :aria-pressed="kept?.choice === choice.id"
          :disabled="busy"
          @click="send(choice.id)"
        >
          <kbd aria-hidden="true">{{ index + 1 }}</kbd>{{ choice.label }}
        </button>
      </div>
    </template>
    <template v-else>
      <label class="ask" :for="`reading-${read.name}`"
        >{{ read.ask }}
        <span v-if="read.optional" class="soft small">({{ $t('visit.optional') }})</span></label
      >
      <div class="entry">
        <input
          :id="`reading-${read.name}`"
          ref="input"
          v-model="text"
          class="number"
          :name="read.name"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="kept ? kept.text : ''"
          enterkeyhint="done"
          :aria-invalid="!!error"
          :aria-describedby="error ? `error-${read.name}` : undefined"
          @keydown.enter.prevent="enter"
        />
        <span class="unit">{{ read.unit }}</span>
        <button
          type="button"
          class="plain-button keep"
          :disabled="busy || !text.trim()"
          @click="send(text)"
        >
          {{ $t('visit.keep') }}
        </button>
      </div>
    </template>
    <TakeFromInstrument
      v-for="one in read.choices ? [] : instruments.filter((each) => each.connected)"
      :key="one.id"
      :instrument="one"
      :units="visit.units"
      @settled="settled"
      @live="live = $event"
    />
    <DialByPicture
      v-for="one in read.choices ? [] : instruments.filter((each) => each.dial)"
      :key="`dial ${one.id}`"
      :of="read.name"
      :instrument="one"
      @settled="settled"
    />
    <AdjustTo
      v-if="read.aim"
      :aim="read.aim"
      :unit="read.unit ?? ''"
      :typed="text"
      :kept="kept?.value ?? null"
      :live="live"
    />
    <p v-if="read.again && !text" class="soft" role="status">{{ read.again }}</p>
    <p v-if="error" :id="`error-${read.name}`" class="error" role="alert">{{ error }}</p>
    <div v-if="second" class="row second" role="group" :aria-label="$t('visit.secondValue')">
      <b>{{ $t('visit.secondValue') }}</b>
      <button
        v-for="again in order"
        :key="String(again)"
        type="button"
        class="plain-button"
        @click="send(second.value, undefined, again)"
      >
        {{ $t(again ? 'visit.readAgain' : 'visit.wasMistyped', { value: kept?.text ?? '' }) }}
      </button>
    </div>
    <p v-if="theirs" class="row">
      <button type="button" class="plain-button" @click="keepTheirs">
        {{ $t('visit.keepTheirs', { who: theirs.who, value: theirs.value }) }}</button><button
        type="button"
        class="plain-button"
        @click="send(theirs.mine, theirs.id)"
      >
        {{ $t('visit.keepMine', { value: theirs.mine }) }}
      </button>
    </p>
    <p v-if="standing" class="kept">
      <template v-if="!read.choices"
        ><span class="number">{{ standing.text }}</span
        ><span
          v-if="standing.typed !== standing.text && !/^[\d.\s]+$/.test(standing.typed)"
          class="soft small"
        >
          ({{ standing.typed }})</span
        ><span v-for="one in old" :key="one.id" class="soft small">
          · {{ $t('visit.was', { old: one.text }) }}</span
        ></template
      >
      <button
        type="button"
        class="link"
        :aria-label="`${$t('takeBack.do')}: ${read.ask}`"
        @click="takeBack(standing.id)"
      >
        {{ $t('takeBack.do') }}
      </button>
    </p>
    <div aria-live="polite">
      <VerdictLine v-for="verdict in verdicts" :key="verdict.check" :verdict="verdict" />
    </div>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
}
.ask {
  font-weight: 700;
}
.entry {
  display: flex;
  align-items: center;
  gap: 10px;
}
.entry input {
  font-size: 2rem;
  width: 100%;
  min-width: 0;
  height: 64px;
  padding: 0 14px;
  border: 2px solid var(--ink-soft);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
}
.entry input:focus {
  outline: none;
  border-color: var(--copper);
  box-shadow: 0 0 0 3px var(--copper-soft);
}
.entry input::placeholder {
  color: var(--ink-soft);
  opacity: 0.6;
}
.unit {
  font-size: 1.15rem;
  min-width: 3em;
}
.keep {
  min-height: 64px;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 8px;
}
.choice {
  min-height: 56px;
  display: flex;
  align-items: center;
  gap: 8px;
}
kbd {
  font-family: var(--mono);
  font-size: 0.78rem;
  color: var(--ink-soft);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0 5px;
}
.kept {
  font-size: 1.05rem;
}
.link {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  font-size: 0.92rem;
  min-height: var(--touch);
  cursor: pointer;
  padding: 0 4px;
}
.second {
  border: 2px solid var(--copper);
  background: var(--copper-soft);
  border-radius: 8px;
  padding: 8px 10px;
}
.kept .number {
  font-weight: 700;
}
.error {
  color: var(--danger);
  font-weight: 700;
}
/* On a phone Done keeps what is typed; where it cannot, the field's own button does. */
@media (max-width: 700px) {
  kbd,
  .keep:disabled,
  .takes .keep {
    display: none;
  }
}
</style>
