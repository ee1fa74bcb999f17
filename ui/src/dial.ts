// A round gauge by its picture: where the dial is, how it is turned against the picture on which its
// marks were shown once, and where its needle points. For a dark needle on a light face; a red
// second hand is not seen, since only the red of the picture is looked at. Says nothing where it is
// not sure. Angles in degrees, clockwise from the top.

export interface Picture {
  data: Uint8ClampedArray
  width: number
  height: number
}
/** What is kept of a gauge: its two marks, and how its face looks round the scale (Base64). */
export interface Dial {
  marks: { angle: number; value: number }[]
  face: string
}
interface Gray {
  at: (x: number, y: number) => number
  width: number
  height: number
  scale: number
}
interface Circle {
  x: number
  y: number
  r: number
}
/** A dial seen from the side: from a point of its face (radius 1) to one of the picture. */
interface Oval {
  to: (u: number, v: number) => readonly [number, number]
  from: (x: number, y: number) => readonly [number, number]
}

const LARGEST = 320 // px to which a picture is drawn smaller
const EDGES = 0.1 // share of the pixels that count as edges
const RADII = { from: 0.2, to: 0.56 } // of the shorter side
const NEEDLE = { from: 0.2, to: 0.54 } // of the radius, where only the needle is
const FACE = { from: 0.6, to: 0.86 } // where the scale is
const TERMS = [0, 1, 2, 3, 4]
const TURNED = 24 // degrees by which a picture may be turned
const COVERS = 6 // degrees either side that the needle covers
const STEPS = 720
const GAP = 12 // half degrees over which the ticks are smoothed away
const TICK = 5 // half degrees within which the ticks say the rest
const DARK = 0.3 // of the face's own light
const LEAST = 0.45 // of the needle's length that has to be seen
const APART = 14 // degrees from which another line is another hand
const RIVAL = 0.85 // of the best, with which it could be either

/** The red of a picture, drawn smaller, with what lies between its pixels. */
function gray({ data, width, height }: Picture): Gray {
  const scale = Math.max(1, Math.max(width, height) / LARGEST)
  const w = Math.floor(width / scale)
  const h = Math.floor(height / scale)
  const pixels = new Float32Array(w * h)
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) {
      let sum = 0
      let count = 0
      for (let v = Math.floor(y * scale); v < Math.min((y + 1) * scale, height); v += 1)
        for (let u = Math.floor(x * scale); u < Math.min((x + 1) * scale, width); u += 1) {
          sum += data[(v * width + u) * 4]!
          count += 1
        }
      pixels[y * w + x] = sum / count
    }
  const within = (at: number, most: number) => Math.min(Math.max(at, 0), most - 1)
  const pixel = (x: number, y: number) => pixels[within(y, h) * w + within(x, w)]!
  const at = (x: number, y: number) => {
    const [u, v] = [Math.floor(x), Math.floor(y)]
    const [a, b] = [x - u, y - v]
    return (
      (pixel(u, v) * (1 - a) + pixel(u + 1, v) * a) * (1 - b) +
      (pixel(u, v + 1) * (1 - a) + pixel(u + 1, v + 1) * a) * b
    )
  }
  return { at, width: w, height: h, scale }
}

/** The edges of a picture with the direction across them. */
function edges(image: Gray) {
  const { at, width, height } = image
  const all: { x: number; y: number; dx: number; dy: number; size: number }[] = []
  for (let y = 1; y < height - 1; y += 1)
    for (let x = 1; x < width - 1; x += 1) {
      // Scharr's weights: the direction is true to a degree
      const across = (v: number) => at(x + 1, y + v) - at(x - 1, y + v)
      const down = (u: number) => at(x + u, y + 1) - at(x + u, y - 1)
      const dx = (3 * across(-1) + 10 * across(0) + 3 * across(1)) / 16
      const dy = (3 * down(-1) + 10 * down(0) + 3 * down(1)) / 16
      const size = Math.hypot(dx, dy)
      if (size > 12) all.push({ x, y, dx: dx / size, dy: dy / size, size })
    }
  all.sort((one, other) => other.size - one.size)
  return all.slice(0, Math.floor(width * height * EDGES))
}

/** The largest circle that most edges lie round, or null. */
function circle(image: Gray): Circle | null {
  const all = edges(image)
  const { width, height } = image
  const side = Math.min(width, height)
  const cells = new Float32Array(width * height)
  const from = Math.round(side * RADII.from)
  const to = Math.round(side * RADII.to)
  for (const { x, y, dx, dy } of all)
    for (const sign of [-1, 1])
      for (let r = from; r <= to; r += 1) {
        const u = Math.round(x + sign * dx * r)
        const v = Math.round(y + sign * dy * r)
        if (u >= 0 && v >= 0 && u < width && v < height) cells[v * width + u]! += 1
      }
  let best = { x: 0, y: 0, votes: 0 }
  for (let y = 2; y < height - 2; y += 1)
    for (let x = 2; x < width - 2; x += 1) {
      let votes = 0
      for (let v = -2; v <= 2; v += 1)
        for (let u = -2; u <= 2; u += 1) votes += cells[(y + v) * width + x + u]!
      if (votes > best.votes) best = { x, y, votes }
    }
  const rings = new Float32Array(to + 1)
  for (const { x, y, dx, dy } of all) {
    const [u, v] = [x - best.x, y - best.y]
    const r = Math.hypot(u, v)
    if (r >= from && r <= to && Math.abs((u * dx + v * dy) / r) > 0.92)
      rings[Math.round(r)]! += 1 / r
  }
  const most = Math.max(...rings)
  if (most < 0.5) return null
  // of a rim both edges stand: the outer one
  let r = to
  while (r > from && rings[r]! < most * 0.6) r -= 1
  return { x: best.x, y: best.y, r }
}

/** Solves a small system whose matrix is symmetric (rows of coefficients, the right side last). */
function solve(rows: number[][]) {
  rows.forEach((pivot, column) => {
    for (const row of rows) {
      if (row === pivot) continue
      const by = row[column]! / pivot[column]!
      row.forEach((_, at) => (row[at]! -= by * pivot[at]!))
    }
  })
  return rows.map((row, index) => row.at(-1)! / row[index]!)
}

/** The rim as an oval, from where the picture changes most near a circle. */
function oval(image: Gray, { x, y, r }: Circle): Oval | null {
  const light = (angle: number, share: number) =>
    image.at(x + Math.sin(radians(angle)) * r * share, y - Math.cos(radians(angle)) * r * share)
  const steepest = (sign: number) =>
    range(0, 359, 3).map((angle) =>
      range(0.82, 1.18, 0.008)
        .map((share) => ({
          angle,
          share,
          step: sign * (light(angle, share + 0.012) - light(angle, share - 0.012)),
        }))
        .reduce((one, other) => (other.step > one.step ? other : one)),
    )
  const sides = [steepest(1), steepest(-1)]
  const size = (side: { step: number }[]) => median(side.map((one) => one.step))
  const side = size(sides[0]!) > size(sides[1]!) ? sides[0]! : sides[1]!
  let rim = side.map(
    ({ angle, share }) =>
      [Math.sin(radians(angle)) * share, -Math.cos(radians(angle)) * share] as const,
  )
  // a u² + b u v + c v² + d u + e v = 1, without what lies apart
  const terms = ([u, v]: readonly [number, number]) => [u * u, u * v, v * v, u, v]
  let conic: number[] = []
  for (let round = 0; round < 4; round += 1) {
    const rows = rim.map(terms)
    const sum = (i: number, j?: number) =>
      rows.reduce((all, row) => all + row[i]! * (j === undefined ? 1 : row[j]!), 0)
    conic = solve(TERMS.map((i) => [...TERMS.map((j) => sum(i, j)), sum(i)]))
    const off = (one: readonly [number, number]) =>
      Math.abs(terms(one).reduce((all, term, i) => all + term * conic[i]!, -1))
    const usual = median(rim.map(off))
    rim = rim.filter((one) => off(one) <= Math.max(usual * 2.5, 0.004))
    if (!(rim.length >= 40)) return null
  }
  const [a, b, c, d, e] = conic as [number, number, number, number, number]
  const bent = 4 * a * c - b * b
  if (!(bent > 0)) return null
  const [mu, mv] = [(b * e - 2 * c * d) / bent, (b * d - 2 * a * e) / bent]
  const squared = 1 + a * mu * mu + b * mu * mv + c * mv * mv
  // the square root of the oval's matrix keeps the top at the top
  const [p, q, t] = [a / squared, b / 2 / squared, c / squared]
  const root = Math.sqrt(p * t - q * q)
  const trace = Math.sqrt(p + t + 2 * root)
  const [m, n, o] = [(p + root) / trace, q / trace, (t + root) / trace]
  const det = m * o - n * n
  if (!(det > 0.5 && det < 2)) return null
  return {
    to: (u, v) => [x + r * (mu + (o * u - n * v) / det), y + r * (mv + (m * v - n * u) / det)],
    from: (px, py) => {
      const [u, v] = [(px - x) / r - mu, (py - y) / r - mv]
      return [m * u + n * v, n * u + o * v]
    },
  }
}

/** Where the dial is, or null. */
function found(image: Gray) {
  let round = circle(image)
  let best: Oval | null = null
  for (let look = 0; round && look < 3; look += 1) {
    best = oval(image, round) ?? best
    if (!best) return null
    const [x, y] = best.to(0, 0)
    // the edge that was followed stands where the next look begins
    round = { x, y, r: Math.abs(best.to(1, 0)[0] - x) }
  }
  return best
}

const radians = (degrees: number) => (degrees * Math.PI) / 180
const point = (dial: Oval, angle: number, share: number) =>
  dial.to(Math.sin(radians(angle)) * share, -Math.cos(radians(angle)) * share)
const median = (list: number[]) => [...list].sort((a, b) => a - b)[list.length >> 1]!
const range = (from: number, to: number, step: number) =>
  Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step)

/** How dark it is at each angle and share of the radius, against the face there. */
function darkness(image: Gray, dial: Oval, shares: number[]) {
  return shares.map((share) => {
    const lights = Array.from({ length: STEPS }, (_, step) =>
      image.at(...point(dial, (step * 360) / STEPS, share)),
    )
    const light = median(lights)
    return lights.map((one) => Math.max(0, (light - one) / Math.max(light, 1)))
  })
}

/** How the face looks round its scale, in half degrees, without its needle. */
function face(image: Gray, dial: Oval, angle: number | null) {
  const rings = darkness(image, dial, range(FACE.from, FACE.to, 0.02))
  const all = Array.from(
    { length: STEPS },
    (_, step) => rings.reduce((sum, ring) => sum + Math.min(ring[step]!, 0.6), 0) / rings.length,
  )
  const mean = all.reduce((sum, one) => sum + one, 0) / STEPS
  const covered = (step: number) =>
    angle !== null && Math.abs(((step / 2 - angle + 540) % 360) - 180) < COVERS
  return all.map((one, step) => (covered(step) ? 0 : one - mean))
}

const blurred = (list: number[], by: number) =>
  list.map((_, step) =>
    range(-by, by, 1).reduce((sum, off) => sum + list[(step + off + STEPS) % STEPS]!, 0),
  )
const alike = (now: number[], then: number[], by: number) =>
  then.reduce((sum, one, step) => sum + one * now[(step + by + STEPS) % STEPS]!, 0)
const most = (now: number[], then: number[], from: number, to: number) =>
  range(from, to, 1)
    .map((by) => ({ by, alike: alike(now, then, by) }))
    .reduce((one, other) => (other.alike > one.alike ? other : one)).by

/** By how many degrees a face is turned against another: by its gap first, then by its ticks. */
function turned(now: number[], then: number[]) {
  const coarse = most(blurred(now, GAP), blurred(then, GAP), -TURNED * 2, TURNED * 2)
  const by = most(now, then, coarse - TICK, coarse + TICK)
  const [before, at, after] = [-1, 0, 1].map((off) => alike(now, then, by + off))
  const bend = before! - 2 * at! + after!
  return (by + (bend < 0 ? (before! - after!) / (2 * bend) : 0)) / 2
}

/** Where the needle points, or null. */
function needle(image: Gray, dial: Oval) {
  const shares = range(NEEDLE.from, NEEDLE.to, 0.02)
  const rings = darkness(image, dial, shares)
  const scores = Array.from({ length: STEPS }, (_, step) => {
    const seen = rings.filter((ring) =>
      [-1, 0, 1].some((off) => ring[(step + off + STEPS) % STEPS]! > DARK),
    ).length
    const dark = rings.reduce((sum, ring) => sum + Math.min(ring[step]!, 0.8), 0)
    return (seen / rings.length) * (dark / rings.length)
  })
  const best = scores.indexOf(Math.max(...scores))
  const away = (step: number) => {
    const off = Math.abs(step - best) / 2
    return Math.min(off, 360 - off)
  }
  const rival = Math.max(...scores.filter((_, step) => away(step) > APART))
  if (scores[best]! < LEAST * LEAST || rival > scores[best]! * RIVAL) return null

  // the line through its darkest points need not go through the centre that was found
  const points = rings.flatMap((ring, index) => {
    let [sum, weight] = [0, 0]
    for (let off = -16; off <= 16; off += 1) {
      const dark = ring[(best + off + STEPS) % STEPS]!
      if (dark > DARK) [sum, weight] = [sum + off * dark, weight + dark]
    }
    const angle = radians((best + sum / weight) / 2)
    return weight ? [[Math.sin(angle) * shares[index]!, -Math.cos(angle) * shares[index]!]] : []
  })
  const [mx, my] = [0, 1].map((axis) => points.reduce((s, p) => s + p[axis]!, 0) / points.length)
  let [xx, xy, yy] = [0, 0, 0]
  for (const [x, y] of points) {
    xx += (x! - mx!) ** 2
    xy += (x! - mx!) * (y! - my!)
    yy += (y! - my!) ** 2
  }
  const along = 0.5 * Math.atan2(2 * xy, xx - yy)
  const angle = (Math.atan2(Math.cos(along), -Math.sin(along)) * 180) / Math.PI
  const back = Math.cos(radians(angle - best / 2)) < 0 ? angle + 180 : angle
  return (back + 720) % 360
}

/** A gauge as it is shown once: two marks, where they were touched, and their values; or null. */
export function learnDial(
  picture: Picture,
  touched: { x: number; y: number; value: number }[],
): Dial | null {
  const image = gray(picture)
  const dial = found(image)
  if (!dial) return null
  const marks = touched.map(({ x, y, value }) => {
    const [u, v] = dial.from(x / image.scale, y / image.scale)
    return { angle: ((Math.atan2(u, -v) * 180) / Math.PI + 360) % 360, value }
  })
  const seen = face(image, dial, needle(image, dial))
  const bytes = seen.map((one) => String.fromCharCode(Math.round((one + 1) * 127)))
  return { marks, face: btoa(bytes.join('')) }
}

/** What a gauge shows on a picture, in the unit of its marks; null where that is not sure. */
export function readDial(picture: Picture, known: Dial): number | null {
  const image = gray(picture)
  const dial = found(image)
  const angle = dial && needle(image, dial)
  if (!dial || angle === null) return null
  const then = [...atob(known.face)].map((one) => one.charCodeAt(0) / 127 - 1)
  const upright = angle - turned(face(image, dial, angle), then)
  const [first, second] = known.marks
  const sweep = (second!.angle - first!.angle + 360) % 360
  let from = (upright - first!.angle + 720) % 360
  if (from > sweep + (360 - sweep) / 2) from -= 360
  return first!.value + ((second!.value - first!.value) * from) / sweep
}
