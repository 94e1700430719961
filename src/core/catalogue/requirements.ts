import type { Finding, RuleId } from '../base/finding'
import type { Material } from '../specification/wish-values'
import { type Length, magnitude, minus, plus } from '../units/length'
import { because, type HardCode } from './offer'
import type { Request } from './request'

/** Something a unit can miss whatever its size, judged by as much of its sheet as it looks at. */
export type Requirement<Sheet> = (unit: Sheet, request: Request) => readonly Finding<HardCode>[]

const fail = (code: HardCode, facts: Finding['facts'], rule: RuleId): readonly Finding<HardCode>[] => [
  because(code, 'stop', facts, rule),
]
const NONE: readonly Finding<HardCode>[] = []

/** All requirements of a kind, in their order. */
export const all =
  <Sheet>(...requirements: readonly Requirement<Sheet>[]): Requirement<Sheet> =>
  (unit, request) =>
    requirements.flatMap(one => one(unit, request))

type Sided = { readonly hinges: 'left' | 'right' | 'both' | null }
/** It is made with its hinges where they are wanted; a sheet that does not say it is asked, not refused. */
export const hingeSide: Requirement<Sided> = ({ hinges }, { wishes }) =>
  wishes.hinges && hinges && hinges !== 'both' && hinges !== wishes.hinges
    ? fail('hand-not-made', { made: hinges, wanted: wishes.hinges }, 'wish')
    : NONE

export const hingeSideOrReversed: Requirement<Sided & { readonly reversible: boolean | null }> = (unit, request) =>
  unit.reversible ? NONE : hingeSide(unit, request)

export const swingWay: Requirement<{ readonly swing: 'in' | 'out' | 'both' | null }> = ({ swing }, { wishes }) =>
  wishes.swing && swing && swing !== 'both' && swing !== wishes.swing
    ? fail('swing-not-made', { made: swing, wanted: wishes.swing }, 'wish')
    : NONE

type Labelled = {
  readonly labelMinutes: number | null
  readonly material: Material
  readonly leafThickness?: Length | null
  readonly details: { readonly core?: string }
}
/** Its label shows what the old one did or what was asked; between garage and house a solid leaf of wood or steel does without. A sheet
 *  that says nothing of a label shows none. */
export const fireLabel: Requirement<Labelled> = (unit, request) => {
  const { wishes, garageMinutes, site } = request
  const label = unit.labelMinutes ?? 0
  if (wishes.use === 'garage-to-house' && label < garageMinutes && !isSolid(unit, request))
    return fail('label-too-low', { label, wanted: garageMinutes }, 'garage')
  return label < site.labelMinutes ? fail('label-too-low', { label, wanted: site.labelMinutes }, 'fire-label') : NONE
}

/** Solid wood or steel of the thickness the rule asks for. */
function isSolid({ material, leafThickness, details }: Labelled, { wishes, lengths }: Request): boolean {
  const thickness = leafThickness ?? lengths['leaf-thickness'].value
  if (thickness < lengths['solid-least'].value) return false
  if (material === 'steel') return true
  const isBuiltSolid = /^(solid|fire)-/.test(wishes.construction ?? '') || /solid/i.test(details.core ?? '')
  return material === 'timber' && isBuiltSolid
}

export const madeOf: Requirement<{ readonly material: Material }> = ({ material }, { wishes }) =>
  wishes.material && material !== wishes.material
    ? fail('material-other', { made: material, wanted: wishes.material }, 'wish')
    : NONE

export const boredAs: Requirement<{ readonly bore: string | null }> = ({ bore }, { wishes }) =>
  wishes.bore && bore && bore !== wishes.bore ? fail('bore-other', { made: bore, wanted: wishes.bore }, 'wish') : NONE

/** Safety glass near the floor or a door, impact glass in a wind zone, some glass where more light is why. A sheet silent on its glass is asked. */
export const glassAs: Requirement<{ readonly glass: string | null }> = ({ glass }, { wishes }) => [
  ...(wishes.settings.includes('glass-near') && glass === 'plain' ? fail('glass-not-safe', {}, 'glass-near') : NONE),
  ...(wishes.settings.includes('wind-zone') && glass !== null && glass !== 'none' && glass !== 'impact'
    ? fail('glass-not-impact', { made: glass }, 'wind-zone')
    : NONE),
  ...(wishes.visit.reasons.includes('light') && glass === 'none' ? fail('no-glass-for-light', {}, 'wish') : NONE),
]

export const opensFromInside: Requirement<{ readonly keyInside: boolean | null }> = ({ keyInside }, { wishes }) =>
  wishes.settings.includes('escape') && keyInside ? fail('key-inside', {}, 'escape') : NONE

export const goesRoundWall: Requirement<{ readonly frameForm: string }> = ({ frameForm }, { site }) =>
  frameForm === 'welded' && site.isWallFinished ? fail('welded-for-finished-wall', {}, 'wrap') : NONE

export const movesPanel: Requirement<{ readonly panels: 'OX' | 'XO' | 'both' }> = ({ panels }, { site }) =>
  site.panels && panels !== 'both' && panels !== site.panels
    ? fail('panels-other', { made: panels, wanted: site.panels }, 'wish')
    : NONE

type Locking = {
  readonly lockKind: string
  readonly lockFunction: string
  readonly lockBackset: Length
  readonly thicknessLeast: Length
  readonly thicknessMost: Length
}
/** It does what was asked, its spindle is where the leaf's is, and it takes the leaf's thickness. */
export const fitsLeaf: Requirement<Locking> = (unit, { site, lengths }) => {
  const read = site.lock
  if (!read) return NONE
  const limit = lengths['backset-near'].value
  const { thicknessLeast: least, thicknessMost: most } = unit
  const near = lengths['lock-thickness-near'].value
  return [
    // A bolt of its own only locks what a latch holds shut.
    ...(unit.lockKind === 'bolt-below' && read.kind !== null && read.kind !== 'tubular-latch'
      ? fail('bolt-without-latch', {}, 'lock')
      : NONE),
    ...(read.function && unit.lockFunction !== read.function
      ? fail('lock-function', { made: unit.lockFunction, wanted: read.function }, 'wish')
      : NONE),
    ...(magnitude(minus(unit.lockBackset, read.backset)) > limit
      ? fail(
          'lock-backset',
          { made: { length: unit.lockBackset }, read: { length: read.backset }, limit: { length: limit } },
          'backset-near',
        )
      : NONE),
    // 35 mm and 1 3/8 in name one leaf.
    ...(read.thickness < minus(least, near) || read.thickness > plus(most, near)
      ? fail(
          'lock-thickness',
          { least: { length: least }, most: { length: most }, read: { length: read.thickness } },
          'lock',
        )
      : NONE),
  ]
}
