// By how many seconds this device's clock is behind the server's, as the server's answers tell.
let offset = 0

/** Learns from an answer; asked: when it was asked, by this device's clock. */
export function learn(response: Response, asked: number) {
  const said = Date.parse(response.headers.get('Date') ?? '')
  const took = Date.now() - asked
  if (Number.isNaN(said) || took > 2000) return
  const measured = (said + 500 - (asked + took / 2)) / 1000
  // The header has whole seconds: less is no news.
  offset = Math.abs(measured) < 2 ? 0 : Math.round(measured)
}

export const clockOffset = () => offset

/** A time of this device as the server's clock had it. */
export const serverTime = (madeAt: string, by = offset) =>
  new Date(Date.parse(madeAt) + by * 1000).toISOString()
