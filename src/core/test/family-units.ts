import type { UnitKind } from '../base/kinds'
import type { CatalogueUnit, UnitOf } from '../catalogue/unit'
import { inches, mm } from '../units/length'
import { DETAILS_SAID, length, unit } from './fixtures'

const common = <K extends UnitKind>(kind: K, article: string) => ({
  id: '01900000-0000-7000-8000-0000000000aa',
  kind,
  article,
  maker: 'Test',
  name: 'Entry',
  labelMinutes: 0,
  massKg: null,
  priceCents: 60_000,
  leadDays: 7,
  stock: true,
  lacks: [],
  details: DETAILS_SAID,
})

/** A storm door of 36 that covers 35 3/4 to 36 1/4 by 80 to 81. */
export const stormUnit = (sheet: Partial<UnitOf<'storm'>> = {}, more: Partial<UnitOf<'storm'>> = {}): UnitOf<'storm'> =>
  Object.assign(
    {
      ...common('storm', 'S-1'),
      width: length('36'),
      height: length('80'),
      hinges: 'both',
      swing: 'both',
      material: 'aluminium',
      glass: 'none',
      stormKind: 'storm',
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
    } satisfies UnitOf<'storm'>,
    sheet,
    more,
  )

/** A metal leaf of 35 3/4 by 79 1/8 with three hinges. */
export const leafUnit = (
  sheet: Partial<UnitOf<'steel-leaf'>> = {},
  more: Partial<UnitOf<'steel-leaf'>> = {},
): UnitOf<'steel-leaf'> =>
  Object.assign(
    {
      ...common('steel-leaf', 'L-1'),
      width: length('35 3/4'),
      height: length('79 1/8'),
      material: 'steel',
      bore: 'single',
      labelMinutes: 90,
      glass: 'none',
      leafThickness: length('1 3/4'),
      hingeTops: ['7 1/4', '37 1/16', '66 7/8'].map(length),
      hingeHeight: length('4 1/2'),
      boreTop: length('40 5/16'),
      backset: length('2 3/4'),
    } satisfies UnitOf<'steel-leaf'>,
    sheet,
    more,
  )

const {
  sillDepth: _d,
  sillHorns: _h,
  sillCap: _c,
  sillUnderside: _u,
  mouldWidth: _w,
  mouldSetback: _setback,
  ...unsilled
} = unit()
const { asksPan: _p, asksBeads: _b, asksFoam: _f, asksHeadScrews: _s, asksClip: _l, ...framed } = unsilled

/** A knock-down steel frame with a throat of 5. */
export const frameUnit = (
  sheet: Partial<UnitOf<'steel-frame'>> = {},
  more: Partial<UnitOf<'steel-frame'>> = {},
): UnitOf<'steel-frame'> =>
  Object.assign(
    {
      ...framed,
      kind: 'steel-frame' as const,
      article: 'F-1',
      jamb: length('6'),
      material: 'steel' as const,
      bore: 'single' as const,
      leafBottom: length('3/4'),
      frameForm: 'knock-down' as const,
      throat: length('5'),
    } satisfies UnitOf<'steel-frame'>,
    sheet,
    more,
  )

/** A patio slider whose left panel moves. */
export const sliderUnit = (
  sheet: Partial<UnitOf<'slider'>> = {},
  more: Partial<UnitOf<'slider'>> = {},
): UnitOf<'slider'> => {
  const { width, height, jamb, legThickness, legMaterial, stop, sillDepth, sillHorns, sillCap, sillUnderside } = unit()
  const { asksPan, asksBeads, asksFoam, asksHeadScrews, asksClip } = unit()
  return Object.assign(
    {
      ...common('slider', 'P-1'),
      width,
      height,
      jamb,
      legThickness,
      legMaterial,
      stop,
      material: 'pvc' as const,
      glass: 'safety' as const,
      sillDepth,
      sillHorns,
      sillCap,
      sillUnderside,
      panels: 'OX' as const,
      sliderForm: null,
      asksPan,
      asksBeads,
      asksFoam,
      asksHeadScrews,
      asksClip,
    } satisfies UnitOf<'slider'>,
    sheet,
    more,
  )
}

/** An inside door of 30 by 80. */
export const interiorUnit = (
  sheet: Partial<UnitOf<'interior'>> = {},
  more: Partial<UnitOf<'interior'>> = {},
): UnitOf<'interior'> => {
  const { leafBottom: _lb, ...inside } = framed
  return Object.assign(
    {
      ...inside,
      kind: 'interior' as const,
      article: 'I-1',
      width: inches(31, 1, 2),
      height: inches(81, 1, 4),
      leafWidth: inches(30),
      leafHeight: inches(80),
      bore: 'single' as const,
    } satisfies UnitOf<'interior'>,
    sheet,
    more,
  )
}

/** A pair of two leaves of 36. */
export const pairUnit = (sheet: Partial<UnitOf<'pair'>> = {}, more: Partial<UnitOf<'pair'>> = {}): UnitOf<'pair'> => {
  const { hinges: _hi, ...own } = unit()
  return Object.assign(
    {
      ...own,
      kind: 'pair' as const,
      article: 'D-1',
      width: inches(74),
      passiveLeafWidth: inches(36),
    } satisfies UnitOf<'pair'>,
    sheet,
    more,
  )
}

/** A leaf of 36 with a fixed light of 12 on its left. */
export const sidelightsUnit = (
  sheet: Partial<UnitOf<'sidelights'>> = {},
  more: Partial<UnitOf<'sidelights'>> = {},
): UnitOf<'sidelights'> =>
  Object.assign(
    {
      ...unit(),
      kind: 'sidelights' as const,
      article: 'G-1',
      width: inches(51),
      sidelightLeft: inches(12),
      sidelightRight: inches(0),
    } satisfies UnitOf<'sidelights'>,
    sheet,
    more,
  )

/** A bathroom case of 57 mm. */
export const lockUnit = (
  sheet: Partial<UnitOf<'lock-set'>> = {},
  more: Partial<UnitOf<'lock-set'>> = {},
): UnitOf<'lock-set'> =>
  Object.assign(
    {
      ...common('lock-set', 'K-1'),
      width: mm(25),
      height: mm(235),
      material: 'steel' as const,
      lockKind: 'mortise-case' as const,
      lockFunction: 'privacy' as const,
      lockBackset: mm(57),
      lockCase: length('3'),
      thicknessLeast: mm(35),
      thicknessMost: mm(45),
    } satisfies UnitOf<'lock-set'>,
    sheet,
    more,
  )

/** One unit of every kind. */
export const UNIT_OF: { readonly [K in UnitKind]: () => CatalogueUnit } = {
  'hinged-outside': unit,
  pair: pairUnit,
  sidelights: sidelightsUnit,
  storm: stormUnit,
  slider: sliderUnit,
  'steel-leaf': leafUnit,
  'steel-frame': frameUnit,
  interior: interiorUnit,
  'lock-set': lockUnit,
}
