<script setup lang="ts">
// A grade by shape and word as well as colour: disc sound, triangle watch, square defect, octagon
// danger, ring not tested, and a lozenge for advice. Its word is ours, or the one that is given.
import type { Grade } from '@/api/client'

defineProps<{ grade: Grade; word?: boolean | string; size?: number }>()
</script>

<template>
  <span class="mark" :class="grade">
    <svg :width="size ?? 18" :height="size ?? 18" viewBox="-10 -10 20 20" aria-hidden="true">
      <circle v-if="grade === 'sound'" r="8" fill="currentColor" />
      <path v-else-if="grade === 'watch'" d="M0 -8.5 L9 7.5 H-9 Z" fill="currentColor" />
      <rect
        v-else-if="grade === 'defect'"
        x="-7.5"
        y="-7.5"
        width="15"
        height="15"
        fill="currentColor"
      />
      <path
        v-else-if="grade === 'danger'"
        d="M-3.7 -9 H3.7 L9 -3.7 V3.7 L3.7 9 H-3.7 L-9 3.7 V-3.7 Z"
        fill="currentColor"
      />
      <path v-else-if="grade === 'advice'" d="M0 -9 L7 0 L0 9 L-7 0 Z" fill="currentColor" />
      <circle v-else r="6.5" fill="none" stroke="currentColor" stroke-width="2.6" />
    </svg>
    <span :class="word ? '' : 'visually-hidden'">{{
      typeof word === 'string' && word ? word : $t(`grade.${grade}`)
    }}</span>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 700;
  white-space: nowrap;
}
/* The line of the text beside it, not the lower edge of the shape. */
.mark > span {
  align-self: baseline;
}
.danger {
  color: var(--danger);
}
.defect {
  color: var(--defect);
}
.watch {
  color: var(--watch);
}
.advice {
  color: var(--advice);
}
.sound {
  color: var(--sound);
}
.not_tested {
  color: var(--untested);
}
</style>
