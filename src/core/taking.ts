import { doorOfUnit } from './doors/doors'
import type { StepTool } from './fit/setting-step'
import { hasEnded } from './fit/step-verdict'
import { standingEntries } from './log/standing'
import { leftSide, type OpeningPoints, rightSide } from './opening/opening'
import { type Taking, takeOff } from './plan/take-off'
import type { Stop } from './plan/van-load'
import type { ToCut } from './seal/cut-list'
import { cutIn } from './seal/sealed'
import { type MouldSheet, trimOutside } from './specification/trim-outside'
import type { OpeningRecords, Trade } from './terms'
import type { Size } from './units/call-size'
import { inches, type Length, largestOf, minus, roundUp, smallestOf } from './units/length'
import type { Work } from './work'

/** All that the steps of an opening take, with what of it is done. A step that was left out takes nothing; a door that was set by its maker's sheet
 *  takes nothing any more. */
export function takingsOf(
  work: Work,
  { log, wishes: { visit } }: Pick<OpeningRecords, 'log' | 'wishes'>,
  trade: Pick<Trade, 'numbers'>,
): readonly Taking[] {
  const { fit, seal, order, door, terms } = work
  const { chosen } = order.value
  const entries = standingEntries('step', log)
  const isLeftOut = (id: string) => entries.get(id)?.result === 'waived'
  const frame = chosen && doorOfUnit(chosen.unit).frame(chosen.unit as never)
  const setting = fit.value.setBySheet ? [] : fit.value.steps
  return takeOff({
    steps: [...setting, ...seal.value.steps].filter(one => !isLeftOut(one.id)),
    doneAt: id => {
      const entry = entries.get(id)
      return entry && hasEnded(entry) ? entry.at : null
    },
    planned: fit.value,
    preparations: chosen?.preparations ?? [],
    unit: chosen?.unit ?? null,
    mouldWidth: chosen ? trimOutside(chosen.unit as Size & MouldSheet, terms.lengths).width : null,
    room: chosen?.hole ? roomOf(chosen.hole) : null,
    jamb: frame?.jamb ?? terms.lengths['jamb-usual'].value,
    fastener: door.fit.fastener,
    keepsCasing: visit.stays?.includes('inside-casing') ?? false,
    lengths: terms.lengths,
    numbers: trade.numbers,
  })
}

/** What is cut is cut to the next sixteenth. */
const cutTo = (length: Length): Length => roundUp(length, inches(0, 1, 16))

/** A rough opening as large as it is anywhere: what is cut for it is long enough. */
const roomOf = (hole: OpeningPoints): Size => ({
  width: cutTo(minus(largestOf(rightSide(hole).map(one => one.x)), smallestOf(leftSide(hole).map(one => one.x)))),
  height: cutTo(minus(largestOf([hole.L2.y, hole.T.y, hole.R2.y]), smallestOf([hole.L0.y, hole.S.y, hole.R0.y]))),
})

/** What is taken in hand for the steps that are not done: of setting, and of sealing; of `only` some of them. */
export const toolsOf = (
  { fit, seal }: Pick<Work, 'fit' | 'seal'>,
  only: ReadonlySet<string> | null = null,
): readonly StepTool[] => [
  ...new Set(
    [...fit.value.steps, ...seal.value.steps]
      .filter(one => one.state !== 'done' && (only?.has(one.id) ?? true))
      .flatMap(one => one.tools),
  ),
]

/** What is to be cut for an opening; what is only expected is not cut yet. */
export function toCutOf(work: Work, { opening, log }: Pick<OpeningRecords, 'opening' | 'log'>): ToCut {
  const { plan, fitted } = work.seal.value
  const isRead = plan?.edges.some(one => one.expected === null) ?? false
  return { id: opening.id, tag: opening.tag, plan: isRead ? plan : null, fitted, cut: cutIn(log) }
}

/** An opening as a stop of a day: what it takes, and what is to be cut for it. */
export const stopOf = (work: Work, records: OpeningRecords, trade: Pick<Trade, 'numbers'>): Stop => ({
  ...toCutOf(work, records),
  name: records.opening.name,
  takings: takingsOf(work, records, trade),
})
