import type { Further } from '../specification/further'
import { hingeMiddles } from '../specification/hinge-places'
import type { Wishes } from '../specification/wishes'
import type { GapSlot } from '../survey/slots'
import { type HungLeaf, MOST_HINGES, type RevealName } from '../tuning/reveals'
import type { Length } from '../units/length'

/** The set screws of a leaf's hinges: how far one turn moves the leaf, and whether all are to be turned alike. */
export type HingeScrews = { readonly advance: Length; readonly alike: boolean }

/** One leaf as it hangs: which of a pair it is, on which side, how large, where its hinges are, from the top down, above its bottom. */
export type Hanging = {
  readonly id: 'one' | 'left' | 'right'
  readonly hinges: 'left' | 'right'
  readonly leaf: HungLeaf['leaf']
  readonly hingeMiddles: readonly Length[]
  /** Whether it is timber with a label, whose margin has less room. */
  readonly isLabelledTimber: boolean
  /** Whether it meets another leaf in place of a strike leg. */
  readonly meets: boolean
  /** Of the two that meet, the one that is shut first; its margins are even before the other's are looked at. */
  readonly isPassive: boolean
  readonly screws: HingeScrews | null
}

export type HangingGiven = {
  readonly further: Pick<Further, 'leaf' | 'hingePlaces'>
  /** Of what the leaf is; `null` while no unit is chosen. */
  readonly material: string | null
  readonly wishes: Pick<Wishes, 'hinges' | 'labelMinutes'>
  readonly screws: HingeScrews | null
}

/** How the one leaf of an opening hangs; nothing while its side, its size or its hinges are not known, and while no unit is chosen. */
export function oneHanging(given: HangingGiven): readonly Hanging[] {
  const common = commonOf(given)
  const { hinges } = given.wishes
  if (!common || !hinges) return []
  return [{ ...common, id: 'one', hinges, leaf: common.leaf, meets: false, isPassive: false }]
}

/** How two leaves hang that meet, the passive one first. `passive` is its width; the leaf that is known is the active one. */
export function pairHanging(
  given: HangingGiven,
  active: 'left' | 'right' | null,
  passive: Length | null,
): readonly Hanging[] {
  const common = commonOf(given)
  if (!common || !active || passive === null) return []
  const other = active === 'left' ? 'right' : 'left'
  const leaf = { width: passive, height: common.leaf.height }
  return [
    { ...common, id: other, hinges: other, leaf, meets: true, isPassive: true },
    { ...common, id: active, hinges: active, meets: true, isPassive: false },
  ]
}

function commonOf({ further: { leaf, hingePlaces }, material, wishes, screws }: HangingGiven) {
  if (!leaf || !hingePlaces || material === null) return null
  return {
    leaf: { width: leaf.width.value, height: leaf.height.value },
    hingeMiddles: hingeMiddles(hingePlaces, leaf.height.value),
    isLabelledTimber: material === 'timber' && (wishes.labelMinutes ?? 0) > 0,
    screws,
  }
}

/** Two to five hinges; `null` for one, and for more than are ever hung on. */
export function hingesOf(middles: readonly Length[]): HungLeaf['hinges'] | null {
  if (middles.length < 2 || middles.length > MOST_HINGES) return null
  const [top, ...rest] = [...middles].sort((a, b) => b - a)
  return { top: top!, inner: rest.slice(0, -1), bottom: rest.at(-1)! }
}

/** The leaf as its margins move with it; `null` on one hinge, or on more than are tuned. */
export function hungLeafOf({ leaf, hingeMiddles: middles }: Hanging): HungLeaf | null {
  const hinges = hingesOf(middles)
  return hinges && { leaf, hinges }
}

/** Which gap each margin of a leaf is read as; of a passive leaf not the meeting edge, which is the active leaf's strike side. */
export function marginSlots({
  hinges,
  meets,
  isPassive,
}: Pick<Hanging, 'hinges' | 'meets' | 'isPassive'>): Readonly<Partial<Record<RevealName, GapSlot>>> {
  const strike = hinges === 'left' ? 'right' : 'left'
  const end = meets ? (`meeting-${hinges}` as const) : strike
  const own = {
    'hinge.top': `gap.${hinges}.top`,
    'hinge.middle': `gap.${hinges}.middle`,
    'hinge.bottom': `gap.${hinges}.bottom`,
    'head.hinge': `gap.head.${hinges}`,
    'head.strike': `gap.head.${end}`,
    'sill.hinge': `gap.bottom.${hinges}`,
    'sill.strike': `gap.bottom.${end}`,
  } as const
  if (isPassive) return own
  const side = meets ? 'meeting' : strike
  return {
    ...own,
    'strike.top': `gap.${side}.top`,
    'strike.middle': `gap.${side}.middle`,
    'strike.bottom': `gap.${side}.bottom`,
  }
}
