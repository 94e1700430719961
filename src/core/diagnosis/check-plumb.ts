import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import { plumbRectangle } from '../opening/place-unit'
import type { DerivedUnit } from '../specification/derive-unit'
import { minus } from '../units/length'

export type PlumbCode = 'plumb-smaller' | 'plumb-large-enough'

/** The size comes from the smallest readings; the plumb and level rectangle confirms it both ways, or shows that leaning sides or a
 *  falling sill and head leave less. `points` are what the unit stands in. */
export function checkPlumb(
  points: OpeningPoints,
  unit: DerivedUnit | null,
  lengths: TradeLengths,
): readonly Finding<PlumbCode>[] {
  if (!unit) return []
  const plumb = plumbRectangle(points, { width: unit.width.value, height: unit.height.value })
  const tolerance = lengths['deviation-tape'].value
  const isShort = {
    width: unit.roughWidth.value - plumb.width > tolerance,
    height: unit.roughHeight.value - plumb.height > tolerance,
  }
  const make = (along: 'width' | 'height'): Finding<PlumbCode> => {
    const [rough, own] = along === 'width' ? [unit.roughWidth, unit.width] : [unit.roughHeight, unit.height]
    const missing = minus(rough.value, plumb[along])
    return {
      code: isShort[along] ? 'plumb-smaller' : 'plumb-large-enough',
      place: along === 'width' ? 'lean.left' : 'fall.sill',
      severity: isShort[along] ? 'correct' : 'fine',
      facts: { along, size: { length: plumb[along] }, wanted: { length: rough.value }, unit: { length: own.value } },
      rule: along === 'width' ? 'room-width' : 'room-height',
      cures: isShort[along] ? [cure('plumb.smaller-unit', missing), cure('plumb.more-room', missing)] : [],
    }
  }
  return isShort.height ? [make('width'), make('height')] : [make('width')]
}
