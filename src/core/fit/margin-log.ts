import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import type { Occasion, Reading } from '../survey/reading'
import type { Slot } from '../survey/slots'
import { ADJUSTERS, type Adjuster, predictReveals, REVEALS, type RevealName } from '../tuning/reveals'
import { type Length, magnitude, minus, ticks } from '../units/length'
import { type Hanging, hungLeafOf, marginSlots } from './hanging'
import type { Means } from './tune-margins'

/** A move as it was really made: of which leaf, what was moved, by how much. A set screw moves its hinge's leaf as a card does. */
export type MadeMove = {
  readonly id: string
  readonly at: string
  readonly by: string
  readonly leaf: Hanging['id']
  readonly adjuster: Adjuster
  readonly amount: Length
}

/** One margin as it stands: what was read last, what it should be since by the moves made after, and what was expected of the reading by
 *  the one before it and the moves between; `null` where nothing was moved between. */
export type MarginState = {
  readonly name: RevealName
  readonly slot: Slot
  /** As it was read before anything was moved. */
  readonly first: Length
  readonly read: Length
  readonly at: string
  readonly now: Length
  readonly expected: Length | null
}

export type MarginLog = {
  readonly states: readonly MarginState[]
  /** What was moved of this leaf. */
  readonly moves: readonly MadeMove[]
  /** Moves after which not every margin was read again. */
  readonly isStale: boolean
}

export type MarginCode = 'margin-other' | 'margins-stale'
/** What must have been otherwise than it was taken to be. */
export type FailedAssumption = 'hinge-moved' | 'strike-gave' | 'leaf-turned'

/** What is read once the seals are on is what they leave open, no margin. */
export const SINCE_SET: ReadonlySet<Occasion> = new Set<Occasion>(['set', 'tuned', 'hand-over'])
/** Whether a gap was read of the leaf that hangs now: what was surveyed is of it too, unless the survey was of the old one. */
const isOfNow = ({ occasion }: Reading, surveyIsOldLeaf: boolean): boolean =>
  SINCE_SET.has(occasion) || (occasion === 'survey' && !surveyIsOldLeaf)
const isAdjuster = (code: string): code is Adjuster => (ADJUSTERS as readonly string[]).includes(code)

/** What a move is noted as: its adjuster, a set screw in place of a card, with its leaf before it where there are two. */
export const moveCode = (leaf: Hanging['id'], adjuster: Adjuster, means: Means): string =>
  `${leaf === 'one' ? '' : `${leaf}/`}${means === 'screws' ? adjuster.replace('card', 'screw') : adjuster}`

/** The leaf and the adjuster a move was noted as; `null` where it is no such note. */
function movedThing(code: string): Pick<MadeMove, 'leaf' | 'adjuster'> | null {
  const [, leaf, thing] = /^(?:(left|right)\/)?(.+)$/.exec(code) ?? []
  const adjuster = thing?.replace('screw', 'card')
  return adjuster !== undefined && isAdjuster(adjuster) ? { leaf: (leaf as 'left' | 'right') ?? 'one', adjuster } : null
}

/** The moves that were noted, the oldest first. */
export const movesMade = (log: readonly LogEntry[]): readonly MadeMove[] =>
  log
    .flatMap(({ id, kind, code, value, at, by }) => {
      const thing = kind === 'move' ? movedThing(code) : null
      return thing && value && 'length' in value ? [{ id, at, by, ...thing, amount: value.length }] : []
    })
    .sort((a, b) => (a.at < b.at ? -1 : 1))

const ONE_TICK = ticks(1)

/** A margin after moves. Where leaves meet, what either of them moves towards the other takes from the margin between them. */
function moved(
  all: readonly Hanging[],
  of: Hanging,
  name: RevealName,
  from: Length,
  made: readonly MadeMove[],
): Length {
  const movers = of.meets && name.startsWith('strike.') ? all : [of]
  return movers.reduce((margin, one) => {
    const leaf = hungLeafOf(one)
    const own = made.filter(move => move.leaf === one.id).map(({ adjuster, amount }) => ({ adjuster, steps: amount }))
    return leaf === null ? margin : (predictReveals(leaf, { [name]: margin }, own, ONE_TICK).reveals[name] ?? margin)
  }, from)
}

/** What of a leaf's moves and the others' bears on a margin of it. */
const bearsOn =
  ({ id, meets }: Hanging, name: RevealName) =>
  ({ leaf }: MadeMove): boolean =>
    leaf === id || (meets && name.startsWith('strike.'))

/** How the margins of each leaf stand by what was read of it and moved since it stands. `readings` without those that were struck. */
export function marginLogs(
  { hangings, surveyIsOldLeaf }: { readonly hangings: readonly Hanging[]; readonly surveyIsOldLeaf: boolean },
  readings: readonly Reading[],
  log: readonly LogEntry[],
): readonly MarginLog[] {
  const made = movesMade(log)
  const since = readings.filter(one => isOfNow(one, surveyIsOldLeaf))
  return hangings.map(hanging => {
    const slots = marginSlots(hanging)
    const states = REVEALS.flatMap((name): readonly MarginState[] => {
      const slot = slots[name]
      const own = since.filter(one => one.slot === slot).sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1))
      const [last, before] = own
      if (!slot || !last) return []
      const bearing = made.filter(bearsOn(hanging, name))
      const between = bearing.filter(one => before && one.at > before.takenAt && one.at <= last.takenAt)
      const after = bearing.filter(one => one.at > last.takenAt)
      return [
        {
          name,
          slot,
          first: own.at(-1)!.value,
          read: last.value,
          at: last.takenAt,
          now: moved(hangings, hanging, name, last.value, after),
          expected: before && between.length ? moved(hangings, hanging, name, before.value, between) : null,
        },
      ]
    })
    const isStale = states.some(one => made.some(move => bearsOn(hanging, one.name)(move) && one.at < move.at))
    return { states, moves: made.filter(one => one.leaf === hanging.id), isStale }
  })
}

/** Margins that came out otherwise than the moves said, by more than the gauge may be off; and which assumption that speaks against. */
export function judgeMargins({ states, isStale }: MarginLog, lengths: TradeLengths): readonly Finding<MarginCode>[] {
  const within = lengths['gauge-within']
  const off = states.filter(one => one.expected !== null && magnitude(minus(one.read, one.expected)) > within.value)
  const worst = [...off].sort((a, b) => missOf(b) - missOf(a))[0]
  return [
    ...(worst
      ? [
          {
            code: 'margin-other' as const,
            place: worst.slot,
            severity: 'watch' as const,
            facts: {
              read: { length: worst.read },
              wanted: { length: worst.expected! },
              what: failedBy(off.map(one => one.name)),
              slot: off.map(one => one.slot).join(' '),
            },
            rule: within.id,
            cures: [],
          },
        ]
      : []),
    ...(isStale ? [STALE] : []),
  ]
}

const missOf = ({ read, expected }: MarginState): number => magnitude(minus(read, expected ?? read))

const STALE: Finding<MarginCode> = {
  code: 'margins-stale',
  place: 'leaf',
  severity: 'watch',
  facts: {},
  rule: 'look',
  cures: [],
}

/** A hinge that did not follow shows at its own side; a strike leg that gave only at the strike; else the leaf did not turn as one piece. */
const failedBy = (names: readonly RevealName[]): FailedAssumption => {
  if (names.some(one => one.startsWith('hinge.'))) return 'hinge-moved'
  return names.every(one => one.startsWith('strike.')) ? 'strike-gave' : 'leaf-turned'
}
