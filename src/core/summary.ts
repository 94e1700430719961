import { type CallBack, openCalls } from './after/call-backs'
import type { Deadline } from './after/deadlines'
import type { OpeningFigures } from './after/figures'
import { openingFigures } from './after-figures'
import { type AfterTrade, afterOf } from './after-work'
import type { TradeNumbers } from './base/figure'
import type { Severity } from './base/finding'
import type { Stage } from './base/stages'
import type { OwnLengths, TradeLengthId, TradeLengths } from './base/trade-lengths'
import { drawnOf } from './draw'
import { wholeDoor } from './drawing/elevation'
import { type SmallDoor, smallDoor } from './drawing/small-door'
import type { PlannedStep } from './fit/setting-step'
import type { OpeningPoints } from './opening/opening'
import { openingTasks } from './opening-tasks'
import { type Awaited, awaitedFor } from './order/delivery'
import type { OrderLine } from './order/order'
import { standingOrders } from './order/revision'
import type { WorkTask } from './plan/work-tasks'
import { progressOf } from './progress'
import type { OpeningRecords } from './terms'
import type { Work } from './work'

/** On whom an opening waits. */
export type WaitsOn = 'supplier' | 'claim' | 'customer'

/** What a list says of an opening: where it stands and what is next on it. */
export type Summary = {
  readonly stage: Stage
  readonly worst: Severity
  readonly finished: boolean
  /** Work on the steps still to do at its stage, in minutes. */
  readonly minutes: number
  /** On whom it waits; `null` when the next move is one's own. */
  readonly waitsOn: WaitsOn | null
  /** Since when, ISO 8601; `null` where it waits on nobody. */
  readonly waitsSince: string | null
  /** What is ordered for it and not here yet; `null` where nothing is. */
  readonly awaited: Awaited | null
  /** Call-backs that are not over. */
  readonly calls: readonly CallBack[]
  /** Of its fire label as it is wanted; 0 without. */
  readonly labelMinutes: number
  /** Until when nothing can be done on it, ISO 8601: foam that hardens; `null` where something can. */
  readonly until: string | null
  /** How many readings and answers it has. */
  readonly said: number
  /** What is planned of it. */
  readonly tasks: readonly WorkTask[]
}

/** What its orders ask of an opening: what it would be ordered as now, and by what a delivery is judged. */
export type Ordering = {
  readonly line: OrderLine | null
  /** The hole its chosen unit stands in, where it stands in one and was read. */
  readonly hole: { readonly unit: string; readonly points: OpeningPoints } | null
  readonly lengths: OwnLengths
}

/** What is left of an opening for the years after, and what it has to tell. */
export type AfterSummed = {
  readonly handedOverOn: string | null
  /** What is not over, the earliest first. */
  readonly due: readonly Deadline[]
  readonly figures: OpeningFigures
}

export type Summed = {
  readonly after: AfterSummed
  readonly summary: Summary
  /** The door as it is handed over, small. */
  readonly small: SmallDoor
  readonly ordering: Ordering
  /** From when on it may say something else although nothing was changed, ISO 8601; `null` where nothing of it waits for a moment. */
  readonly freshUntil: string | null
}

/** Sums up the work on an opening at `now`, ISO 8601; `shipped` are the trade's figures as they ship. */
export function sumUp(
  work: Work,
  records: OpeningRecords,
  shipped: { readonly lengths: TradeLengths; readonly numbers: TradeNumbers; readonly after: AfterTrade },
  now: string,
): Summed {
  const progress = progressOf(work, records)
  const { stage, worst, finished } = progress
  const steps = stepsNow(stage, work)
  const on = waitsOn(stage, work, records)
  return {
    summary: {
      stage,
      worst,
      finished,
      minutes: steps.filter(step => step.state !== 'done').reduce((sum, step) => sum + step.minutes, 0),
      waitsOn: on,
      waitsSince: on && waitsSince(on, records),
      awaited: awaitedFor(records.opening.id, records.orders, records.receipts),
      calls: openCalls(records.log),
      labelMinutes: records.wishes.labelMinutes ?? 0,
      until: waitsUntil(steps),
      said: records.readings.length + records.answers.length,
      tasks: openingTasks(work, records, progress, shipped.numbers),
    },
    small: smallDoor(wholeDoor(drawnOf(work, records.wishes))),
    ordering: orderingOf(work, shipped.lengths),
    after: summedAfter(work, records, shipped.after, now),
    freshUntil: freshUntil(work, now),
  }
}

function summedAfter(work: Work, records: OpeningRecords, trade: AfterTrade, now: string): AfterSummed {
  const after = afterOf(work, records, trade, now.slice(0, 10))
  return {
    handedOverOn: after.handedOverOn,
    due: after.due.filter(one => !one.isOver),
    figures: openingFigures(work, records, after),
  }
}

/** The steps an opening is at: of setting it, or of sealing it. */
const stepsNow = (stage: Stage, work: Work): readonly PlannedStep[] =>
  stage === 'fit' ? work.fit.value.steps : stage === 'seal' ? work.seal.value.steps : []

/** While every step that is left waits: until the first of them may begin. */
function waitsUntil(steps: readonly PlannedStep[]): string | null {
  const canBegin = steps.some(one => ['ready', 'doing', 'failed', 'look-again'].includes(one.state))
  return canBegin ? null : (waitingIn(steps)[0] ?? null)
}

const waitingIn = (steps: readonly PlannedStep[]): readonly string[] => steps.flatMap(one => one.until ?? []).sort()

function waitsOn(stage: Stage, { fit }: Work, { order }: OpeningRecords): WaitsOn | null {
  if (stage === 'fit' && fit.value.delivery === 'awaited') return 'supplier'
  if (stage === 'fit' && fit.value.delivery === 'held') return 'claim'
  return stage === 'order' && !order.chosen ? 'customer' : null
}

/** Since when somebody is waited for: since it was ordered, since it was not accepted, since the opening was read. */
function waitsSince(on: WaitsOn, { orders, receipts, readings }: OpeningRecords): string | null {
  const times: Readonly<Record<WaitsOn, readonly string[]>> = {
    supplier: standingOrders(orders).map(one => one.releasedAt),
    claim: receipts.map(one => one.at),
    customer: readings.filter(one => one.occasion === 'survey').map(one => one.takenAt),
  }
  return times[on].reduce<string | null>((last, at) => (last !== null && last > at ? last : at), null)
}

function orderingOf({ order, terms }: Work, shipped: TradeLengths): Ordering {
  const { line, chosen } = order.value
  const ids = Object.keys(terms.lengths) as readonly TradeLengthId[]
  return {
    line,
    hole: chosen?.hole ? { unit: chosen.unit.id, points: chosen.hole } : null,
    lengths: ids
      .filter(
        id => terms.lengths[id] !== shipped[id] && JSON.stringify(terms.lengths[id]) !== JSON.stringify(shipped[id]),
      )
      .map(id => [id, terms.lengths[id]]),
  }
}

/** From when on the work may say something else although nothing was changed, ISO 8601: steps that wait are looked at again when the first of them may begin; a label’s yearly inspection each day. */
export function freshUntil({ fit, seal }: Work, now: string): string | null {
  const midnight = seal.value.fire
    ? [`${new Date(Date.parse(now) + DAY_MS).toISOString().slice(0, 10)}T00:00:00.000Z`]
    : []
  const later = [...waitingIn(fit.value.steps), ...waitingIn(seal.value.steps), ...midnight].filter(at => at > now)
  return later.sort()[0] ?? null
}
const DAY_MS = 86_400_000
