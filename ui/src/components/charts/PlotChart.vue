<script setup lang="ts">
// A plot by Apache ECharts, only its line and bar parts; themed by our tokens. Screen readers get
// the numbers as a table.
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { BarChart, LineChart } from 'echarts/charts'
import {
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components'
import { init, use, type EChartsType } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { BarPicture, LinePicture } from '@/api/pictures'

use([
  LineChart,
  BarChart,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  TooltipComponent,
  SVGRenderer,
])

const props = defineProps<{ picture: LinePicture | BarPicture; label: string }>()
const box = ref<HTMLElement>()
let chart: EChartsType | null = null

const token = (name: string) =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()
const name = (axis: { label: string; unit: string }) =>
  axis.unit ? `${axis.label}, ${axis.unit}` : axis.label

/** The next number of two figures: what stands at the end of an axis is read. */
function round(value: number) {
  if (value <= 0) return value
  const step = 10 ** (Math.floor(Math.log10(value)) - 1)
  return Math.ceil(value / step - 1e-9) * step
}

const rows = computed(() =>
  props.picture.kind === 'bars'
    ? props.picture.rows.map((row) => [row.name, row.value])
    : (props.picture.series[0]?.points ?? []),
)

function option() {
  const ink = token('--ink')
  const soft = token('--ink-soft')
  const text = { color: ink, fontFamily: 'B612' }
  const axis = {
    nameTextStyle: { ...text, color: soft },
    axisLabel: { ...text, color: soft },
    axisLine: { lineStyle: { color: soft } },
    splitLine: { lineStyle: { color: token('--line') } },
    nameLocation: 'middle' as const,
  }
  const marks = {
    silent: true,
    symbol: 'none',
    label: { ...text, position: 'insideEndTop' as const, formatter: '{b}' },
    lineStyle: { color: token('--defect'), type: 'dashed' as const },
    data: props.picture.levels.map((level) => ({
      name: `${level.label} ${level.text}`,
      yAxis: level.at,
    })),
  }
  const base = {
    textStyle: text,
    animation: false,
    grid: { left: 62, right: 18, top: 34, bottom: 46 },
    tooltip: { trigger: 'axis' as const, backgroundColor: token('--raised'), textStyle: text },
  }
  if (props.picture.kind === 'bars') {
    const { rows: bars, y } = props.picture
    return {
      ...base,
      xAxis: { type: 'category' as const, data: bars.map((row) => row.name), ...axis },
      yAxis: { type: 'value' as const, name: name(y), nameGap: 44, ...axis },
      series: [
        {
          type: 'bar' as const,
          barWidth: '46%',
          itemStyle: { color: token('--copper') },
          data: bars.map((row) => row.value),
          markLine: marks,
        },
      ],
    }
  }
  const { x, y, series, point } = props.picture
  const lines = series.map((one, index) => ({
    type: 'line' as const,
    name: one.name ?? '',
    showSymbol: one.points.length < 9,
    symbolSize: 7,
    lineStyle: {
      width: one.main ? 3 : 2,
      type: one.main ? ('solid' as const) : ('dashed' as const),
      color: token(one.main ? '--copper' : '--ink-soft'),
    },
    itemStyle: { color: token(one.main ? '--copper' : '--ink-soft') },
    data: one.points,
    ...(series.length > 2
      ? {
          endLabel: {
            show: !one.main && !!one.name,
            formatter: one.name ?? '',
            ...text,
            align: 'right' as const,
            offset: [0, -10],
          },
        }
      : {}),
    ...(index === 0 ? { markLine: marks } : {}),
  }))
  const here = point
    ? [
        {
          type: 'line' as const,
          name: '',
          symbol: 'circle',
          symbolSize: 14,
          itemStyle: { color: token('--ink') },
          data: [point],
        },
      ]
    : []
  const level = props.picture.levels.map((one) => one.at)
  return {
    ...base,
    legend: series.some((one) => one.name)
      ? { top: 0, textStyle: text, data: series.filter((one) => one.name).map((one) => one.name!) }
      : undefined,
    xAxis: {
      type: 'value' as const,
      name: name(x),
      nameGap: 28,
      scale: true,
      ...axis,
      axisLabel: {
        ...axis.axisLabel,
        formatter: (value: number) =>
          x.label === 'Year' ? String(value) : value.toLocaleString('en'),
      },
    },
    yAxis: {
      type: y.log ? ('log' as const) : ('value' as const),
      name: name(y),
      nameGap: 46,
      scale: true,
      max: (value: { max: number }) => round(Math.max(value.max, ...level)),
      ...axis,
    },
    series: [...lines, ...here],
  }
}
const draw = () => chart?.setOption(option(), true)
const resize = new ResizeObserver(() => chart?.resize())
onMounted(() => {
  chart = init(box.value!, undefined, { renderer: 'svg' })
  draw()
  resize.observe(box.value!)
})
onBeforeUnmount(() => {
  resize.disconnect()
  chart?.dispose()
})
watch(() => props.picture, draw)
</script>

<template>
  <figure>
    <div ref="box" class="plot" role="img" :aria-label="label" />
    <table class="visually-hidden">
      <tbody>
        <tr v-for="(row, index) in rows" :key="index">
          <td>{{ row[0] }}</td>
          <td>{{ row[1] }}</td>
        </tr>
      </tbody>
    </table>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  position: relative;
  overflow: hidden;
}
.plot {
  height: 330px;
  width: 100%;
}
</style>
