import type { Finding, RuleId, Severity } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { Placement } from '../opening/place-unit'
import { type Length, largestOf, minus, times } from '../units/length'

export type RoomCode =
  | 'too-wide'
  | 'sides-tight'
  | 'sides-loose'
  | 'too-narrow'
  | 'too-high'
  | 'head-tight'
  | 'head-loose'
  | 'too-low'
  | 'goes-in'

/** How a unit's size suits an opening: without work on the hole, with some, or not at all. */
export type RoomVerdict = 'fits' | 'tight' | 'loose' | 'too-large' | 'too-small'

/** The limits that part one kind of room from the next, smallest first, and the rule each comes from. */
type Bands = {
  readonly place: 'sides' | 'head'
  readonly least: Length
  readonly wanted: number
  readonly loose: Length
  readonly most: Length
  readonly codes: readonly [tooLarge: RoomCode, tight: RoomCode, loose: RoomCode, tooSmall: RoomCode]
  readonly rules: readonly [least: RuleId, wanted: RuleId, loose: RuleId, most: RuleId]
}

type Judged = { readonly verdict: RoomVerdict; readonly reason: Finding<RoomCode> | null }

/** Judges the room at the sides and at the head. What one orders for is judged to the exactness of a tape, since a size
 *  derived from the readings lies just on it; what goes in at all is judged strictly. */
export function judgeRoom(
  { sideRoom, headGap }: Placement,
  lengths: TradeLengths,
): { readonly verdict: RoomVerdict; readonly reasons: readonly Finding<RoomCode>[] } {
  const exactness = lengths['deviation-tape'].value
  const sides = judge(sideRoom, {
    place: 'sides',
    least: times(lengths['gap-least'].value, 2),
    wanted: lengths['room-width'].value - exactness,
    loose: largestOf([lengths['room-loose'].value, lengths['room-width'].value]),
    most: lengths['fill-sides-most'].value,
    codes: ['too-wide', 'sides-tight', 'sides-loose', 'too-narrow'],
    rules: ['gap-least', 'room-width', 'room-loose', 'fill-sides-most'],
  })
  const head = judge(headGap, {
    place: 'head',
    least: lengths['head-least'].value,
    wanted: lengths['head-target'].value - exactness,
    loose: lengths['room-loose'].value,
    most: lengths['build-down-most'].value,
    codes: ['too-high', 'head-tight', 'head-loose', 'too-low'],
    rules: ['head-least', 'head-target', 'room-loose', 'build-down-most'],
  })
  const reasons = [sides.reason, head.reason].filter(one => one !== null)
  const facts = { side: { length: sideRoom }, head: { length: headGap } }
  const fine: Finding<RoomCode> = {
    code: 'goes-in',
    place: 'unit',
    severity: 'fine',
    facts,
    rule: 'room-width',
    cures: [],
  }
  return { verdict: worse(sides.verdict, head.verdict), reasons: reasons.length ? reasons : [fine] }
}

function judge(room: Length, { place, least, wanted, loose, most, codes, rules }: Bands): Judged {
  const reason = (band: 0 | 1 | 2 | 3, severity: Severity, by: Length): Finding<RoomCode> => ({
    code: codes[band],
    place,
    severity,
    facts: { room: { length: room }, short: { length: by }, most: { length: most } },
    rule: rules[band],
    cures: [],
  })
  if (room < least) return { verdict: 'too-large', reason: reason(0, 'stop', minus(least, room)) }
  if (room < wanted) return { verdict: 'tight', reason: reason(1, 'watch', room) }
  if (room > most) return { verdict: 'too-small', reason: reason(3, 'stop', minus(room, most)) }
  if (room > loose) return { verdict: 'loose', reason: reason(2, 'watch', room) }
  return { verdict: 'fits', reason: null }
}

const ORDER: readonly RoomVerdict[] = ['fits', 'loose', 'tight', 'too-small', 'too-large']
const worse = (a: RoomVerdict, b: RoomVerdict): RoomVerdict => (ORDER.indexOf(a) > ORDER.indexOf(b) ? a : b)
