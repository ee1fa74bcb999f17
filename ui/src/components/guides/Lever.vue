<script setup lang="ts">
// The lever: hold it as the house rule says, let it snap shut; then what was seen.
import { computed } from 'vue'
import TimerRing from '@/components/visit/TimerRing.vue'
import { useTimer } from '@/composables/useTimer'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const rule = computed(
  () => (props.step.house_rules ?? []).find((one) => one.id === 'lever_hold')?.choice ?? '5 s',
)
const { seconds = 0 } = props.step.guide_facts as { seconds?: number }
const hold = useTimer(`${props.visit.id}.${props.step.operation}`)
const reads = computed(() => props.step.reads.map((read) => read.name))
/** Full flow is what most valves give: a lever that gives it has lifted, in one touch. */
const sound = computed(() =>
  ['lifts', 'full_bore'].flatMap((id) => {
    const read = props.step.reads.find((one) => one.choices?.some((choice) => choice.id === id))
    const label = read?.choices?.find((choice) => choice.id === id)?.label
    return read && label ? [{ name: read.name, id, label, stale: read.stale }] : []
  }),
)
const full = computed(() => {
  const [lever, flow] = sound.value
  if (!lever || !flow || (props.visit.readings[lever.name] && !lever.stale)) return ''
  return `${lever.label} – ${flow.label}`
})
async function fullFlow() {
  for (const { name, id } of sound.value) if (!(await props.take(name, id))) return
}
</script>

<template>
  <div class="stack">
    <div class="row">
      <TimerRing
        v-if="hold.running.value || hold.over.value"
        :left="hold.left.value"
        :total="hold.length.value"
        :over="hold.over.value"
      />
      <p class="grow" aria-live="polite">
        <b>{{
          hold.over.value && seconds ? $t('guide.lever.letGo') : $t('guide.lever.hold', { rule })
        }}</b>
      </p>
      <button v-if="seconds" type="button" class="plain-button" @click="hold.start(seconds)">
        {{ $t('guide.lever.lift') }}
      </button>
    </div>
    <button v-if="full" type="button" class="plain-button full" @click="fullFlow">
      {{ full }}
    </button>
    <slot v-for="name in reads" :key="name" name="field" :read="name" />
  </div>
</template>

<style scoped>
.grow {
  flex: 1;
}
</style>
