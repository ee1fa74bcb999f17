<script setup lang="ts">
// Draws the section that core/drawing made: shapes by role, labels with grade and reading.
// Touching a part tells its id.
import { computed } from 'vue'
import type { Grade, Schemas } from '@/api/client'

const props = defineProps<{
  section: Schemas['Section']
  parts: Record<string, string>
  marks: Schemas['Marks']
  active?: string | null
  /** What is not as it usually is, in words. */
  stands?: string[]
}>()
const emit = defineEmits<{ part: [id: string] }>()

/** What the columns of words are wide, and one letter of a reading. */
const COLUMN = 132
const DIGIT = 7.9
const labels = computed(() =>
  props.section.labels.map((label) => {
    const mark = props.marks[label.part]
    const left = label.side === 'left'
    const name = props.parts[label.part] ?? label.part
    const words = mark?.reading ? mark.reading.length * DIGIT : 0
    const wide = Math.max(label.wide ?? name.length * 6.6, words) + 4
    const { width } = props.section
    return {
      ...label,
      name,
      grade: (mark?.grade ?? null) as Grade | null,
      reading: mark?.reading,
      notes: label.note?.split('\n') ?? [],
      left,
      tx: left ? 14 : width - 14,
      mx: left ? 6 : width - 6,
      lx: left ? 14 + wide : width - 14 - wide,
      edge: left ? Math.max(COLUMN, 14 + wide) : Math.min(width - COLUMN, width - 14 - wide),
    }
  }),
)
const graded = (part: string) => props.marks[part]?.grade ?? ''
</script>

<template>
  <svg
    class="section"
    :viewBox="`0 0 ${section.width} ${section.height}`"
    role="group"
    :aria-label="$t('heater.drawing')"
    :aria-description="stands?.join(', ')"
  >
    <defs>
      <linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" class="stop-hot" />
        <stop offset="1" class="stop-cold" />
      </linearGradient>
    </defs>
    <g
      v-for="(shape, index) in section.shapes"
      :key="index"
      :class="[shape.role, graded(shape.part), { active: active === shape.part }]"
      @click="emit('part', shape.part)"
    >
      <rect
        v-if="shape.t === 'rect'"
        :x="shape.x"
        :y="shape.y"
        :width="shape.w"
        :height="shape.h"
        :rx="shape.r"
      />
      <path v-else-if="shape.t === 'path'" :d="shape.d" />
      <circle v-else-if="shape.t === 'circle'" :cx="shape.x" :cy="shape.y" :r="shape.r" />
      <line v-else :x1="shape.x1" :y1="shape.y1" :x2="shape.x2" :y2="shape.y2" />
    </g>
    <g
      v-for="label in labels"
      :key="label.part"
      class="label"
      :class="[{ active: active === label.part }, label.grade]"
      role="button"
      tabindex="0"
      :aria-description="label.grade ? $t('grade.' + label.grade) : undefined"
      @click="emit('part', label.part)"
      @keydown.enter.prevent="emit('part', label.part)"
    >
      <rect
        class="hit"
        :x="label.left ? 0 : section.width - 132"
        :y="label.at - 15"
        width="132"
        height="29"
        rx="4"
      />
      <path
        class="leader"
        :d="`M${label.lx} ${label.at - 3} H${label.edge} L${label.x} ${label.y}`"
      />
      <g
        v-if="label.grade"
        class="mark"
        :class="label.grade"
        :transform="`translate(${label.mx} ${label.at - 4.5})`"
      >
        <circle v-if="label.grade === 'sound'" r="4.2" />
        <path v-else-if="label.grade === 'watch'" d="M0 -4.6 L5 4 H-5 Z" />
        <rect v-else-if="label.grade === 'defect'" x="-4" y="-4" width="8" height="8" />
        <path v-else-if="label.grade === 'danger'" d="M-2 -5 H2 L5 -2 V2 L2 5 H-2 L-5 2 V-2 Z" />
        <path v-else-if="label.grade === 'advice'" d="M0 -5 L4 0 L0 5 L-4 0 Z" />
        <circle v-else r="3.4" class="ring" />
      </g>
      <text :x="label.tx" :y="label.at" :text-anchor="label.left ? 'start' : 'end'" class="name">
        {{ label.name }}
      </text>
      <text
        v-if="label.reading"
        :x="label.tx"
        :y="label.at + 12"
        :text-anchor="label.left ? 'start' : 'end'"
        class="value"
      >
        {{ label.reading }}
      </text>
      <template v-else>
        <text
          v-for="(note, line) in label.notes"
          :key="note"
          :x="label.tx"
          :y="label.at + 12 + line * 11"
          :text-anchor="label.left ? 'start' : 'end'"
          class="note"
        >
          {{ note }}
        </text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.section {
  width: 100%;
  height: auto;
  display: block;
  max-height: 72vh;
}
g {
  cursor: pointer;
}
.jacket rect {
  fill: var(--jacket);
  stroke: var(--line);
}
.water rect {
  fill: url(#water);
  stroke: var(--metal);
  stroke-width: 2;
}
.stop-hot {
  stop-color: var(--water-top);
}
.stop-cold {
  stop-color: var(--water-bottom);
}
.ground line {
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.flue rect {
  fill: var(--sunk);
  stroke: var(--metal);
  stroke-width: 1.5;
}
.flue_inside rect {
  fill: var(--sunk);
  stroke: var(--metal);
}
.baffle path,
.thin path,
.thin line,
.membrane path {
  fill: none;
  stroke: var(--metal);
  stroke-width: 1.5;
}
.metal path,
.metal rect,
.control rect,
.control circle {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.metal path {
  fill: none;
  stroke: var(--metal);
  stroke-width: 3;
}
.brass path,
.brass rect,
.brass circle {
  fill: var(--brass);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.plate rect {
  fill: var(--raised);
  stroke: var(--ink);
}
.flame path {
  fill: var(--hot);
}
.gas_pipe path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 3;
}
.cable path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
}
.element path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.reset circle {
  fill: var(--danger);
}
.cold_pipe path,
.cold_pipe line {
  fill: none;
  stroke: var(--cold);
  stroke-width: 4.5;
}
.cold_node circle {
  fill: var(--cold);
}
.hot_pipe path {
  fill: none;
  stroke: var(--hot);
  stroke-width: 4.5;
}
.dip_tube rect {
  fill: var(--cold);
  opacity: 0.75;
}
.anode rect {
  fill: var(--metal);
}
.vessel rect {
  fill: var(--raised);
  stroke: var(--cold);
  stroke-width: 2.4;
}
.unknown rect,
.unknown path {
  fill: none;
  stroke: var(--unknown);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
.copper path {
  fill: none;
  stroke: var(--copper);
  stroke-width: 4;
}
.copper_thin path {
  fill: none;
  stroke: var(--copper);
  stroke-width: 1.6;
}
.coil path {
  fill: none;
  stroke: var(--hot);
  stroke-width: 2.6;
}
.air rect {
  fill: var(--raised);
  stroke: var(--metal);
  opacity: 0.85;
}
.lever line {
  stroke: var(--ink);
  stroke-width: 2.2;
}
.lever_up line {
  stroke: var(--copper);
  stroke-width: 3.2;
}
.cold_water rect {
  fill: var(--water-bottom);
  stroke: var(--metal);
  stroke-width: 2;
}
.emptied rect {
  fill: var(--raised);
}
.water_line line,
.flow path {
  fill: none;
  stroke: var(--cold);
  stroke-width: 2;
}
.flame_out path {
  fill: var(--raised);
  stroke: var(--ink-soft);
  stroke-width: 0.8;
}
.element_on path {
  fill: none;
  stroke: var(--hot);
  stroke-width: 3.4;
}
.coil_off path {
  fill: none;
  stroke: var(--metal);
  stroke-width: 2.6;
}
.shut path,
.shut rect {
  fill: var(--ink);
  stroke: var(--ink);
}
.bar line,
.blade line {
  stroke: var(--ink);
  stroke-width: 3.2;
}
.stream line {
  stroke: var(--cold);
  stroke-width: 3;
  stroke-dasharray: 5 2;
}
.dead_cable path {
  fill: none;
  stroke: var(--unknown);
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
}
.lock rect {
  fill: var(--copper);
  stroke: var(--ink);
}
.shackle path,
.lead path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}
.taken_off > * {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 3 2.4;
}
.hose path,
.hose_running path {
  fill: none;
  stroke: var(--watch);
  stroke-width: 4.5;
}
.hose_running path {
  stroke: var(--cold);
}
.instrument > * {
  fill: none;
  stroke: var(--advice);
  stroke-width: 2;
}
.dial circle {
  fill: var(--raised);
  stroke: var(--advice);
  stroke-width: 1.8;
}
.open_point circle {
  fill: var(--danger);
}
.air_bubble circle {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.tag path {
  fill: var(--raised);
  stroke: var(--danger);
  stroke-width: 1.8;
}
.leader {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 0.6;
  opacity: 0.75;
}
.hit {
  fill: transparent;
}
.label:hover .hit,
.label.active .hit {
  fill: var(--copper-soft);
}
.label:focus-visible {
  outline: none;
}
.label:focus-visible .hit {
  stroke: var(--copper);
  stroke-width: 2;
}
.name {
  font-size: 12px;
  fill: var(--ink);
}
.value {
  font-size: 12px;
  font-family: var(--mono);
  fill: var(--ink);
  font-weight: 700;
}
.note {
  font-size: 11px;
  fill: var(--ink-soft);
}
.mark.danger > * {
  fill: var(--danger);
}
.mark.defect > * {
  fill: var(--defect);
}
.mark.watch > * {
  fill: var(--watch);
}
.mark.advice > * {
  fill: var(--advice);
}
.mark.sound > * {
  fill: var(--sound);
}
.mark.not_tested > * {
  fill: none;
  stroke: var(--untested);
  stroke-width: 1.6;
}
g.danger:not(.label, .mark) > * {
  stroke: var(--danger);
}
g.defect:not(.label, .mark) > * {
  stroke: var(--defect);
}
</style>
