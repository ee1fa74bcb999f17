// The pictures of calculations, as core/drawing/chart.rb makes them.
export interface Axis {
  label: string
  unit: string
  log?: boolean
}
export interface Level {
  label: string
  at: number
  text: string
}
export interface LinePicture {
  kind: 'lines'
  x: Axis
  y: Axis
  series: { name: string | null; main: boolean; points: [number, number][] }[]
  levels: Level[]
  point: [number, number] | null
}
export interface BarPicture {
  kind: 'bars'
  y: Axis
  rows: { name: string; value: number }[]
  levels: Level[]
}
export interface ListPicture {
  kind: 'list'
  rows: { name: string; text: string; grade: string | null }[]
}
export interface ShapePicture {
  kind: 'shapes'
  width: number
  height: number
  shapes: Record<string, string | number>[]
  texts: { x: number; y: number; text: string }[]
}
export type Picture = LinePicture | BarPicture | ListPicture | ShapePicture
