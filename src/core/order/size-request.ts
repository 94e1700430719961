import type { UnitKind } from '../base/kinds'
import type { SiteFacts } from '../catalogue/site'
import type { FloorHeights } from '../specification/floor-read'
import type { Specified } from '../specification/specified'
import type { Wishes } from '../specification/wishes'
import type { Length } from '../units/length'

/** A figure a maker is given, under the name of the catalogue's column it would stand in where there is one. */
export const REQUEST_LENGTHS = [
  'width',
  'height',
  'rough-width',
  'rough-height',
  'trim-width',
  'trim-height',
  'jamb',
  'wall',
  'floor',
  'thickness',
  'bore top',
  'backset',
  'lock backset',
] as const
export type RequestLength = (typeof REQUEST_LENGTHS)[number]

/** What a maker is asked to make where nothing of the catalogue fits. Lengths in ticks. */
export type SizeRequest = {
  readonly kind: UnitKind
  readonly lengths: readonly (readonly [name: RequestLength, value: Length])[]
  /** Hinges from the leaf's top down; empty where they are not asked. */
  readonly hingeTops: readonly Length[]
  readonly hinges: Wishes['hinges']
  readonly swing: Wishes['swing']
  readonly bore: Wishes['bore']
  readonly material: Wishes['material']
  readonly settings: Wishes['settings']
  readonly labelMinutes: number
  /** What the lock is for; `null` where only a lock is asked and nobody said. */
  readonly lockFunction: string | null
}

type Given = {
  readonly takes: readonly UnitKind[]
  readonly settles: readonly string[]
  readonly specified: Specified
  readonly site: SiteFacts
  readonly wishes: Wishes
  readonly floor: FloorHeights | null
}

/** The request for a unit made to the opening that was read; `null` while no size is known, and where nothing is ordered. */
export function sizeRequest({ takes, settles, specified, site, wishes, floor }: Given): SizeRequest | null {
  const [kind] = takes
  const sizes = kind ? sizesOf(specified, site) : []
  if (!kind || sizes.length === 0) return null
  const wanted = <T>(name: string, value: T): T | null => (settles.includes(name) ? value : null)
  return {
    kind,
    lengths: [...sizes, ...beside(specified, site, floor)],
    hingeTops: site.leaf?.hinges ?? [],
    hinges: wanted('hinges', wishes.hinges),
    swing: wanted('swing', wishes.swing),
    bore: wanted('bore', wishes.bore),
    material: wishes.material,
    settings: wishes.settings,
    labelMinutes: site.leaf?.labelMinutes ?? site.labelMinutes,
    lockFunction: site.lock && !site.leaf && !specified.specification.unit ? site.lock.function : null,
  }
}

/** The size asked for: of a unit its own and its hole's, of a storm door its trim's, of a leaf or lock the old one's. */
function sizesOf({ specification, further }: Specified, site: SiteFacts): SizeRequest['lengths'] {
  const { unit } = specification
  if (unit)
    return [
      ['width', unit.width.value],
      ['height', unit.height.value],
      ['rough-width', unit.roughWidth.value],
      ['rough-height', unit.roughHeight.value],
    ]
  if (further.storm)
    return [
      ['trim-width', further.storm.width.value],
      ['trim-height', further.storm.height.value],
    ]
  if (site.leaf) {
    const { width, height, thickness, bore, backset } = site.leaf
    return [
      ['width', width],
      ['height', height],
      ['thickness', thickness],
      ['bore top', bore],
      ['backset', backset],
    ]
  }
  if (site.lock)
    return [
      ['lock backset', site.lock.backset],
      ['thickness', site.lock.thickness],
    ]
  return []
}

function beside({ specification }: Specified, site: SiteFacts, floor: FloorHeights | null): SizeRequest['lengths'] {
  const { jamb, unit } = specification
  if (!unit) return []
  return [
    ...(jamb ? [['jamb', jamb.wanted.value] as const] : []),
    ...(site.wallStack === null ? [] : [['wall', site.wallStack] as const]),
    ...(floor === null ? [] : [['floor', floor.over] as const]),
  ]
}
