<script setup lang="ts">
// Air-free is what runs steady for half a minute: each spit of air starts the count again.
import { computed, ref } from 'vue'
import TimerRing from '@/components/visit/TimerRing.vue'
import { useTimer } from '@/composables/useTimer'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const STEADY = (props.step.guide_facts as { steady: number }).steady
const timer = useTimer(`${props.visit.id}.air`)
const spits = ref(0)
const begun = computed(() => timer.running.value || timer.over.value)
function spat() {
  spits.value++
  timer.start(STEADY)
}
</script>

<template>
  <div class="row purge">
    <TimerRing v-if="begun" :left="timer.left.value" :total="STEADY" :over="timer.over.value" />
    <p class="grow" aria-live="polite">
      <b>{{ $t(`guide.air.${!begun ? 'ready' : timer.over.value ? 'free' : 'watch'}`) }}</b><span
        v-if="spits"
        class="soft small"
      >
        {{ $t('guide.air.spits', { n: spits }) }}</span
      >
    </p>
    <button type="button" class="plain-button" @click="begun ? spat() : timer.start(STEADY)">
      {{ begun ? $t('guide.air.spat') : $t('guide.air.runs') }}
    </button>
  </div>
</template>

<style scoped>
.purge {
  gap: 14px;
}
.grow {
  flex: 1;
}
</style>
