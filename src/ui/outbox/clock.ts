// The time of this installation, as far as a device can know it: a device whose clock is wrong goes by the server's.

const KEY = 'harvek-clock'
/** What two right clocks may differ by. */
const RIGHT_MS = 60_000

let offset: number | null = null

const read = (): number => {
  try {
    return Number(localStorage.getItem(KEY) ?? 0) || 0
  } catch {
    return 0
  }
}

/** By how much the server's clock is ahead of this device's, ms; 0 while both are right. */
export const clockOffset = (): number => {
  offset ??= read()
  return offset
}

/** Compares with what a reply says of the time it was made, between when it was asked for and when it came.
 *  @param said the reply's `date`, to the second @returns whether that is news */
export function setClock(said: string | null, askedAt: number, cameAt: number): boolean {
  const at = said === null ? Number.NaN : Date.parse(said)
  if (Number.isNaN(at)) return false
  const found = at + 500 - (askedAt + cameAt) / 2
  const next = Math.abs(found) <= RIGHT_MS + (cameAt - askedAt) / 2 ? 0 : Math.round(found)
  if (Math.abs(next - clockOffset()) < 2000) return false
  offset = next
  try {
    localStorage.setItem(KEY, String(next))
  } catch {
    // Known for as long as the page is open.
  }
  return true
}

/** Now, by the server's clock where this device's is wrong. */
export const nowHere = (): Date => new Date(Date.now() + clockOffset())
