import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { type LeafFacts, type LeafMatch, type LeafMember, matchLeaf } from '../specification/match-leaf'
import type { Size } from '../units/call-size'
import { type Length, minus, plus, ZERO } from '../units/length'
import { because, type Judged, NO_SHAPE, notRead, type ShapeCode } from './offer'
import type { Request } from './request'

/** What is cut into a metal leaf, from the top of the leaf down. */
export type CutInSheet = Size & {
  readonly leafThickness: Length
  readonly hingeTops: readonly Length[]
  readonly boreTop: Length
  readonly backset: Length
  readonly labelMinutes: number | null
  readonly hingeHeight: Length
  readonly bore: string | null
}

/** Judges a metal leaf for the frame that stays: every difference is named, and whether all hinges are off alike or one by itself. */
export function judgeLeaf(unit: CutInSheet, request: Request): Judged {
  const existing = request.site.leaf
  if (!existing) return notRead('leaf')
  const candidate: LeafFacts = {
    width: unit.width,
    height: unit.height,
    thickness: unit.leafThickness,
    hinges: unit.hingeTops,
    bore: unit.boreTop,
    backset: unit.backset,
    labelMinutes: unit.labelMinutes ?? 0,
    hingeHeight: unit.hingeHeight,
    boreKind: unit.bore,
  }
  const { lengths } = request
  const match = matchLeaf(existing, candidate, {
    size: lengths['leaf-size'].value,
    exact: lengths['leaf-exact'].value,
    shift: lengths['leaf-shift'].value,
    pitch: lengths['leaf-pitch'].value,
    bore: lengths['leaf-bore'].value,
  })
  const reasons = match.mismatches.map(member => differs(member, existing, candidate, match))
  return {
    ...NO_SHAPE,
    leaf: match,
    verdict: match.matches ? 'fits' : 'dropped',
    reasons: match.matches
      ? [
          because('leaf-matches', 'fine', { shift: { length: match.shift ?? ZERO } }, 'leaf-pitch'),
          ...judgeGaps(existing, candidate, match, request.site.leafGaps, lengths),
        ]
      : reasons,
    work: [],
  }
}

function differs(
  member: LeafMember,
  existing: LeafFacts,
  candidate: LeafFacts,
  { shift, pitchError }: LeafMatch,
): Finding<ShapeCode> {
  if (member === 'hinges')
    return because(
      'leaf-differs',
      'stop',
      {
        member,
        there: existing.hinges.length,
        here: candidate.hinges.length,
        ...(shift === null ? {} : { shift: { length: shift } }),
        ...(pitchError === null ? {} : { pitch: { length: pitchError } }),
      },
      'leaf-pitch',
    )
  if (member === 'labelMinutes')
    return because('leaf-differs', 'stop', { member, there: existing[member], here: candidate[member] }, 'fire-label')
  if (member === 'boreKind')
    return because(
      'leaf-differs',
      'stop',
      { member, there: existing.boreKind ?? '', here: candidate.boreKind ?? '' },
      'leaf-bore',
    )
  return because(
    'leaf-differs',
    'stop',
    { member, there: { length: existing[member]! }, here: { length: candidate[member]! } },
    member === 'bore' ? 'leaf-bore' : member === 'width' || member === 'height' ? 'leaf-size' : 'leaf-exact',
  )
}

/** Hung by its hinges, the new leaf stands higher or lower than the old one: what stays at head and floor. */
function judgeGaps(
  existing: LeafFacts,
  candidate: LeafFacts,
  { shift }: LeafMatch,
  gaps: { readonly head: Length | null; readonly floor: Length | null },
  lengths: TradeLengths,
): readonly Finding<ShapeCode>[] {
  const by = shift ?? ZERO
  const head = gaps.head === null ? null : minus(gaps.head, by)
  const floor = gaps.floor === null ? null : minus(plus(gaps.floor, by), minus(candidate.height, existing.height))
  const least = lengths['leaf-gap-least'].value
  const isTight = (head !== null && head < least) || (floor !== null && floor < least)
  if (!isTight) return []
  return [
    because(
      'leaf-gaps',
      'watch',
      {
        ...(head === null ? {} : { head: { length: head } }),
        ...(floor === null ? {} : { floor: { length: floor } }),
        least: { length: least },
      },
      'leaf-gap-least',
    ),
  ]
}
