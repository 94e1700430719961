import { cure } from '../base/cures'
import type { TradeNumber } from '../base/figure'
import type { Finding } from '../base/finding'
import type { NetworkReading } from '../survey/network'
import { waySlot } from '../survey/slots'
import type { Way } from '../survey/ways'
import type { Size } from '../units/call-size'

export type ChanceCode = 'chance-goes-in' | 'chance-too-close' | 'chance-does-not'

/** The verdict on a unit that a chance allows: certain one way or the other, or too close to tell.
 *  `sure` is the chance from which it is certain; its counterpart holds for "does not". */
export function chanceVerdict(chance: number, sure: TradeNumber): ChanceCode {
  if (chance >= sure.value) return 'chance-goes-in'
  return chance <= 1 - sure.value ? 'chance-does-not' : 'chance-too-close'
}

/** The chance as a finding: of which unit, how many in a hundred, and the reading that decides it,
 *  which is worked out only where it is said. */
export function judgeChance(
  chance: number,
  unit: Size & { readonly article: string },
  deciding: () => NetworkReading | null,
  way: Way,
  sure: TradeNumber,
): Finding<ChanceCode> {
  const code = chanceVerdict(chance, sure)
  const place = waySlot(way, (code === 'chance-goes-in' ? null : deciding()) ?? 'widths.middle')
  return {
    code,
    place,
    severity: code === 'chance-goes-in' ? 'fine' : code === 'chance-too-close' ? 'watch' : 'correct',
    facts: {
      chance: hundredths(chance),
      article: unit.article,
      width: { length: unit.width },
      height: { length: unit.height },
      deciding: place,
    },
    rule: sure.id,
    cures: code === 'chance-goes-in' ? [] : [cure('reading.take-deciding')],
  }
}

/** In a hundred, never rounded to a certainty that is none. */
const hundredths = (chance: number): number => Math.min(99, Math.max(1, Math.round(chance * 100)))
