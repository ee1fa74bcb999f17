<script setup lang="ts">
// The picture that answers a calculation: a plot, a list, or a drawing of our own.
import { defineAsyncComponent } from 'vue'
import type { Grade } from '@/api/client'
import type { Picture } from '@/api/pictures'
import GradeMark from '@/components/common/GradeMark.vue'

defineProps<{ picture: Picture; label: string }>()
const PlotChart = defineAsyncComponent(() => import('./PlotChart.vue'))
</script>

<template>
  <PlotChart
    v-if="picture.kind === 'lines' || picture.kind === 'bars'"
    :picture="picture"
    :label="label"
  />
  <table v-else-if="picture.kind === 'list'" class="list">
    <tbody>
      <tr v-for="row in picture.rows" :key="row.name">
        <th scope="row">{{ row.name }}</th>
        <td class="number">{{ row.text }}</td>
        <td><GradeMark v-if="row.grade" :grade="row.grade as Grade" word /></td>
      </tr>
    </tbody>
  </table>
  <svg
    v-else
    class="drawn"
    :viewBox="`0 0 ${picture.width} ${picture.height}`"
    role="img"
    :aria-label="label"
  >
    <g v-for="(shape, index) in picture.shapes" :key="index" :class="String(shape.role)">
      <rect
        v-if="shape.t === 'rect'"
        :x="shape.x"
        :y="shape.y"
        :width="shape.w"
        :height="shape.h"
        :rx="shape.r"
      />
      <path v-else :d="String(shape.d)" />
    </g>
    <text v-for="one in picture.texts" :key="one.text" :x="one.x" :y="one.y">{{ one.text }}</text>
  </svg>
</template>

<style scoped>
.list {
  border-collapse: collapse;
  width: 100%;
}
.list th,
.list td {
  text-align: left;
  padding: 7px 10px 7px 0;
  border-bottom: 1px solid var(--line);
}
.list th {
  font-weight: 400;
  color: var(--ink-soft);
}
.drawn {
  width: 100%;
  max-height: 340px;
}
.drawn text {
  font-size: 13px;
  fill: var(--ink);
}
.brass rect,
.brass path {
  fill: var(--brass);
  stroke: var(--ink);
}
.copper path {
  fill: none;
  stroke: var(--copper);
  stroke-width: 6;
  stroke-linejoin: round;
}
.plate rect {
  fill: var(--raised);
  stroke: var(--ink);
}
.anode rect {
  fill: var(--copper);
}
.flame rect {
  fill: var(--danger);
}
.unknown rect {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
</style>
