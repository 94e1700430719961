import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import type { Occasion, Reading } from '../survey/reading'
import type { Slot } from '../survey/slots'
import { ADJUSTERS, type Adjuster, type Move, predictReveals, REVEALS, type RevealName } from '../tuning/reveals'
import { type Length, magnitude, minus } from '../units/length'
import { type Hanging, hungLeafOf, marginSlots, TUNE_STEP } from './tune-margins'

/** A move as it was really made. */
export type MadeMove = Move & { readonly id: string; readonly at: string; readonly by: string }

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
  readonly moves: readonly MadeMove[]
  /** Moves after which not every margin was read again. */
  readonly isStale: boolean
}

export type MarginCode = 'margin-other' | 'margins-stale'
/** What must have been otherwise than it was taken to be. */
export type FailedAssumption = 'hinge-moved' | 'strike-gave' | 'leaf-turned'

const SINCE_SET: ReadonlySet<Occasion> = new Set<Occasion>(['set', 'tuned', 'sealed', 'hand-over'])
/** Whether a gap was read of the leaf that hangs now: what was surveyed is of it too, unless the survey was of the old one. */
const isOfNow = ({ occasion }: Reading, surveyIsOldLeaf: boolean): boolean =>
  SINCE_SET.has(occasion) || (occasion === 'survey' && !surveyIsOldLeaf)
const isAdjuster = (code: string): code is Adjuster => (ADJUSTERS as readonly string[]).includes(code)

/** The moves that were noted, the oldest first, each a whole number of steps. */
export const movesMade = (log: readonly LogEntry[]): readonly MadeMove[] =>
  log
    .flatMap(({ id, kind, code, value, at, by }) =>
      kind === 'move' && isAdjuster(code) && value && 'length' in value
        ? [{ id, at, by, adjuster: code, steps: Math.round(value.length / TUNE_STEP) }]
        : [],
    )
    .sort((a, b) => (a.at < b.at ? -1 : 1))

/** How the margins of a hung leaf stand by what was read of it and moved since it stands. `readings` without those that were struck. */
export function marginLog(
  { hanging, surveyIsOldLeaf }: { readonly hanging: Hanging; readonly surveyIsOldLeaf: boolean },
  readings: readonly Reading[],
  log: readonly LogEntry[],
): MarginLog {
  const moves = movesMade(log)
  const slots = marginSlots(hanging.hinges)
  const leaf = hungLeafOf(hanging)
  const moved = (name: RevealName, from: Length, made: readonly Move[]): Length =>
    leaf === null ? from : (predictReveals(leaf, { [name]: from }, made, TUNE_STEP).reveals[name] ?? from)
  const states = REVEALS.flatMap((name): readonly MarginState[] => {
    const own = readings
      .filter(one => one.slot === slots[name] && isOfNow(one, surveyIsOldLeaf))
      .sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1))
    const [last, before] = own
    if (!last) return []
    const between = moves.filter(one => before && one.at > before.takenAt && one.at <= last.takenAt)
    const since = moves.filter(one => one.at > last.takenAt)
    return [
      {
        name,
        slot: slots[name],
        first: own.at(-1)!.value,
        read: last.value,
        at: last.takenAt,
        now: moved(name, last.value, since),
        expected: before && between.length ? moved(name, before.value, between) : null,
      },
    ]
  })
  const latest = moves.at(-1)?.at
  return { states, moves, isStale: latest !== undefined && states.some(one => one.at < latest) }
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
