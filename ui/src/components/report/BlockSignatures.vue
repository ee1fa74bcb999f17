<script setup lang="ts">
// Both signatures, drawn or typed, or that one is missing; by whom and by which rules.
import type { Schemas } from '@/api/client'

defineProps<{ block: Schemas['SignaturesBlock'] }>()
const path = (strokes: number[][][]) =>
  strokes
    .map((stroke) => stroke.map(([x, y], i) => `${i ? 'L' : 'M'}${x! * 300} ${y! * 100}`).join(' '))
    .join(' ')
</script>

<template>
  <section class="signatures together">
    <h2>{{ block.title }}</h2>
    <div class="two">
      <div v-for="side in block.sides" :key="side.who">
        <svg v-if="side.strokes" viewBox="0 0 300 100" role="img" :aria-label="side.name">
          <path :d="path(side.strokes)" />
        </svg>
        <p v-else-if="side.typed" class="as-typed">
          {{ side.typed }} <span class="soft small">{{ side.note }}</span>
        </p>
        <p>
          {{ side.who }}: <b>{{ side.name }}</b>
          <span v-if="side.account" class="soft small"> {{ side.account }}</span>
        </p>
      </div>
    </div>
    <p class="soft small">{{ block.by }}</p>
  </section>
</template>

<style scoped>
.two {
  align-items: end;
}
.as-typed {
  font-size: 1.5rem;
  font-style: italic;
  margin: 0;
}
svg {
  height: 70px;
  width: 210px;
  border-bottom: 1px solid var(--ink-soft);
  display: block;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
}
</style>
