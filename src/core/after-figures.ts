import type { OpeningFigures } from './after/figures'
import type { After } from './after-work'
import { leastMoves } from './fit/least-moves'
import type { LogEntry } from './log/log'
import type { OpeningRecords } from './terms'
import { ZERO } from './units/length'
import type { Work } from './work'

/** What an opening has to tell of itself. */
export function openingFigures(work: Work, records: OpeningRecords, { handedOverOn, calls }: After): OpeningFigures {
  const unit = work.order.value.chosen?.unit ?? null
  const survey = records.readings.filter(one => one.occasion === 'survey')
  const { proof } = work.seal.value
  const sum = (of: (one: (typeof proof.edges)[number]) => number) =>
    proof.edges.reduce((total, one) => total + of(one), 0)
  return {
    handedOverOn,
    maker: unit?.maker ?? '',
    article: unit?.article ?? '',
    calls: calls.map(one => ({ symptom: one.symptom, cause: one.found?.what ?? null, on: one.openedAt.slice(0, 10) })),
    readings: survey.length,
    again: survey.length - new Set(survey.map(one => one.slot)).size,
    ...receiptsOf(records),
    moves: movesOf(work),
    steps: stepsTaken(work, records.log),
    draft:
      proof.edges.length > 0
        ? {
            before50: Math.round(sum(one => one.flowBefore50) * 10) / 10,
            after50: Math.round(sum(one => one.flowAfter50) * 10) / 10,
            kwhBefore: Math.round(proof.kwhBefore),
            kwhAfter: Math.round(proof.kwhAfter),
          }
        : null,
  }
}

/** Deliveries of this opening that were not accepted at first, and those that were and turned out wrong. */
function receiptsOf({ receipts, orders, opening }: OpeningRecords): Pick<OpeningFigures, 'caught' | 'missed'> {
  const own = receipts
    .filter(one =>
      orders.some(order => order.id === one.orderId && order.lines[one.line - 1]?.opening.id === opening.id),
    )
    .sort((a, b) => (a.at < b.at ? -1 : 1))
  const isWrong = (one: (typeof own)[number]) => one.state === 'hold' || one.state === 'refused'
  const firstAccepted = own.findIndex(one => !isWrong(one))
  const before = firstAccepted < 0 ? own : own.slice(0, firstAccepted)
  const after = firstAccepted < 0 ? [] : own.slice(firstAccepted)
  return { caught: before.some(isWrong) ? 1 : 0, missed: after.some(isWrong) ? 1 : 0 }
}

function movesOf({ fit, order, terms }: Work): OpeningFigures['moves'] {
  const made = fit.value.hung.reduce((sum, one) => sum + one.margins.moves.length, 0)
  if (made === 0) return null
  const given = {
    points: fit.value.shims?.points ?? [],
    headGap: order.value.chosen?.placement?.headGap ?? ZERO,
    lengths: terms.lengths,
  }
  return { made, least: fit.value.hung.reduce((sum, one) => sum + (leastMoves(one, given) ?? 0), 0) }
}

const MOST_MINUTES = 600

/** Steps that were begun and done on one day, with how long that took. */
function stepsTaken({ fit, seal }: Work, log: readonly LogEntry[]): OpeningFigures['steps'] {
  const planned = new Map([...fit.value.steps, ...seal.value.steps].map(one => [one.id, one.minutes]))
  const entries = log.filter(one => one.kind === 'step').sort((a, b) => (a.at < b.at ? -1 : 1))
  const begun = new Map<string, string>()
  const taken = new Map<string, number>()
  for (const { code, result, at } of entries) {
    if (result === 'started') begun.set(code, at)
    const from = begun.get(code)
    if (result !== 'done' || from === undefined) continue
    const minutes = Math.round((Date.parse(at) - Date.parse(from)) / 60_000)
    if (minutes >= 1 && minutes <= MOST_MINUTES) taken.set(code, minutes)
    begun.delete(code)
  }
  return [...taken].flatMap(([id, minutes]) => {
    const plan = planned.get(id)
    return plan === undefined ? [] : [{ id, planned: plan, taken: minutes }]
  })
}
