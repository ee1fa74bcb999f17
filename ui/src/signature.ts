// A signature as it is drawn: strokes of points between 0 and 1.
export type Strokes = [number, number][][]

/** The strokes of an answer, where each point is known to be two numbers; none for none. */
export const strokesOf = (answer: number[][][] | null | undefined): Strokes =>
  (answer ?? []).map((stroke) => stroke.map((point) => [point[0] ?? 0, point[1] ?? 0]))
