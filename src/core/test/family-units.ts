import type { CatalogueUnit } from '../catalogue/unit'
import { mm } from '../units/length'
import { length, unit } from './fixtures'

type Sheet<Name extends 'storm' | 'leaf' | 'frame' | 'lock'> = NonNullable<CatalogueUnit[Name]>

/** A storm door of 36 that covers 35 3/4 to 36 1/4 by 80 to 81. */
export const stormUnit = (sheet: Partial<Sheet<'storm'>> = {}, more: Partial<CatalogueUnit> = {}): CatalogueUnit =>
  unit({
    family: 'storm',
    article: 'S-1',
    width: length('36'),
    height: length('80'),
    leafWidth: length('36'),
    leafHeight: length('80'),
    jamb: length('0'),
    leafBottom: length('0'),
    sillDepth: length('0'),
    bore: 'none',
    material: 'aluminium',
    storm: {
      kind: 'storm',
      widthLeast: length('35 3/4'),
      widthMost: length('36 1/4'),
      heightLeast: length('80'),
      heightMost: length('81'),
      hanging: 'cut-rail',
      deduction: length('1/4'),
      headGap: length('3/16'),
      bottomGap: length('1/8'),
      reversible: true,
      handleAt: length('45'),
      handleHalf: length('3'),
      handleProud: length('1'),
      closerPin: length('3/4'),
      closerPlace: 'foot',
      faceLeast: length('1'),
      proudLeast: length('1'),
      keyInside: false,
      ...sheet,
    },
    ...more,
  })

/** A metal leaf of 35 3/4 by 79 1/8 with three hinges. */
export const leafUnit = (sheet: Partial<Sheet<'leaf'>> = {}, more: Partial<CatalogueUnit> = {}): CatalogueUnit =>
  unit({
    family: 'steel-leaf',
    article: 'L-1',
    width: length('35 3/4'),
    height: length('79 1/8'),
    leafWidth: length('35 3/4'),
    leafHeight: length('79 1/8'),
    jamb: length('0'),
    leafBottom: length('0'),
    sillDepth: length('0'),
    material: 'steel',
    bore: 'single',
    labelMinutes: 90,
    leaf: {
      thickness: length('1 3/4'),
      hinges: ['7 1/4', '37 1/16', '66 7/8'].map(length),
      hingeHeight: length('4 1/2'),
      boreTop: length('40 5/16'),
      backset: length('2 3/4'),
      ...sheet,
    },
    ...more,
  })

/** A knock-down steel frame with a throat of 5. */
export const frameUnit = (sheet: Partial<Sheet<'frame'>> = {}, more: Partial<CatalogueUnit> = {}): CatalogueUnit =>
  unit({
    family: 'steel-frame',
    article: 'F-1',
    jamb: length('6'),
    material: 'steel',
    bore: 'single',
    leafBottom: length('3/4'),
    sillDepth: length('0'),
    frame: { form: 'knock-down', throat: length('5'), ...sheet },
    ...more,
  })

/** A patio slider whose left panel moves. */
export const sliderUnit = (more: Partial<CatalogueUnit> = {}): CatalogueUnit =>
  unit({
    family: 'slider',
    article: 'P-1',
    bore: 'none',
    leafBottom: length('0'),
    panels: 'OX',
    glass: 'safety',
    ...more,
  })

/** A bathroom case of 57 mm. */
export const lockUnit = (sheet: Partial<Sheet<'lock'>> = {}, more: Partial<CatalogueUnit> = {}): CatalogueUnit =>
  unit({
    family: 'interior',
    article: 'K-1',
    width: mm(25),
    height: mm(235),
    leafWidth: mm(25),
    leafHeight: mm(235),
    jamb: length('0'),
    leafBottom: length('0'),
    sillDepth: length('0'),
    material: 'steel',
    bore: 'none',
    lock: {
      kind: 'mortise case',
      function: 'privacy',
      backset: mm(57),
      case: length('3'),
      thicknessLeast: mm(35),
      thicknessMost: mm(45),
      ...sheet,
    },
    ...more,
  })
