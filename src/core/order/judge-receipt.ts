import type { Finding, RuleId } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import { goesThrough, placeUnit } from '../opening/place-unit'
import { type Length, largestOf, magnitude, minus, plus, smallestOf } from '../units/length'
import { orderedReadings, partsAsked, partsWanted } from './asked-of-delivered'
import type { OrderLine } from './order'
import type { Receipt } from './receipt'
import type { ReceiptState, UnitReading } from './receipt-values'

export type ReceiptCode =
  | 'receipt-size'
  | 'receipt-hand'
  | 'receipt-diagonals'
  | 'receipt-bow'
  | 'receipt-head-ends'
  | 'receipt-mortises'
  | 'receipt-hinge-gap'
  | 'receipt-check'
  | 'receipt-damage'
  | 'receipt-parts'
  | 'receipt-not-read'
  | 'receipt-as-ordered'
  | 'receipt-goes-in'
  | 'receipt-does-not-go-in'

/** What was found, without who found it and what was decided. */
export type Found = Pick<Receipt, 'readings' | 'hinges' | 'swing' | 'checks' | 'counts' | 'damage'>

export type JudgedReceipt = {
  readonly findings: readonly Finding<ReceiptCode>[]
  /** What the findings propose; a person decides. */
  readonly state: ReceiptState
}

type Say = (
  code: ReceiptCode,
  severity: Finding['severity'],
  place: string,
  facts: Finding['facts'],
  rule: RuleId,
) => Finding<ReceiptCode>
const say: Say = (code, severity, place, facts, rule) => ({ code, severity, place, facts, rule, cures: [] })

/** Judges a delivered unit against its line, and by itself: whether it is true, and what that will do when it is set. */
export function judgeReceipt(
  line: OrderLine,
  found: Found,
  lengths: TradeLengths,
  opening: ReceivingOpening | null = null,
): JudgedReceipt {
  const against = judgeAgainst(found, opening, lengths)
  const wrong = [
    ...judgeHand(line, found),
    ...judgeSizes(line, found, lengths),
    ...against.filter(one => one.severity !== 'fine'),
    ...judgeTruth(found, lengths),
    ...judgeMortises(found, lengths),
    ...judgeChecks(found),
    ...found.damage.map(one => say('receipt-damage', 'correct', 'unit', one, 'receipt')),
  ]
  const owed = judgeParts(line, found)
  const unread = judgeUnread(line, found)
  const all = [...wrong, ...owed, ...unread]
  const stops = wrong.some(one => one.severity === 'stop')
  const holds = wrong.some(one => one.severity === 'correct') || unread.length > 0
  return {
    findings: [
      ...(all.length ? all : [say('receipt-as-ordered', 'fine', 'unit', {}, 'receipt-accepts')]),
      ...against.filter(one => one.severity === 'fine'),
    ],
    state: stops ? 'refused' : holds ? 'hold' : owed.length ? 'accepted-parts-owed' : 'accepted',
  }
}

/** The hole a delivered frame will stand in, and the packing it is to stand on. */
export type ReceivingOpening = { readonly points: OpeningPoints; readonly pad: Length }

/** Whether the frame as it was delivered goes into the opening as it was read, whatever was ordered. By its largest readings. */
function judgeAgainst(
  { readings }: Found,
  opening: ReceivingOpening | null,
  lengths: TradeLengths,
): readonly Finding<ReceiptCode>[] {
  const read = (names: readonly UnitReading[]) => names.flatMap(name => readings[name] ?? [])
  const widths = read(['width.top', 'width.middle', 'width.bottom'])
  const heights = read(['height.left', 'height.right'])
  if (!opening || widths.length === 0 || heights.length === 0) return []
  const gap = lengths['gap-least']
  const unit = { width: largestOf(widths), height: largestOf(heights) }
  const placed = placeUnit(opening.points, { unit, pad: opening.pad, leastGap: gap.value })
  const goes = goesThrough(placed, { gap: gap.value, head: lengths['head-least'].value })
  const facts = { side: { length: placed.sideRoom }, head: { length: placed.headGap } }
  return [
    goes
      ? say('receipt-goes-in', 'fine', 'unit', facts, gap.id)
      : say('receipt-does-not-go-in', 'correct', 'unit', facts, gap.id),
  ]
}

function judgeHand(line: OrderLine, found: Found): readonly Finding<ReceiptCode>[] {
  return (['hinges', 'swing'] as const).flatMap(name =>
    line[name] !== null && found[name] !== null && found[name] !== line[name]
      ? [say('receipt-hand', 'stop', name, { ordered: line[name] ?? '', found: found[name] ?? '' }, 'handing')]
      : [],
  )
}

function judgeSizes(line: OrderLine, { readings }: Found, lengths: TradeLengths): readonly Finding<ReceiptCode>[] {
  const limit = line.tolerance ?? lengths['receipt-accepts'].value
  return [...orderedReadings(line)].flatMap(([name, wanted]) => {
    const read = readings[name]
    if (read === undefined || magnitude(minus(read, wanted)) <= limit) return []
    const facts = { ordered: { length: wanted }, found: { length: read }, limit: { length: limit } }
    return [say('receipt-size', 'correct', name, facts, 'receipt-accepts')]
  })
}

function judgeTruth({ readings }: Found, lengths: TradeLengths): readonly Finding<ReceiptCode>[] {
  const over = (
    code: ReceiptCode,
    place: UnitReading,
    size: Length | undefined,
    rule: 'square-fine' | 'receipt-bow' | 'receipt-head-ends',
  ): readonly Finding<ReceiptCode>[] => {
    const limit = lengths[rule].value
    return size === undefined || magnitude(size) <= limit
      ? []
      : [say(code, 'correct', place, { found: { length: magnitude(size) }, limit: { length: limit } }, rule)]
  }
  const [one, other] = [readings['diagonal.one'], readings['diagonal.other']]
  return [
    ...over(
      'receipt-diagonals',
      'diagonal.one',
      one === undefined || other === undefined ? undefined : minus(one, other),
      'square-fine',
    ),
    ...over('receipt-bow', 'bow.left', readings['bow.left'], 'receipt-bow'),
    ...over('receipt-bow', 'bow.right', readings['bow.right'], 'receipt-bow'),
    ...over('receipt-head-ends', 'head.ends', readings['head.ends'], 'receipt-head-ends'),
  ]
}

const HEIGHTS = ['top', 'middle', 'bottom'] as const

/** Mortises of uneven depth tilt the leaf; plates that stand proud or sunk widen or close the gap on the hinge side: predicted here,
 *  with the cards that mend it now. */
function judgeMortises({ readings }: Found, lengths: TradeLengths): readonly Finding<ReceiptCode>[] {
  const spread = lengths['receipt-mortises'].value
  const uneven = (['jamb', 'leaf'] as const).flatMap(part => {
    const depths = HEIGHTS.flatMap(height => readings[`mortise.${part}.${height}`] ?? [])
    if (depths.length < 2) return []
    const by = minus(largestOf(depths), smallestOf(depths))
    const facts = { found: { length: by }, limit: { length: spread } }
    return by > spread ? [say('receipt-mortises', 'watch', `mortise.${part}.top`, facts, 'receipt-mortises')] : []
  })
  return [...uneven, ...HEIGHTS.flatMap(height => judgeHingeGap(readings, height, lengths))]
}

function judgeHingeGap(
  readings: Found['readings'],
  height: (typeof HEIGHTS)[number],
  lengths: TradeLengths,
): readonly Finding<ReceiptCode>[] {
  const { plate, 'leaf.gap': closed } = readings
  const [jamb, leaf] = [readings[`mortise.jamb.${height}`], readings[`mortise.leaf.${height}`]]
  if (plate === undefined || closed === undefined || jamb === undefined || leaf === undefined) return []
  const gap = hingeSideGap(closed, plate, jamb, leaf)
  const wanted = lengths['hinge-gap'].value
  const card = lengths['hinge-card'].value
  const off = minus(wanted, gap)
  if (magnitude(off) < card) return []
  const facts = {
    gap: { length: gap },
    wanted: { length: wanted },
    cards: Math.max(0, Math.round(off / card)),
    card: { length: card },
  }
  return [say('receipt-hinge-gap', 'watch', `mortise.jamb.${height}`, facts, 'hinge-gap')]
}

/** The gap on the hinge side once the door hangs: the closed hinge's own gap and what its plates stand proud of jamb and leaf,
 *  less what they are sunk. */
export const hingeSideGap = (closed: Length, plate: Length, jambDepth: Length, leafDepth: Length): Length =>
  plus(closed, plus(minus(plate, jambDepth), minus(plate, leafDepth)))

const judgeChecks = ({ checks }: Found): readonly Finding<ReceiptCode>[] =>
  Object.entries(checks).flatMap(([check, answer]) =>
    answer === 'wrong'
      ? [
          say(
            'receipt-check',
            check === 'fire-label' || check === 'glass-label' ? 'stop' : 'correct',
            check,
            {},
            'receipt',
          ),
        ]
      : [],
  )

/** Parts that came short: those that were ordered with it, and a key at least where a lock comes with it. */
function judgeParts(line: OrderLine, { counts }: Found): readonly Finding<ReceiptCode>[] {
  return partsAsked(line).flatMap(part => {
    const wanted = partsWanted(line, part)
    const came = counts[part]
    return came !== undefined && came < wanted ? [say('receipt-parts', 'watch', part, { wanted, came }, 'receipt')] : []
  })
}

/** Sizes and hand that nobody read yet: a unit is not accepted unseen. */
function judgeUnread(line: OrderLine, found: Found): readonly Finding<ReceiptCode>[] {
  const open = [
    ...[...orderedReadings(line).keys()].filter(name => found.readings[name] === undefined),
    ...(['hinges', 'swing'] as const).filter(name => line[name] !== null && found[name] === null),
  ]
  return open.length ? [say('receipt-not-read', 'watch', open[0]!, { what: open.join(' ') }, 'receipt')] : []
}
