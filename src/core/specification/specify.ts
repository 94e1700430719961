import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { SchoolAnswer } from '../base/schools'
import { allowanceLeaf, type Leaf, type Step, step, type Trace } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import { apartBy } from '../opening/model-opening'
import { readingLeaf, readValue, type Survey, sizesRead, waysRead } from '../survey/survey'
import { isUnitWay, startsAtTheFloor, UNIT_WAYS, type UnitWay, type Way } from '../survey/ways'
import { type Length, magnitude, minus, plus, ZERO } from '../units/length'
import { chooseJamb, type JambOption, jambRules } from './choose-jamb'
import { type DerivedUnit, deriveUnit, onPad } from './derive-unit'
import { type ContradictionCode, findContradictions } from './find-contradictions'
import { floorRead } from './floor-read'
import { floorTarget, labelWanted } from './floor-target'
import { type HandingCodes, handingCodes } from './handing'
import { judgeHand, judgeStep, judgeUse, type WishCode } from './judge-wishes'
import type { SpecifyOf } from './specify-of'
import { judgeTrimRead, type TrimCode } from './trim-outside'
import { thickestWall } from './wall-rules'
import type { Wishes } from './wishes'

export type SpecificationCode =
  | 'ways-disagree'
  | 'ways-agree'
  | 'floor-too-close'
  | 'floor-pad'
  | 'floor-lower'
  | 'jamb-shy'
  | 'jamb-solid'
  | 'flush-face'
  | ContradictionCode
  | TrimCode
  | WishCode

export type JambChoice = { readonly wanted: Step; readonly options: readonly JambOption[]; readonly pick: number }

/** How the leaf clears the floor it swings over: without packing, the packing it needs, and with it. */
export type FloorClearance = { readonly bare: Step; readonly pad: Step; readonly withPad: Step }

/** What the opening and the wishes ask for. */
export type Specification = {
  /** What the readings lead to by themselves: what the old frame was, or the hole less its room. */
  readonly frame: DerivedUnit | null
  /** The unit to order: that, less the packing its leaf needs over the floor. */
  readonly unit: DerivedUnit | null
  readonly jamb: JambChoice | null
  readonly floor: FloorClearance | null
  /** The covering still to come that its legs stand over on packs. */
  readonly covering: Leaf | null
  /** What stands under the derived unit: under its sill, or under its legs. */
  readonly pad: Trace | null
  readonly handing: HandingCodes | null
  readonly findings: readonly Finding<SpecificationCode>[]
}

export type SpecifyInput = {
  readonly survey: Survey
  readonly way: Way
  readonly wishes: Wishes
  readonly lengths: TradeLengths
  readonly of: SpecifyOf
  readonly jambStandards: readonly Length[]
  /** A door between garage and house shows so many minutes, unless it is of solid wood or steel. */
  readonly garageMinutes: number
  /** What was wished to hold a frame by. */
  readonly anchors: string | undefined
  /** The leaf's bottom above the sub-sill from the chosen unit's sheet; the usual figure until one is chosen. */
  readonly leafBottom: Leaf | null
  /** Whether a height starts at the finished floor, so that the old sill's drop below it counts. */
  readonly countsDrop: boolean
  /** Which face the jamb is set flush with; `ask` while nobody said. */
  readonly flushFace: SchoolAnswer<'flush-face'>
}

/** Derives what to order from the readings that stand and the customer's wishes. */
export function specify(input: SpecifyInput): Specification {
  const { survey, way, wishes, lengths, of, countsDrop } = input
  const jamb = of.hasJamb ? specifyJamb(survey, lengths, input.jambStandards) : null
  const floor = of.floor === 'swings-over' && wishes.swing === 'in' ? specifyFloor(input) : null
  const covering = of.floor === 'stands-on' ? readingLeaf(survey, 'floor.covering') : null
  const pad = floor?.pad ?? covering
  const handing = wishes.hinges && wishes.swing ? handingCodes(wishes.hinges, wishes.swing) : null
  const frame = of.derivesUnit ? unitBy(survey, way, lengths, countsDrop) : null
  return {
    frame,
    unit: frame && pad ? onPad(frame, pad, lengths) : frame,
    jamb,
    floor,
    covering,
    pad,
    handing,
    findings: [
      ...(of.derivesUnit ? compareWays(survey, lengths, countsDrop) : []),
      ...judgeFloor(floor, lengths),
      ...judgeFloorRead(of, survey),
      ...judgeTrimRead(survey, frame?.width.value ?? null),
      ...judgeHand(handing, wishes, of.settles),
      ...judgeJamb(jamb),
      ...judgeFlush(jamb, survey, input.flushFace),
      ...judgeStep(survey, wishes, lengths),
      ...judgeUse(wishes, lengths, input.garageMinutes),
      ...findContradictions(survey, wishes, lengths, input.garageMinutes, input.anchors),
    ],
  }
}

/** The unit by the readings of one way; `null` until it has a width and a height. */
export function unitBy(survey: Survey, way: Way, lengths: TradeLengths, countsDrop = true): DerivedUnit | null {
  const [widths, heights] = [sizesRead(survey, way, 'widths'), sizesRead(survey, way, 'heights')]
  if (!isUnitWay(way) || widths.length === 0 || heights.length === 0) return null
  return deriveUnit({ way, widths, heights, drop: countsDrop ? readingLeaf(survey, 'floor.drop') : null }, lengths)
}

/** Two ways that were both read must lead to the same unit within the limit; otherwise one of them holds a slip. */
function compareWays(
  survey: Survey,
  lengths: TradeLengths,
  countsDrop: boolean,
): readonly Finding<SpecificationCode>[] {
  const [first, ...others] = waysRead(survey, UNIT_WAYS).filter(isUnitWay)
  const limit = lengths['agree-ways']
  if (!first) return []
  const one = unitBy(survey, first, lengths, countsDrop)!
  return others.map((way): Finding<SpecificationCode> => {
    const other = unitBy(survey, way, lengths, countsDrop)!
    const width = apartBy(one.width.value, other.width.value)
    const height = apartBy(one.height.value, other.height.value)
    const agree = width <= limit.value && height <= limit.value
    const facts = {
      first,
      second: way,
      width: { length: width },
      height: { length: height },
      limit: { length: limit.value },
      ...(agree || width > limit.value
        ? {}
        : explainingDrop(survey, { way: first, unit: one }, { way, unit: other }, lengths)),
    }
    return {
      code: agree ? 'ways-agree' : 'ways-disagree',
      place: `${way}/${width > limit.value ? 'widths' : 'heights'}.${width > limit.value ? 'bottom' : 'left'}`,
      severity: agree ? 'fine' : 'correct',
      facts,
      rule: limit.id,
      cures: agree ? [] : [cure('ways.take-again')],
    }
  })
}

type ByWay = { readonly way: UnitWay; readonly unit: DerivedUnit }

/** Where one height was taken from the finished floor and the other from the sill, the drop of the old sill that would
 *  explain their difference; nothing when no drop could. */
function explainingDrop(survey: Survey, a: ByWay, b: ByWay, lengths: TradeLengths): Finding['facts'] {
  const [inside, outside] = startsAtTheFloor(a.way) ? [a, b] : [b, a]
  if (!startsAtTheFloor(inside.way) || startsAtTheFloor(outside.way)) return {}
  const usual = lengths[inside.way === 'pocket' ? 'drop-pocket' : 'drop-mark'].value
  const used = readingLeaf(survey, 'floor.drop')?.value ?? usual
  const drop = plus(used, minus(outside.unit.height.value, inside.unit.height.value))
  return drop >= 0 && drop !== used ? { drop: { length: drop } } : {}
}

function specifyJamb(survey: Survey, lengths: TradeLengths, standards: readonly Length[]): JambChoice | null {
  const thickest = thickestWall(survey)
  if (!thickest) return null
  const wanted = step('jamb.wanted', 'sum', [thickest, allowanceLeaf(lengths['wall-spare'])])
  return { wanted, ...chooseJamb(wanted.value, jambRules(standards, lengths)) }
}

function judgeJamb(jamb: JambChoice | null): readonly Finding<SpecificationCode>[] {
  const picked = jamb?.options[jamb.pick]
  if (!picked) return []
  const facts = { jamb: { length: picked.jamb }, by: { length: picked.difference } }
  if (picked.kind === 'standard' && picked.difference < 0) {
    return [
      {
        code: 'jamb-shy',
        place: 'wall.left',
        severity: 'watch',
        facts,
        rule: 'jamb',
        cures: [cure('jamb.back-bevel')],
      },
    ]
  }
  if (picked.kind === 'solid')
    return [
      {
        code: 'jamb-solid',
        place: 'wall.left',
        severity: 'watch',
        facts,
        rule: 'jamb-extension',
        cures: [cure('jamb.order-solid')],
      },
    ]
  return []
}

/** What the face across the wall does when the jamb is set flush with the chosen one: the whole difference stands there. The plane of
 *  siding or kept casing lies outside the sheathing by what was read of it; unread, no figure is said. */
function judgeFlush(
  jamb: JambChoice | null,
  survey: Survey,
  face: SchoolAnswer<'flush-face'>,
): readonly Finding<SpecificationCode>[] {
  const picked = jamb?.options[jamb.pick]
  const wall = jamb?.wanted.from[0]?.value
  if (!picked || wall === undefined || face === 'ask') return []
  const extension = picked.kind === 'extension' ? picked.difference : ZERO
  const outside = face === 'siding' || face === 'casing' ? readValue(survey, 'siding.plane') : ZERO
  const other = face === 'inside' ? 'sheathing' : 'inside'
  if (outside === null) {
    const facts = { face, other, stands: 'unread' }
    return [
      {
        code: 'flush-face',
        place: 'siding.plane',
        severity: 'watch',
        facts,
        rule: 'jamb',
        cures: [cure('reading.take-later')],
      },
    ]
  }
  const by = minus(plus(picked.jamb, extension), plus(wall, outside))
  const facts = { face, other, by: { length: magnitude(by) }, stands: by < 0 ? 'shy' : by > 0 ? 'proud' : 'flush' }
  return [{ code: 'flush-face', place: 'wall.left', severity: 'fine', facts, rule: 'jamb', cures: [] }]
}

const NOTHING: Leaf = { kind: 'allowance', name: 'nothing', value: ZERO, origin: 'a pad is never negative' }

function specifyFloor({ survey, wishes, lengths, leafBottom }: SpecifyInput): FloorClearance | null {
  const floor = floorRead(survey)
  if (!floor) return null
  const bare = step('floor.clearance', 'difference', [leafBottom ?? allowanceLeaf(lengths['leaf-bottom']), floor.over])
  const target = floorTarget(labelWanted(survey, wishes), lengths)
  const short = step('floor.short', 'difference', [allowanceLeaf(target), bare])
  const pad = step('floor.pad', 'largest', [NOTHING, short])
  return { bare, pad, withPad: step('floor.with-pad', 'sum', [bare, pad]) }
}

/** The highest floor in the swing can't lie lower than the floor where the swing begins. */
function judgeFloorRead({ floor }: SpecifyOf, survey: Survey): readonly Finding<SpecificationCode>[] {
  const [finished, highest] = [readValue(survey, 'floor.finished'), readValue(survey, 'floor.highest')]
  if (floor !== 'swings-over' || finished === null || highest === null || highest >= finished) return []
  const facts = { floor: { length: highest }, finished: { length: finished } }
  return [
    {
      code: 'floor-lower',
      place: 'floor.highest',
      severity: 'correct',
      facts,
      rule: 'floor-target',
      cures: [cure('reading.take-again')],
    },
  ]
}

function judgeFloor(floor: FloorClearance | null, lengths: TradeLengths): readonly Finding<SpecificationCode>[] {
  if (!floor || floor.pad.value === 0) return []
  const below = floor.bare.value < lengths['floor-least'].value
  return [
    {
      code: below ? 'floor-too-close' : 'floor-pad',
      place: 'floor.highest',
      severity: below ? 'correct' : 'watch',
      facts: {
        clearance: { length: floor.bare.value },
        pad: { length: floor.pad.value },
        least: { length: lengths['floor-least'].value },
      },
      rule: below ? 'floor-least' : 'floor-target',
      cures: [cure('floor.pad', floor.pad.value), cure('floor.shorter-leaf', floor.pad.value)],
    },
  ]
}
