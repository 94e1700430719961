import type { Preparation } from '../catalogue/preparation'
import type { SillSupport } from '../opening/sill-supports'
import type { Length } from '../units/length'
import type { PanPieces } from './fitted'
import type { Pack } from './pack-gap'
import type { ScrewHole, ShimPlan, ShimPoint } from './plan-shims'
import { prepareStep } from './plan-steps'
import type { SettingStep, StepPlace } from './setting-step'

/** What of the plan is due at a step, in the order in which it is done. */
export type Due =
  | {
      readonly kind: 'pack'
      readonly place: string
      readonly gap: Length
      readonly filler: Length
      readonly pack: Pack | null
    }
  | { readonly kind: 'screw'; readonly place: string; readonly length: Length | null; readonly hole: ScrewHole | null }
  | { readonly kind: 'pan'; readonly pan: PanPieces }
  | { readonly kind: 'support'; readonly at: Length; readonly thickness: Length }
  | { readonly kind: 'pad'; readonly thickness: Length }
  | { readonly kind: 'preparation'; readonly preparation: Preparation }

type Planned = {
  readonly shims: ShimPlan | null
  readonly screwOrder: readonly string[]
  readonly firstLeg: 'left' | 'right' | null
  readonly pan: PanPieces | null
  readonly supports: readonly SillSupport[]
  readonly pad: Length
}

/** The points of a frame at which a step is done, in the order in which they are screwed. */
export function pointsAt(
  place: StepPlace,
  { shims, screwOrder, firstLeg }: Pick<Planned, 'shims' | 'screwOrder' | 'firstLeg'>,
): readonly ShimPoint[] {
  const own = (shims?.points ?? []).filter(point => isAt(point, place, firstLeg))
  return [...own].sort((a, b) => screwOrder.indexOf(a.place) - screwOrder.indexOf(b.place))
}

function isAt({ why, member, place: at }: ShimPoint, place: StepPlace, firstLeg: Planned['firstLeg']): boolean {
  switch (place) {
    case 'hinge':
      return why === 'hinge'
    case 'strike':
      return at.startsWith('strike.')
    case 'leg':
      return member !== 'head'
    case 'first-leg':
      return member === firstLeg
    case 'other-leg':
      return member !== 'head' && member !== firstLeg
    case 'head':
      return member === 'head'
    case 'meeting':
    case 'mullion':
      return why === place
    default:
      return false
  }
}

/** What the plan says for a step. */
export function dueAt(step: SettingStep, planned: Planned, preparations: readonly Preparation[]): readonly Due[] {
  switch (step.shows) {
    case 'packs':
      return pointsAt(step.place, planned).map(({ place, gap, filler, pack }) => ({
        kind: 'pack',
        place,
        gap,
        filler,
        pack,
      }))
    case 'screws':
      return pointsAt(step.place, planned).map(({ place, screwLength, hole }) => ({
        kind: 'screw',
        place,
        length: screwLength,
        hole,
      }))
    case 'pan':
      return planned.pan ? [{ kind: 'pan', pan: planned.pan }] : []
    case 'pad':
      return planned.pad > 0 ? [{ kind: 'pad', thickness: planned.pad }] : []
    case 'supports':
      return planned.supports.filter(one => one.thickness > 0).map(one => ({ kind: 'support', ...one }))
    case 'preparation':
      return preparations
        .filter(one => prepareStep(one.id) === step.id)
        .map(preparation => ({ kind: 'preparation', preparation }))
    default:
      return []
  }
}
