import { hasPart } from '../base/kinds'
import { said } from '../catalogue/unit'
import { type Length, plus, ZERO } from '../units/length'
import type { OrderLine } from './order'
import type { Receipt } from './receipt'
import { CHECKS, type Check, PART_COUNTS, type PartCount, UNIT_READINGS, type UnitReading } from './receipt-values'

// What a delivered unit is looked at by, as its kind and its sheet have it.

/** The readings of a line's unit: legs only of a frame, mortises only where a leaf hangs in it, of a lock its faceplate. */
export const readingsAsked = ({ unit }: OrderLine): readonly UnitReading[] =>
  UNIT_READINGS.filter(name => {
    if (name === 'jamb') return said(unit, 'jamb') !== null
    if (name === 'thickness') return said(unit, 'leafThickness') !== null
    if (/^(mortise|plate|leaf\.gap)/.test(name)) return hasPart(unit.kind, 'hung')
    if (/^(bow|head)/.test(name)) return hasPart(unit.kind, 'framed')
    return hasPart(unit.kind, 'locking') ? /^(width|height)/.test(name) : true
  })

/** What each of them is by the order; those that are only compared with each other have none. */
export function orderedReadings({ unit, jambExtension }: OrderLine): ReadonlyMap<UnitReading, Length> {
  const [jamb, thickness] = [said(unit, 'jamb'), said(unit, 'leafThickness')]
  const { width, height } = unit
  return new Map<UnitReading, Length>([
    ['width.top', width],
    ['width.middle', width],
    ['width.bottom', width],
    ['height.left', height],
    ['height.right', height],
    ...(jamb === null ? [] : [['jamb', plus(jamb, jambExtension ?? ZERO)] as const]),
    ...(thickness === null ? [] : [['thickness', thickness] as const]),
  ])
}

/** Something a delivered unit is looked at by. */
export type ReceiptPlace = UnitReading | 'hinges' | 'swing' | Check | PartCount

export type AskedOfDelivered =
  | { readonly kind: 'length'; readonly place: UnitReading; readonly ordered: Length | null }
  | { readonly kind: 'hinges' | 'swing'; readonly place: 'hinges' | 'swing'; readonly ordered: string }
  | { readonly kind: 'check'; readonly place: Check }
  | { readonly kind: 'count'; readonly place: PartCount; readonly ordered: number }

/** Everything a line's unit is looked at by, in the order one walks round it: the hand first, since it can't be turned. */
export function walkOf(line: OrderLine): readonly AskedOfDelivered[] {
  const ordered = orderedReadings(line)
  const hand = (['hinges', 'swing'] as const).flatMap((place): AskedOfDelivered[] => {
    const wanted = line[place]
    return wanted === null ? [] : [{ kind: place, place, ordered: wanted }]
  })
  return [
    ...hand,
    ...readingsAsked(line).map(place => ({ kind: 'length', place, ordered: ordered.get(place) ?? null }) as const),
    ...checksAsked(line).map(place => ({ kind: 'check', place }) as const),
    ...partsAsked(line).map(place => ({ kind: 'count', place, ordered: partsWanted(line, place) }) as const),
  ]
}

/** What was found so far of something that is looked at; `null` while it was not. */
export function answerIn(
  found: Pick<Receipt, 'readings' | 'hinges' | 'swing' | 'checks' | 'counts'>,
  asked: AskedOfDelivered,
): { readonly length: Length } | string | null {
  switch (asked.kind) {
    case 'length': {
      const length = found.readings[asked.place]
      return length === undefined ? null : { length }
    }
    case 'check':
      return found.checks[asked.place] ?? null
    case 'count':
      return found.counts[asked.place] === undefined ? null : String(found.counts[asked.place])
    default:
      return found[asked.kind]
  }
}

/** Whether a kind's unit has what a check looks at. */
const HAS: Readonly<Record<Check, (line: OrderLine) => boolean>> = {
  weatherstrip: ({ unit, details }) => hasPart(unit.kind, 'hung') && details.weatherstrip !== undefined,
  sill: ({ unit }) => hasPart(unit.kind, 'silled'),
  finish: () => true,
  'glass-label': ({ unit }) => (said(unit, 'glass') ?? 'none') !== 'none',
  'fire-label': ({ unit, labelWanted }) => labelWanted > 0 || (said(unit, 'labelMinutes') ?? 0) > 0,
  kerf: ({ unit }) => hasPart(unit.kind, 'framed') && hasPart(unit.kind, 'hung'),
  clip: ({ unit }) => hasPart(unit.kind, 'asking'),
}

export const checksAsked = (line: OrderLine): readonly Check[] => CHECKS.filter(check => HAS[check](line))

/** Spare parts where they were ordered; keys where a lock comes with it. */
export const partsAsked = ({ unit, spares }: OrderLine): readonly PartCount[] =>
  PART_COUNTS.filter(part => (part === 'keys' ? comesLocked(unit) : (spares[part] ?? 0) > 0))

/** How many of a part are to come: as ordered, and a key at least where a lock comes with it. */
export const partsWanted = ({ spares }: OrderLine, part: PartCount): number =>
  part === 'keys' ? 1 : (spares[part] ?? 0)

const comesLocked = (unit: OrderLine['unit']): boolean =>
  hasPart(unit.kind, 'locking') || (hasPart(unit.kind, 'bored') && !unit.lacks.includes('lock'))
