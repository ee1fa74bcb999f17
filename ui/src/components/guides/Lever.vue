<script setup lang="ts">
// The lever: hold it as the house rule says, let it snap shut; then what was seen.
import { computed } from 'vue'
import TimerRing from '@/components/visit/TimerRing.vue'
import { useTimer } from '@/composables/useTimer'
import type { GuideProps } from '.'

const props = defineProps<GuideProps>()
const rule = computed(
  () => (props.step.house_rules ?? []).find((one) => one.id === 'lever_hold')?.choice ?? '5 s',
)
const { seconds = 0 } = props.step.guide_facts as { seconds?: number }
const hold = useTimer(`${props.visit.id}.lever`)
const reads = computed(() => props.step.reads.map((read) => read.name))
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
    <slot v-for="name in reads" :key="name" name="field" :read="name" />
  </div>
</template>

<style scoped>
.grow {
  flex: 1;
}
</style>
