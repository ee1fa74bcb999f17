<script setup lang="ts">
// What was said last, with what it came to: a step that is done goes away by itself, its answer
// does not.
import { computed } from 'vue'
import type { Visit } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const last = computed(() => props.visit.done[props.visit.done.length - 1])
const said = computed(() =>
  props.visit.answers.filter((one) => one.operation === last.value?.operation),
)
/** Many lines say nothing at a glance: they stand in the list of what is done. */
const FEW = 3
const texts = computed(() =>
  said.value.length > FEW ? '' : said.value.map((one) => one.text).join(' · '),
)
const verdict = computed(() => {
  const checks = said.value.flatMap((one) => one.checks)
  return said.value.length > FEW
    ? undefined
    : props.visit.verdicts.find((one) => checks.includes(one.check) && one.state === 'sound')
})
</script>

<template>
  <div v-if="last" class="just small" aria-live="polite">
    <p>
      <GradeMark v-if="verdict" :grade="verdict.state" :size="13" />
      <span class="soft">{{ last.title }}</span><template v-if="texts"
        >: <b>{{ texts }}</b></template
      ><template v-if="verdict"> – {{ verdict.text }}</template>
    </p>
    <button type="button" class="link" @click="send('undo', {})">{{ $t('visit.undoIt') }}</button>
  </div>
</template>

<style scoped>
.just {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 0 12px;
  margin-bottom: 8px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--sunk);
}
.just p {
  min-width: 0;
  overflow-wrap: anywhere;
  padding: 4px 0;
}
.link {
  flex: none;
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  min-height: var(--touch);
  cursor: pointer;
}
</style>
