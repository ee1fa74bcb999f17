import type { LinePicture } from '@/api/pictures'
import type { Schemas } from '@/api/client'

/** A share that falls in steps: level until the next one fails. */
function stairs(steps: [number, number][], end: number): [number, number][] {
  const points: [number, number][] = [[0, 100]]
  for (const [years, share] of steps) points.push([years, points.at(-1)![1]], [years, share])
  return [...points, [end, points.at(-1)![1]]]
}

/** How much still works after so many years, with its band. */
export function lifePicture(life: Schemas['Life'], years: string, good: string): LinePicture {
  const end = life.longest ?? 1
  const of = (pick: 'share' | 'low' | 'high') =>
    stairs(
      (life.steps ?? []).map((step) => [
        step.years,
        Math.round((step[pick] ?? step.share) * 1000) / 10,
      ]),
      end,
    )
  return {
    kind: 'lines',
    x: { label: years, unit: '' },
    y: { label: good, unit: '%' },
    series: [
      { name: good, main: true, points: of('share') },
      { name: '95 % –', main: false, points: of('low') },
      { name: '95 % +', main: false, points: of('high') },
    ],
    levels: [],
    point: null,
  }
}
