import { type Cure, cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { judgeLimit, type LimitVerdict } from '../base/judge-limit'
import type { SchoolAnswer } from '../base/schools'
import type { TradeLength, TradeLengths } from '../base/trade-lengths'
import { leansThrough, twistByStrings, twistRead } from '../opening/observe-survey'
import type { AdjustedOpening, PointName } from '../opening/opening'
import { waySlot } from '../survey/slots'
import { readValue, type Survey } from '../survey/survey'
import { type Length, largestOf, magnitude, minus, nearestTick, smallestOf, ticks } from '../units/length'
import { rackFromDiagonals } from './rack'
import { type TwistedLegs, twistLegs } from './twist-legs'

export type DiagnosisCode =
  | 'square'
  | 'level'
  | 'head-level'
  | 'crown'
  | 'hollow'
  | 'lean'
  | 'bow'
  | 'twist'
  | 'twist-two-ways'
  | 'wall-spread'
  | 'subfloor-rotten'
  | 'subfloor-not-seen'

/** What is wrong with the opening itself, each check beside its limit. Nothing here knows the unit yet. */
export function diagnose(
  survey: Survey,
  opening: AdjustedOpening,
  subfloor: 'sound' | 'rotten' | 'not-seen',
  lengths: TradeLengths,
  twistBy: SchoolAnswer<'twist'> = 'plumb',
): readonly Finding<DiagnosisCode>[] {
  return [
    checkSquare(survey, opening, lengths),
    checkLevel(opening, lengths),
    ...checkHead(opening, lengths),
    checkCrown(opening, lengths),
    checkLean(opening, 'left', lengths),
    checkLean(opening, 'right', lengths),
    checkBow(opening, 'left', lengths),
    checkBow(opening, 'right', lengths),
    ...checkTwist(survey, opening, lengths, twistBy),
    ...checkWall(survey, lengths),
    ...checkSubfloor(subfloor),
  ]
}

function finding(
  code: DiagnosisCode,
  place: string,
  verdict: LimitVerdict,
  facts: Finding['facts'],
  cures: readonly Cure[],
): Finding<DiagnosisCode> {
  const all = { ...facts, limit: { length: verdict.limit }, certain: verdict.certain ? 'yes' : 'no' }
  return {
    code,
    place,
    severity: verdict.severity,
    facts: all,
    rule: verdict.rule,
    cures: verdict.severity === 'fine' ? [] : cures,
  }
}

const spread = (opening: AdjustedOpening, axis: 'x' | 'y', ...names: PointName[]): number =>
  Math.hypot(...names.map(name => opening.deviations[name][axis]))

function checkSquare(survey: Survey, opening: AdjustedOpening, lengths: TradeLengths): Finding<DiagnosisCode> {
  const { L0, L2, R0, R2 } = opening.points
  const rising = nearestTick(Math.hypot(R2.x - L0.x, R2.y - L0.y))
  const falling = nearestTick(Math.hypot(R0.x - L2.x, R0.y - L2.y))
  const difference = magnitude(minus(rising, falling))
  const rack = rackFromDiagonals(ticks(Math.max(1, R0.x - L0.x)), rising, falling)
  const deviation = spread(opening, 'x', 'L2', 'R2') * Math.SQRT1_2
  const verdict = judgeLimit(difference, deviation, lengths['square-fine'], lengths['square-correct'])
  const facts = {
    difference: { length: difference },
    rack: { length: magnitude(rack) },
    towards: rack > 0 ? 'right' : 'left',
    ...readApart(survey, difference),
  }
  return finding('square', 'diagonals', verdict, facts, [cure('square.measure-both'), cure('square.set-by-level')])
}

/** What the tape itself said of the diagonals, where the other readings pull the opening off it. */
function readApart(survey: Survey, difference: Length): Finding['facts'] {
  const [right, left] = (['risingRight', 'risingLeft'] as const).map(name =>
    readValue(survey, waySlot(survey.way, `diagonals.${name}`)),
  )
  if (right == null || left == null) return {}
  const read = magnitude(minus(right, left))
  return read === difference ? {} : { read: { length: read } }
}

function checkLevel(opening: AdjustedOpening, lengths: TradeLengths): Finding<DiagnosisCode> {
  const fall = minus(opening.points.R0.y, opening.points.L0.y)
  const verdict = judgeLimit(Math.abs(fall), opening.deviations.R0.y, lengths['sill-fine'], lengths['sill-correct'])
  const facts = { fall: { length: magnitude(fall) }, low: fall > 0 ? 'left' : 'right' }
  return finding('level', 'fall.sill', verdict, facts, [cure('level.raise-low-end', magnitude(fall))])
}

/** The unit's head stands level under whatever is over it: the gap there tapers by what the opening's head falls. */
function checkHead(opening: AdjustedOpening, lengths: TradeLengths): readonly Finding<DiagnosisCode>[] {
  const fall = minus(opening.points.R2.y, opening.points.L2.y)
  const verdict = judgeLimit(Math.abs(fall), spread(opening, 'y', 'L2', 'R2'), lengths['head-level'])
  if (verdict.severity === 'fine') return []
  const facts = { fall: { length: magnitude(fall) }, low: fall > 0 ? 'left' : 'right' }
  return [finding('head-level', 'fall.head', verdict, facts, [cure('head.taper', magnitude(fall))])]
}

function checkCrown(opening: AdjustedOpening, lengths: TradeLengths): Finding<DiagnosisCode> {
  const { S, L0, R0 } = opening.points
  const crown = nearestTick(S.y - (L0.y + R0.y) / 2)
  const deviation = opening.deviations.S.y
  const facts = { crown: { length: magnitude(crown) } }
  if (crown <= 0) {
    const every = { every: { length: lengths['support-every'].value } }
    const verdict = judgeLimit(-crown, deviation, lengths['hollow-fine'])
    return finding('hollow', 'crown.sill', verdict, { ...facts, ...every }, [cure('hollow.support', magnitude(crown))])
  }
  const none: TradeLength = { ...lengths['crown-correct'], value: lengths['deviation-straightedge'].value }
  return finding('crown', 'crown.sill', judgeLimit(crown, deviation, none, lengths['crown-correct']), facts, [
    cure('crown.grind', magnitude(crown)),
  ])
}

/** A lean is judged by what the usual room at the sides can take up: half of what is over the least gaps. */
function checkLean(opening: AdjustedOpening, side: 'left' | 'right', lengths: TradeLengths): Finding<DiagnosisCode> {
  const [foot, top] = side === 'left' ? (['L0', 'L2'] as const) : (['R0', 'R2'] as const)
  const lean = minus(opening.points[top].x, opening.points[foot].x)
  const verdict = judgeLimit(
    Math.abs(lean),
    spread(opening, 'x', foot, top),
    absorbed(lengths, 2),
    absorbed(lengths, 1),
  )
  const facts = { lean: { length: magnitude(lean) }, towards: lean > 0 ? 'right' : 'left', side }
  return finding('lean', `lean.${side}`, verdict, facts, [
    cure('lean.more-room', magnitude(lean)),
    cure('lean.move-foot', magnitude(lean)),
  ])
}

function checkBow(opening: AdjustedOpening, side: 'left' | 'right', lengths: TradeLengths): Finding<DiagnosisCode> {
  const [foot, mid, top] = side === 'left' ? (['L0', 'L1', 'L2'] as const) : (['R0', 'R1', 'R2'] as const)
  const bow = nearestTick(opening.points[mid].x - (opening.points[foot].x + opening.points[top].x) / 2)
  const inward = side === 'left' ? bow > 0 : bow < 0
  const verdict = judgeLimit(Math.abs(bow), opening.deviations[mid].x, lengths['bow-fine'], absorbed(lengths, 1))
  const facts = { bow: { length: magnitude(bow) }, side, direction: inward ? 'in' : 'out' }
  return finding('bow', `bow.${side}`, verdict, facts, [
    cure(inward ? 'bow.plane' : 'bow.pack', magnitude(bow), minus(opening.points[mid].y, opening.points[foot].y)),
  ])
}

/** The room beyond the least gaps, shared out: what a crooked side may use up. */
function absorbed(lengths: TradeLengths, share: number): TradeLength {
  const spare = lengths['room-width'].value - 2 * lengths['gap-least'].value
  return { ...lengths['room-width'], value: nearestTick(Math.max(0, spare) / share) }
}

function checkTwist(
  survey: Survey,
  { points }: AdjustedOpening,
  lengths: TradeLengths,
  by: SchoolAnswer<'twist'>,
): readonly Finding<DiagnosisCode>[] {
  const [fine, split] = [lengths['twist-fine'], lengths['twist-correct']]
  const leans = leansThrough(survey, nearestTick(Math.max(points.L2.y, points.R2.y)))
  const legs = leans && twistLegs(leans.left, leans.right, { fine: fine.value, split: split.value })
  const strings = twistByStrings(survey)
  const twist = twistRead(survey, points)
  if (twist === null) return []
  const verdict = judgeLimit(twist, lengths['deviation-level'].value, fine, split)
  // Split, both legs are parallel and off by as much: which of them the wall leaves makes no difference.
  const facts = { twist: { length: twist }, ...sharesOf(by === 'split' ? null : legs, twist), practice: by }
  const found = finding('twist', 'through.left', verdict, facts, [
    verdict.severity === 'correct'
      ? cure('twist.move-wall', twist)
      : cure(by === 'split' ? 'twist.parallel' : 'twist.split', nearestTick(twist / 2)),
  ])
  return [found, ...(legs && strings !== null ? twoWays(minus(leans.right, leans.left), strings, fine) : [])]
}

/** How far the wall's face leaves each plumb leg at the head; by strings alone only half of the twist for each is known. */
function sharesOf(legs: TwistedLegs | null, twist: Length): Finding['facts'] {
  if (!legs) return { each: { length: nearestTick(twist / 2) } }
  const { left, right } = legs.proud
  return {
    each: { length: nearestTick(twist / 2) },
    left: { length: magnitude(left) },
    leftFace: left < 0 ? 'in' : 'out',
    right: { length: magnitude(right) },
    rightFace: right < 0 ? 'in' : 'out',
  }
}

/** Level and strings say the same of one wall, which side leans out farther too, or one of them was read wrong. */
function twoWays(level: Length, strings: Length, limit: TradeLength): readonly Finding<DiagnosisCode>[] {
  if (magnitude(minus(level, strings)) <= limit.value) return []
  const facts = {
    level: { length: magnitude(level) },
    strings: { length: magnitude(strings) },
    limit: { length: limit.value },
    ...(level < 0 === strings < 0 ? {} : { towards: level < 0 ? 'left' : 'right' }),
  }
  return [
    {
      code: 'twist-two-ways',
      place: 'strings.gap',
      severity: 'watch',
      facts,
      rule: limit.id,
      cures: [cure('reading.take-again')],
    },
  ]
}

function checkWall(survey: Survey, lengths: TradeLengths): readonly Finding<DiagnosisCode>[] {
  const read = (['wall.left', 'wall.head', 'wall.right'] as const).flatMap(slot => readValue(survey, slot) ?? [])
  if (read.length < 2) return []
  const difference: Length = minus(largestOf(read), smallestOf(read))
  const verdict = judgeLimit(difference, lengths['deviation-tape'].value, lengths['wall-fine'])
  const facts = {
    spread: { length: difference },
    thickest: { length: largestOf(read) },
    thinnest: { length: smallestOf(read) },
  }
  return [finding('wall-spread', 'wall.left', verdict, facts, [cure('wall.plane-or-shim', difference)])]
}

function checkSubfloor(subfloor: 'sound' | 'rotten' | 'not-seen'): readonly Finding<DiagnosisCode>[] {
  if (subfloor === 'sound') return []
  const rotten = subfloor === 'rotten'
  return [
    {
      code: rotten ? 'subfloor-rotten' : 'subfloor-not-seen',
      place: 'crown.sill',
      severity: rotten ? 'stop' : 'watch',
      facts: {},
      rule: 'subfloor',
      cures: rotten ? [cure('subfloor.replace')] : [cure('subfloor.look')],
    },
  ]
}
