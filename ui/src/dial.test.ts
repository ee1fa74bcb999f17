// Forty made-up pictures of round gauges: tilted, turned, off the middle, with glare, noise, a
// second red hand, words on the face. What is asked: within 2 % of the span, or nothing said.
import { describe, expect, it } from 'vitest'
import { learnDial, readDial, type Picture } from './dial'

interface Gauge {
  span: number // of its scale
  from: number // degrees, where 0 stands
  sweep: number
  light: number // of its face
}
interface Shot {
  value: number
  width: number
  height: number
  x: number
  y: number
  r: number
  roll: number // degrees
  tilt: number // degrees
  axis: number // degrees, about which it is tilted
  glare: number
  noise: number
  second: number | null // where its red hand stands
  seed: number
}
const radians = (degrees: number) => (degrees * Math.PI) / 180
/** The same numbers again for the same seed. */
function dice(seed: number) {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 4294967296
  }
}
const angleOf = (gauge: Gauge, value: number) => gauge.from + (gauge.sweep * value) / gauge.span

/** Distance from a point to the line from the middle outward at an angle, between two radii. */
function ray(u: number, v: number, angle: number, from: number, to: number) {
  const [sx, sy] = [Math.sin(radians(angle)), -Math.cos(radians(angle))]
  const along = Math.min(Math.max(u * sx + v * sy, from), to)
  return Math.hypot(u - along * sx, v - along * sy)
}

/** Light of the gauge at a point of its own face, radius 1: [red, green and blue]. */
function face(gauge: Gauge, shot: Shot, u: number, v: number): [number, number] {
  const r = Math.hypot(u, v)
  if (r > 1.08) return [120 + 30 * Math.sin(u * 3) * Math.cos(v * 2), 110]
  if (r > 0.98) return [45, 45]
  const needle = angleOf(gauge, shot.value)
  const wide = 0.022 + 0.018 * (1 - r)
  if (ray(u, v, needle, 0, 0.8) < wide || ray(u, v, needle + 180, 0, 0.2) < 0.035) return [25, 25]
  if (r < 0.08) return [60, 60]
  if (shot.second !== null && ray(u, v, angleOf(gauge, shot.second), 0, 0.78) < 0.018)
    return [215, 40]
  const at = ((Math.atan2(u, -v) * 180) / Math.PI - gauge.from + 720) % 360
  if (at <= gauge.sweep + 0.6) {
    const step = gauge.sweep / 40
    const off = Math.abs(at - Math.round(at / step) * step) * radians(1) * r
    const major = Math.round(at / step) % 4 === 0
    if (r > (major ? 0.78 : 0.86) && r < 0.94 && off < (major ? 0.014 : 0.008)) return [30, 30]
    const number = Math.round(at / (step * 8)) * step * 8
    const [nx, ny] = [
      Math.sin(radians(number + gauge.from)),
      -Math.cos(radians(number + gauge.from)),
    ]
    const [dx, dy] = [u - nx * 0.66, v - ny * 0.66]
    if (Math.abs(dx) < 0.07 && Math.abs(dy) < 0.055 && Math.sin(dx * 70 + number) > 0)
      return [40, 40]
  }
  if (Math.abs(v - 0.38) < 0.035 && Math.abs(u) < 0.2 && Math.sin(u * 60) > -0.2) return [70, 70]
  return [gauge.light, gauge.light]
}

function take(gauge: Gauge, shot: Shot): Picture {
  const random = dice(shot.seed)
  const { width, height } = shot
  const data = new Uint8ClampedArray(width * height * 4)
  const flat = Math.cos(radians(shot.tilt))
  const [ax, ay] = [Math.cos(radians(shot.axis)), Math.sin(radians(shot.axis))]
  const [rx, ry] = [Math.cos(radians(-shot.roll)), Math.sin(radians(-shot.roll))]
  const glare = { u: random() - 0.5, v: random() - 0.5 }
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [px, py] = [(x + 0.5 - shot.x) / shot.r, (y + 0.5 - shot.y) / shot.r]
      const along = px * ax + py * ay
      const across = (-px * ay + py * ax) / flat
      const [tx, ty] = [along * ax - across * ay, along * ay + across * ax]
      const light = face(gauge, shot, tx * rx - ty * ry, tx * ry + ty * rx)
      const [gx, gy] = [(x - shot.x) / shot.r - glare.u, (y - shot.y) / shot.r - glare.v]
      const shine = shot.glare * Math.exp(-(gx * gx + gy * gy) / 0.05)
      const shade = 1 - 0.25 * (x / width)
      const grain = (random() - 0.5) * shot.noise
      const at = (y * width + x) * 4
      data[at] = light[0] * shade * (1 - shine) + 255 * shine + grain
      data[at + 1] = data[at + 2] = light[1] * shade * (1 - shine) + 255 * shine + grain
      data[at + 3] = 255
    }
  return { data, width, height }
}

const GAUGES: Gauge[] = [
  { span: 200, from: 225, sweep: 270, light: 235 }, // psi
  { span: 10, from: 225, sweep: 270, light: 215 }, // bar
  { span: 160, from: 210, sweep: 300, light: 240 }, // psi
  { span: 60, from: 240, sweep: 240, light: 205 }, // psi
]
const still = (seed: number, value: number): Shot => ({
  value,
  width: 600,
  height: 600,
  x: 300,
  y: 297,
  r: 225,
  roll: 0,
  tilt: 4,
  axis: 30,
  glare: 0,
  noise: 8,
  second: null,
  seed,
})
/** The gauge shown once, its marks touched a little beside. */
function shown(gauge: Gauge, seed: number) {
  const random = dice(seed)
  const shot = still(seed, gauge.span * 0.3)
  const touched = [0, gauge.span].map((value) => {
    const angle = radians(angleOf(gauge, value))
    const beside = () => (random() - 0.5) * 5
    return {
      x: shot.x + Math.sin(angle) * shot.r * 0.9 + beside(),
      y: shot.y - Math.cos(angle) * shot.r * 0.9 + beside(),
      value,
    }
  })
  return learnDial(take(gauge, shot), touched)
}

describe('a dial by its picture', () => {
  it('says what it shows within 2 % of the span, and else nothing, in forty pictures', () => {
    const random = dice(7)
    const between = (from: number, to: number) => from + random() * (to - from)
    const known = GAUGES.map((gauge, index) => shown(gauge, index + 1)!)
    const told = Array.from({ length: 40 }, (_, index) => {
      const gauge = GAUGES[index % GAUGES.length]!
      const side = between(420, 620)
      const shot: Shot = {
        value: gauge.span * between(0.03, 0.97),
        width: Math.round(side * between(1, 1.35)),
        height: Math.round(side),
        x: side / 2 + between(-30, 60),
        y: side / 2 + between(-30, 30),
        r: side * between(0.3, 0.42),
        roll: between(-9, 9),
        tilt: between(0, 20),
        axis: between(0, 180),
        glare: index % 3 === 0 ? between(0.3, 0.8) : 0,
        noise: between(6, 30),
        second: index % 2 === 0 ? gauge.span * between(0.1, 0.95) : null,
        seed: index + 100,
      }
      const picture = take(gauge, shot)
      const found = readDial(picture, known[index % GAUGES.length]!)
      return found === null ? null : Math.abs(found - shot.value) / gauge.span
    })
    const read = told.filter((off): off is number => off !== null)
    const near = read.filter((off) => off <= 0.02).length
    expect(near).toBeGreaterThanOrEqual(36)
    expect(Math.max(...read)).toBeLessThan(0.02)
  })
})
