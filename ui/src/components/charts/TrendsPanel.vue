<script setup lang="ts">
// A heater's quantities over the years: a small picture for each, with the limits as they were, a
// new line after each top-up or new part, and what the numbers say.
import type { Schemas } from '@/api/client'

type Trend = Schemas['Trend']
defineProps<{ trends: Trend[] | null; error: string }>()
const W = 260
const H = 84
const day = (iso: string) => Date.parse(iso) / 86_400_000
function picture(trend: Trend) {
  const days = trend.points.map((point) => day(point.on))
  if (trend.forecast) days.push(day(trend.forecast.likely))
  const from = Math.min(...days)
  const to = Math.max(Math.max(...days), from + 30)
  const values = trend.points
    .flatMap((point) => [point.value, point.at_most, point.at_least])
    .filter((value): value is number => typeof value === 'number')
  const low = Math.min(...values)
  const high = Math.max(...values)
  const room = Math.max((high - low) * 0.12, Math.abs(high) * 0.02, 1e-6)
  const x = (iso: string) => 6 + ((day(iso) - from) / (to - from)) * (W - 12)
  const y = (value: number) => H - 8 - ((value - low + room) / (high - low + 2 * room)) * (H - 16)
  const pieces = [...new Set(trend.points.map((point) => point.piece))].map((piece) =>
    trend.points.filter((point) => point.piece === piece),
  )
  const path = (list: [string, number][]) =>
    list
      .map(([on, value], index) => `${index ? 'L' : 'M'}${x(on).toFixed(1)} ${y(value).toFixed(1)}`)
      .join(' ')
  const bound = (name: 'at_least' | 'at_most') =>
    path(
      trend.points
        .filter((point) => typeof point[name] === 'number')
        .map((point) => [point.on, point[name]!]),
    )
  const last = trend.points[trend.points.length - 1]!
  return {
    x,
    y,
    lines: pieces.map((piece) => path(piece.map((point) => [point.on, point.value]))),
    bounds: [bound('at_least'), bound('at_most')].filter(Boolean),
    ahead: trend.forecast
      ? path([
          [last.on, last.value],
          [trend.forecast.likely, (last.at_most ?? last.at_least) as number],
        ])
      : '',
  }
}
const year = (iso: string) => iso.slice(0, 7)
const inWords = (trend: Trend) =>
  trend.points.map((point) => `${year(point.on)} ${point.text}`).join(', ')
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('trends.title') }}</h2>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="trends && !trends.length" class="soft">{{ $t('trends.none') }}</p>
    <ul v-if="trends" class="trends">
      <li v-for="trend in trends" :key="trend.id">
        <b>{{ trend.title }}</b>
        <span class="number soft small">{{ trend.points[trend.points.length - 1]?.text }}</span>
        <svg
          :viewBox="`0 0 ${W} ${H + 14}`"
          role="img"
          :aria-label="`${trend.title}: ${inWords(trend)}`"
        >
          <path v-for="bound in picture(trend).bounds" :key="bound" :d="bound" class="bound" />
          <path v-for="line in picture(trend).lines" :key="line" :d="line" class="line" />
          <path v-if="picture(trend).ahead" :d="picture(trend).ahead" class="ahead" />
          <circle
            v-for="point in trend.points"
            :key="point.on + String(point.left)"
            :cx="picture(trend).x(point.on)"
            :cy="picture(trend).y(point.value)"
            r="3.6"
            :class="{ left: point.left, apart: point.apart }"
          >
            <title>
              {{ point.on }} {{ point.text }}{{ point.left ? ` (${$t('trends.left')})` : '' }}
            </title>
          </circle>
          <text x="6" :y="H + 11">{{ year(trend.points[0]!.on) }}</text>
          <text :x="W - 6" :y="H + 11" text-anchor="end">
            {{
              year(
                trend.forecast ? trend.forecast.likely : trend.points[trend.points.length - 1]!.on,
              )
            }}
          </text>
        </svg>
        <p class="small">{{ trend.text }}</p>
      </li>
    </ul>
    <p v-if="trends?.length" class="soft small">{{ $t('trends.key') }}</p>
  </section>
</template>

<style scoped>
.trends {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 14px 22px;
}
svg {
  width: 100%;
  height: auto;
  display: block;
}
.line {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.6;
}
.ahead {
  fill: none;
  stroke: var(--copper);
  stroke-width: 1.4;
  stroke-dasharray: 4 3;
}
.bound {
  fill: none;
  stroke: var(--defect);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
circle {
  fill: var(--ink);
}
circle.left {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 1.6;
}
circle.apart {
  fill: var(--danger);
}
text {
  font-size: 10px;
  fill: var(--ink-soft);
  font-family: var(--mono);
}
</style>
