import { STAGES } from '../base/stages'
import type { CallTrade } from '../call-trade'
import type { SealPlan } from '../seal/plan-seals'
import { type Work, work } from '../work'
import { gateOf } from './gates'
import { openingInputSchema } from './input'
import { recordsOf, unitsOf } from './records-of'
import { refuse } from './refusal'

/** The whole chain of one opening, worked out from what an input says of it. Lengths of the reply are ticks.
 *  @throws InputError at the path of what can't be taken. */
export function openingWork(input: unknown, trade: CallTrade) {
  const parsed = openingInputSchema.safeParse(input, { reportInput: true })
  if (!parsed.success) return refuse(parsed.error.issues)
  const units = unitsOf(parsed.data, trade)
  const records = recordsOf(parsed.data, units)
  const now = parsed.data.now ?? records.log.at(-1)?.at ?? new Date(0).toISOString()
  const done = work(records, trade.tradeWith(units), new Date(now).toISOString())
  return {
    figures: figuresOf(done),
    findings: findingsOf(done),
    offers: done.order.value.offers.map(({ unit, verdict, cents, reasons }) => ({
      article: unit.article,
      verdict,
      totalCents: cents.total,
      reasons: reasons.map(one => one.code),
    })),
    order: {
      releasable: done.order.value.line !== null,
      blocks: codesOf(done, 'stop'),
      risks: codesOf(done, 'watch'),
    },
    fit: fitOf(done),
    seal: sealOf(done.seal.value.plan),
  }
}

function figuresOf({ specify, order, fit }: Work) {
  const { specification, further } = specify.value
  const { unit, floor, jamb, pad } = specification
  const { chosen } = order.value
  return {
    unitWidth: unit?.width.value ?? null,
    unitHeight: unit?.height.value ?? null,
    roughWidth: unit?.roughWidth.value ?? null,
    roughHeight: unit?.roughHeight.value ?? null,
    pad: pad?.value ?? null,
    floorClearance: floor?.withPad.value ?? null,
    jamb: jamb?.options[jamb.pick]?.jamb ?? null,
    clearWidth: further.clearWidth,
    leafKg: further.mass?.kg ?? null,
    hinges: further.hingePlaces?.tops.length ?? null,
    hingePullN: further.hinges?.pullN ?? null,
    sideRoom: chosen?.placement?.sideRoom ?? null,
    headGap: chosen?.placement?.headGap ?? null,
    chance: fit.value.chance,
    stormPack: chosen?.storm?.pack ?? null,
  }
}

const findingsOf = (done: Work) =>
  STAGES.flatMap(stage =>
    done[stage].findings.map(one => ({
      stage,
      code: one.code,
      severity: one.severity,
      place: one.place,
      facts: one.facts,
      gate: gateOf(one),
    })),
  )

const codesOf = ({ order }: Work, severity: 'stop' | 'watch') =>
  order.findings.flatMap(one => (one.severity === severity ? [one.code] : []))

function fitOf({ fit }: Work) {
  const { shims, steps } = fit.value
  return {
    points: (shims?.points ?? []).map(one => ({
      place: one.place,
      side: one.member,
      height: one.at,
      gap: one.gap,
      filler: one.filler,
      screw: one.screwLength,
    })),
    steps: steps.map(({ id, state, missing, until }) => ({ id, state, missing, until })),
  }
}

function sealOf(plan: SealPlan | null) {
  const edges = plan?.edges ?? []
  return {
    chosen: edges.flatMap(({ edge, chosen }) =>
      chosen.map(({ seal }) => ({ edge: edge.id, seal: seal.id, kind: seal.kind })),
    ),
    refused: edges.flatMap(({ edge, options }) =>
      options
        .filter(one => !one.holds)
        .map(({ seal, reasons }) => ({
          edge: edge.id,
          seal: seal.id,
          kind: seal.kind,
          reasons: reasons.map(one => one.code),
          gate: reasons.map(gateOf).find(gate => gate !== null) ?? null,
        })),
    ),
  }
}
