import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { type Length, magnitude, minus } from '../units/length'
import type { Reading } from './reading'
import type { Slot } from './slots'
import { isLater } from './survey'

export type SecondCode = 'second-agrees' | 'second-differs'

/** Two readings of one slot by different hands or instruments, the earlier first. */
export type SecondReading = { readonly first: Reading; readonly second: Reading; readonly apart: Length }

const isOther = (a: Reading, b: Reading): boolean =>
  a.takenBy !== b.takenBy || a.instrument !== b.instrument || a.device !== b.device

/** For every slot that was read twice by different people or instruments: the latest reading beside the latest by another. */
export function secondReadings(readings: readonly Reading[]): readonly SecondReading[] {
  const bySlot = new Map<string, Reading[]>()
  for (const one of readings) bySlot.set(one.slot, [...(bySlot.get(one.slot) ?? []), one])
  return [...bySlot.values()].flatMap(all => {
    const ordered = all.sort((a, b) => (isLater(a, b) ? -1 : 1))
    const [second] = ordered
    const first = ordered.find(one => isOther(one, second!))
    return first ? [{ first, second: second!, apart: magnitude(minus(first.value, second!.value)) }] : []
  })
}

/** Whether each pair agrees within the limit. */
export function judgeSecond(
  readings: readonly Reading[],
  lengths: TradeLengths,
): readonly (Finding<SecondCode> & { readonly place: Slot })[] {
  const limit = lengths['agree-second']
  return secondReadings(readings).map(({ first, second, apart }) => {
    const agrees = apart <= limit.value
    const code: SecondCode = agrees ? 'second-agrees' : 'second-differs'
    return {
      code,
      place: second.slot,
      severity: agrees ? ('fine' as const) : ('correct' as const),
      facts: {
        apart: { length: apart },
        limit: { length: limit.value },
        first: { length: first.value },
        second: { length: second.value },
        firstBy: `${first.takenBy}, ${first.instrument}`,
        secondBy: `${second.takenBy}, ${second.instrument}`,
      },
      rule: limit.id,
      cures: agrees ? [] : [cure('reading.take-again')],
    }
  })
}
