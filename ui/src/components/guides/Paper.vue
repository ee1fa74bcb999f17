<script setup lang="ts">
// Paper under the joints: laid now, looked at in a day.
import { computed } from 'vue'
import { timeOfDay, weekDay } from '@/format'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const laying = computed(() => props.step.operation === 'lay_paper')
const tomorrow = computed(() => {
  const at = new Date(new Date(props.visit.now).getTime() + 86_400_000)
  return `${weekDay(at.toISOString())}, ${timeOfDay(at)}`
})
const SPOT = { dry: 0, spot: 9, wet: 34 } as const
const seen = computed(
  () =>
    (props.visit.readings.paper?.choice ?? (laying.value ? 'dry' : null)) as
      keyof typeof SPOT | null,
)
</script>

<template>
  <div class="row paper">
    <svg
      width="110"
      height="86"
      viewBox="0 0 110 86"
      role="img"
      :aria-label="$t('guide.paper.picture')"
    >
      <path d="M14 60 L34 34 H98 L78 60 Z" class="sheet" />
      <path d="M56 6 V24 M46 6 H66" class="joint" />
      <ellipse
        v-if="seen && SPOT[seen]"
        cx="56"
        cy="47"
        :rx="SPOT[seen]"
        :ry="SPOT[seen] / 2.6"
        class="spot"
      />
    </svg>
    <div class="grow">
      <p v-if="laying">
        <b>{{ $t('guide.paper.until', { at: tomorrow }) }}</b><br /><span class="soft small">{{
          $t('guide.paper.owed')
        }}</span>
      </p>
      <template v-else
        ><slot name="field" read="paper" /><slot name="field" read="paper_hours"
      /></template>
    </div>
  </div>
</template>

<style scoped>
.paper {
  align-items: flex-start;
}
.grow {
  flex: 1;
  min-width: 200px;
}
.sheet {
  fill: var(--raised);
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}
.joint {
  stroke: var(--brass);
  stroke-width: 6;
}
.spot {
  fill: var(--cold);
  opacity: 0.55;
}
</style>
