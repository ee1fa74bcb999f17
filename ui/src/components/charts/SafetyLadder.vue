<script setup lang="ts">
// Two upright scales with everything of this heater on them; rungs out of order light up and say
// why.
import type { Schemas } from '@/api/client'

withDefaults(defineProps<{ ladder: Schemas['Ladder']; noted?: boolean }>(), { noted: true })
const emit = defineEmits<{ part: [id: string] }>()
const PARTS: Record<string, string> = {
  relief: 'relief_valve',
  relief_hot: 'relief_valve',
  charge: 'vessel',
  supply: 'house_main',
  limit: 'house_main',
  street: 'regulator',
  peak: 'hot_outlet',
  predicted: 'vessel',
  tap: 'tap',
  set_point: 'tap',
  scald: 'tap',
  high_limit: 'high_limit',
}
/** A triangle that stands on its base. */
const warning = (x: number, y: number) => `M${x - 7} ${y + 6} L${x} ${y - 6} L${x + 7} ${y + 6} Z`
</script>

<template>
  <div>
    <svg
      class="ladder"
      :viewBox="`0 0 ${ladder.width} ${ladder.height}`"
      role="group"
      :aria-label="$t('heater.ladder')"
    >
      <g v-for="scale in ladder.scales" :key="scale.id" :class="scale.id">
        <text :x="scale.x" y="16" text-anchor="middle" class="title">{{ scale.title }}</text>
        <line
          :x1="scale.x - 8"
          :x2="scale.x - 8"
          :y1="scale.top - 6"
          :y2="scale.bottom + 6"
          class="rail"
        />
        <line
          :x1="scale.x + 8"
          :x2="scale.x + 8"
          :y1="scale.top - 6"
          :y2="scale.bottom + 6"
          class="rail"
        />
        <g
          v-for="rung in scale.rungs"
          :key="rung.id"
          class="rung"
          :class="[rung.role, { problem: rung.problem }]"
          role="button"
          tabindex="0"
          @click="emit('part', PARTS[rung.id] ?? 'tank')"
          @keydown.enter.prevent="emit('part', PARTS[rung.id] ?? 'tank')"
        >
          <line :x1="scale.x - 13" :x2="scale.x + 13" :y1="rung.y" :y2="rung.y" class="bar" />
          <path :d="`M${scale.x + 13} ${rung.y} L${scale.x + 22} ${rung.at - 3}`" class="leader" />
          <text :x="scale.x + 25" :y="rung.at - 2" class="value">{{ rung.value }}</text>
          <text :x="scale.x + 25" :y="rung.at + 10" class="name">{{ rung.label }}</text>
          <path v-if="rung.problem" :d="warning(scale.x - 21, rung.y)" class="warn" />
        </g>
      </g>
    </svg>
    <p v-if="ladder.note && noted" class="soft small">{{ ladder.note }}</p>
    <ul class="problems">
      <li v-for="problem in ladder.problems" :key="problem.text">
        <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
          <path d="M6 1 L11 11 H1 Z" fill="currentColor" /></svg
        >{{ problem.text }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.ladder {
  width: 100%;
  height: auto;
  max-height: 60vh;
  display: block;
}
.title {
  font-size: 13px;
  font-weight: 700;
  fill: var(--ink);
}
.rail {
  stroke: var(--line);
  stroke-width: 4;
}
.bar {
  stroke: var(--ink);
  stroke-width: 3;
}
.measured .bar {
  stroke-width: 5;
}
.predicted .bar {
  stroke-dasharray: 4 3;
}
.limit .bar {
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.protection .bar {
  stroke: var(--copper);
  stroke-width: 5;
}
.problem .bar {
  stroke: var(--defect);
}
.leader {
  stroke: var(--ink-soft);
  stroke-width: 0.6;
  fill: none;
}
.value {
  font-size: 12px;
  font-family: var(--mono);
  fill: var(--ink);
}
.name {
  font-size: 11px;
  fill: var(--ink-soft);
}
.measured .value {
  font-weight: 700;
}
.problem .value,
.problem .name {
  fill: var(--defect);
}
.warn {
  fill: var(--defect);
}
.rung {
  cursor: pointer;
}
.problems li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  color: var(--defect);
  padding: 4px 0;
  font-size: 0.92rem;
}
.problems svg {
  flex: none;
}
</style>
