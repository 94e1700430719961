import type { EdgeRole } from '@/core/seal/edge'
import type { Seal, SealKind } from '@/core/seal/seal'
import { inches, type Length, ZERO } from '@/core/units/length'

const source = {
  kind: 'default',
  text: 'Harvek default for this kind of seal until its sheet is entered',
  checked: false,
} as const

const SIDES: readonly EdgeRole[] = ['head', 'latch', 'hinge', 'jamb']
const ROUND: readonly EdgeRole[] = [...SIDES, 'meeting']
const DRY = ['draft', 'insects', 'light'] as const
const WET = ['draft', 'water', 'insects', 'light'] as const
const QUIET = ['draft', 'insects', 'sound', 'light'] as const
const ALL = ['draft', 'water', 'insects', 'sound', 'light'] as const

/** What most seals have alike. */
const USUAL = {
  moves: ['swings'],
  closes: 'edge',
  soundDb: null,
  listing: 'none',
  standsWeather: true,
  leastLeaf: inches(1, 3, 8),
  needsKerf: false,
  notOn: { thresholds: [], floors: [] },
  span: 'leaf',
  stock: inches(84),
  holes: null,
  isCutFromFreeEnd: false,
  overlength: ZERO,
  centsPerPiece: 0,
  tools: ['tape', 'knife'],
  difficulty: 1,
  never: [],
  askedOn: [],
  source,
} as const satisfies Partial<Seal>

type Own = Pick<
  Seal,
  'kind' | 'on' | 'gap' | 'against' | 'forceNPerMetre' | 'leakM3hPerMetreAt50' | 'centsPerMetre' | 'years' | 'minutes'
> &
  Partial<Seal>
const seal = (id: string, name: string, own: Own): Seal => ({ id, name, ...USUAL, ...own })

const between = (least: Length, most: Length): readonly [Length, Length] => [least, most]
const [T32, T16, T8, T4, T2] = [inches(0, 1, 32), inches(0, 1, 16), inches(0, 1, 8), inches(0, 1, 4), inches(0, 1, 2)]
const SIDE_HOLES = { first: inches(3), pitch: inches(12, 1, 2), count: 7 } as const
const SWEEP_HOLES = { first: inches(2), pitch: inches(8), count: 5 } as const
const SAW = ['tape', 'hacksaw', 'screwdriver'] as const

const pushIn = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'push-in',
    on: ROUND,
    closes: 'stop',
    span: 'rebate',
    gap,
    against: ALL,
    forceNPerMetre: 7,
    leakM3hPerMetreAt50: 1.1,
    soundDb: 25,
    needsKerf: true,
    centsPerMetre: 420,
    years: 10,
    minutes: 8,
    ...own,
  })
const bulb = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'bulb',
    on: ROUND,
    closes: 'stop',
    span: 'stops',
    gap,
    against: ALL,
    forceNPerMetre: 12,
    leakM3hPerMetreAt50: 0.8,
    soundDb: 30,
    holes: SIDE_HOLES,
    overlength: T8,
    centsPerMetre: 980,
    years: 12,
    minutes: 20,
    tools: SAW,
    difficulty: 2,
    ...own,
  })
const foam = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'foam',
    on: ROUND,
    closes: 'stop',
    span: 'rebate',
    gap,
    against: DRY,
    forceNPerMetre: 6,
    leakM3hPerMetreAt50: 2.2,
    leastLeaf: inches(1),
    stock: inches(204),
    centsPerMetre: 120,
    years: 0.5,
    minutes: 6,
    standsWeather: false,
    ...own,
  })
const brush = (id: string, name: string, on: readonly EdgeRole[], gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'brush',
    on,
    gap,
    against: DRY,
    forceNPerMetre: 4,
    leakM3hPerMetreAt50: 4.5,
    soundDb: 15,
    holes: SIDE_HOLES,
    centsPerMetre: 890,
    years: 8,
    minutes: 18,
    tools: SAW,
    ...own,
  })
const sweep = (id: string, name: string, gap: Seal['gap'], stock: Length, own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'fin',
    on: ['bottom'],
    gap,
    against: WET,
    forceNPerMetre: 5,
    leakM3hPerMetreAt50: 2.4,
    soundDb: 20,
    notOn: { thresholds: [], floors: ['pebbles-and-dirt'] },
    stock,
    holes: { ...SWEEP_HOLES, count: Math.floor((stock - inches(4)) / inches(8)) + 1 },
    centsPerMetre: 1300,
    years: 4,
    minutes: 15,
    tools: SAW,
    ...own,
  })
const drop = (id: string, name: string, most: Length, own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'drop',
    on: ['bottom'],
    gap: between(T8, most),
    against: QUIET,
    forceNPerMetre: 0,
    leakM3hPerMetreAt50: 1.2,
    soundDb: 30,
    leastLeaf: inches(1, 3, 4),
    notOn: { thresholds: ['none'], floors: ['uneven', 'pebbles-and-dirt'] },
    stock: inches(36),
    isCutFromFreeEnd: true,
    centsPerMetre: 6200,
    years: 15,
    minutes: 90,
    tools: ['router', 'chisel', 'hacksaw', 'screwdriver'],
    difficulty: 3,
    ...own,
  })
const METALS = ['steel', 'fibreglass', 'aluminium', 'pvc'] as const
const shoe = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'u-shoe',
    on: ['bottom'],
    gap,
    against: WET,
    forceNPerMetre: 8,
    leakM3hPerMetreAt50: 1.8,
    soundDb: 22,
    leastLeaf: inches(1, 3, 4),
    notOn: { thresholds: ['none'], floors: [] },
    stock: inches(36),
    centsPerMetre: 1500,
    years: 8,
    minutes: 25,
    tools: [...SAW, 'drill', 'caulk-gun'],
    difficulty: 2,
    never: [{ material: 'timber', reason: 'holds-water' }],
    askedOn: METALS,
    ...own,
  })
const cap = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'threshold-cap',
    on: ['bottom'],
    gap,
    against: ALL,
    forceNPerMetre: 6,
    leakM3hPerMetreAt50: 1.5,
    soundDb: 25,
    notOn: { thresholds: ['adjustable-cap', 'none'], floors: [] },
    span: 'jambs',
    stock: inches(72),
    centsPerMetre: 2900,
    years: 10,
    minutes: 30,
    tools: SAW,
    difficulty: 2,
    ...own,
  })
const bottomStop = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
  seal(id, name, {
    kind: 'bottom-stop',
    on: ['bottom'],
    closes: 'stop',
    gap,
    against: ALL,
    forceNPerMetre: 6,
    leakM3hPerMetreAt50: 1.1,
    soundDb: 30,
    notOn: { thresholds: [], floors: ['pebbles-and-dirt'] },
    span: 'jambs',
    stock: inches(48),
    centsPerMetre: 3400,
    years: 12,
    minutes: 45,
    tools: [...SAW, 'caulk-gun'],
    difficulty: 3,
    ...own,
  })
const listed = (
  id: string,
  name: string,
  kind: SealKind,
  on: readonly EdgeRole[],
  gap: Seal['gap'],
  own: Partial<Seal>,
): Seal =>
  seal(id, name, {
    kind,
    on,
    gap,
    against: ['fire', 'smoke'],
    forceNPerMetre: 0,
    leakM3hPerMetreAt50: 3.5,
    soundDb: 15,
    listing: 'fire',
    standsWeather: false,
    centsPerMetre: 900,
    years: 15,
    minutes: 25,
    tools: ['tape', 'hacksaw'],
    difficulty: 2,
    ...own,
  })

/** Seals by kind. Gap range, push, leakage when compressed, price and life are typical of the kind, not of a maker. */
export const SEALS: readonly Seal[] = [
  pushIn('push-in-foam', 'Push-in foam strip in the kerf', between(T16, inches(0, 3, 16))),
  pushIn('push-in-foam-thick', 'Push-in foam strip, thick', between(T8, inches(0, 5, 16)), {
    forceNPerMetre: 10,
    centsPerMetre: 510,
  }),
  pushIn('push-in-tube', 'Push-in silicone tube', between(T16, T4), {
    forceNPerMetre: 9,
    leakM3hPerMetreAt50: 0.7,
    soundDb: 29,
    centsPerMetre: 760,
    years: 15,
  }),
  bulb('carrier-bulb', 'Bulb on a metal carrier', between(T16, inches(0, 5, 16))),
  bulb('carrier-bulb-soft', 'Soft bulb on a metal carrier', between(T16, T4), {
    forceNPerMetre: 7,
    leakM3hPerMetreAt50: 1,
    centsPerMetre: 1120,
  }),
  bulb('carrier-bulb-wide', 'Wide bulb on a metal carrier', between(inches(0, 3, 16), T2), {
    forceNPerMetre: 16,
    leakM3hPerMetreAt50: 0.9,
    centsPerMetre: 1240,
  }),
  bulb('carrier-fin', 'Fin on a metal carrier', between(T32, T4), {
    forceNPerMetre: 6,
    leakM3hPerMetreAt50: 1.4,
    soundDb: 24,
    centsPerMetre: 870,
    years: 8,
  }),
  bulb('carrier-brush', 'Brush on a metal carrier', between(T16, inches(0, 3, 8)), {
    forceNPerMetre: 4,
    leakM3hPerMetreAt50: 3.4,
    soundDb: 16,
    against: DRY,
    centsPerMetre: 930,
    years: 9,
  }),
  seal('spring-bronze', 'Spring bronze', {
    kind: 'bronze',
    on: ROUND,
    gap: between(T32, T8),
    against: DRY,
    forceNPerMetre: 9,
    leakM3hPerMetreAt50: 1.6,
    soundDb: 18,
    centsPerMetre: 1150,
    years: 30,
    minutes: 35,
    tools: ['snips', 'hammer', 'punch'],
    difficulty: 3,
  }),
  seal('spring-vinyl', 'Spring strip, vinyl', {
    kind: 'bronze',
    on: ROUND,
    gap: between(T32, inches(0, 3, 16)),
    against: DRY,
    forceNPerMetre: 5,
    leakM3hPerMetreAt50: 1.9,
    soundDb: 18,
    stock: inches(204),
    centsPerMetre: 260,
    years: 4,
    minutes: 14,
  }),
  seal('edge-fin', 'Fin let into the leaf’s edge', {
    kind: 'fin',
    on: ROUND,
    gap: between(T16, inches(0, 3, 16)),
    against: DRY,
    forceNPerMetre: 3,
    leakM3hPerMetreAt50: 1.5,
    soundDb: 22,
    centsPerMetre: 640,
    years: 8,
    minutes: 40,
    tools: ['router', 'knife'],
    difficulty: 3,
    leastLeaf: inches(1, 3, 4),
  }),
  foam('adhesive-foam', 'Adhesive foam (stopgap)', between(T16, T4)),
  foam('adhesive-foam-thick', 'Adhesive foam, thick (stopgap)', between(inches(0, 3, 16), T2), {
    centsPerMetre: 160,
    forceNPerMetre: 8,
  }),
  foam('adhesive-rubber', 'Adhesive rubber profile', between(T16, inches(0, 3, 16)), {
    centsPerMetre: 240,
    years: 3,
    leakM3hPerMetreAt50: 1.3,
    soundDb: 24,
    forceNPerMetre: 8,
    against: QUIET,
  }),
  seal('magnetic-strip', 'Magnetic strip on a carrier', {
    kind: 'magnetic',
    on: ['head', 'latch', 'meeting'],
    closes: 'stop',
    span: 'stops',
    gap: between(T32, inches(0, 3, 16)),
    against: ALL,
    forceNPerMetre: 3,
    leakM3hPerMetreAt50: 0.6,
    soundDb: 28,
    centsPerMetre: 1680,
    years: 15,
    minutes: 25,
    tools: SAW,
    difficulty: 2,
    holes: SIDE_HOLES,
  }),
  brush('brush-strip', 'Brush strip', [...ROUND, 'bottom'], between(T8, inches(0, 5, 8)), {
    moves: ['swings', 'slides'],
  }),
  brush('brush-strip-long', 'Brush strip, long hair', ['bottom'], between(T2, inches(1, 1, 4)), {
    centsPerMetre: 1180,
    forceNPerMetre: 5,
  }),
  brush(
    'pile-strip',
    'Pile strip for a sliding panel',
    ['interlock', 'jamb', 'head', 'bottom'],
    between(T16, inches(0, 3, 8)),
    {
      moves: ['slides'],
      kind: 'brush',
      holes: null,
      stock: inches(204),
      centsPerMetre: 310,
      years: 6,
      minutes: 12,
      leakM3hPerMetreAt50: 3.2,
      tools: ['knife'],
    },
  ),
  brush('pile-fin', 'Pile strip with a fin in it', ['interlock', 'jamb', 'head', 'bottom'], between(T16, T4), {
    moves: ['slides'],
    holes: null,
    stock: inches(204),
    centsPerMetre: 480,
    years: 8,
    minutes: 12,
    leakM3hPerMetreAt50: 1.8,
    soundDb: 20,
    against: WET,
    tools: ['knife'],
  }),
  sweep('sweep-fin', 'Sweep with fin, short', between(T8, inches(0, 3, 4)), inches(36)),
  sweep('sweep-fin-long', 'Sweep with fin, long', between(T8, inches(0, 3, 4)), inches(48), { centsPerMetre: 1420 }),
  sweep('sweep-double', 'Sweep with two fins', between(T8, inches(0, 5, 8)), inches(48), {
    leakM3hPerMetreAt50: 1.6,
    forceNPerMetre: 7,
    soundDb: 23,
    centsPerMetre: 1890,
    years: 5,
  }),
  sweep('sweep-brush', 'Sweep with brush', between(T8, inches(0, 7, 8)), inches(48), {
    kind: 'brush',
    against: DRY,
    leakM3hPerMetreAt50: 4.2,
    soundDb: 15,
    centsPerMetre: 1240,
    years: 7,
    notOn: { thresholds: [], floors: [] },
  }),
  sweep('stick-on-fin', 'Stick-on fin (stopgap)', between(T8, T2), inches(36), {
    holes: null,
    centsPerMetre: 420,
    years: 0.5,
    minutes: 5,
    forceNPerMetre: 3,
    leakM3hPerMetreAt50: 3.1,
    standsWeather: false,
    tools: ['knife'],
  }),
  shoe('u-shoe', 'U-shaped shoe', between(T8, inches(0, 5, 8))),
  shoe('u-shoe-fins', 'U-shaped shoe with fins', between(T4, inches(0, 7, 8)), {
    leakM3hPerMetreAt50: 1.5,
    centsPerMetre: 1880,
  }),
  drop('drop-seal', 'Automatic drop seal', T2),
  drop('drop-seal-surface', 'Drop seal on the face', inches(0, 5, 8), {
    leastLeaf: inches(1, 3, 8),
    minutes: 35,
    centsPerMetre: 5200,
    difficulty: 2,
    tools: SAW,
  }),
  drop('drop-seal-acoustic', 'Drop seal, acoustic', inches(0, 9, 16), {
    kind: 'drop',
    leakM3hPerMetreAt50: 0.8,
    soundDb: 40,
    centsPerMetre: 9800,
    leastLeaf: inches(1, 3, 4),
  }),
  drop('drop-seal-fire', 'Drop seal, listed', T2, {
    listing: 'fire',
    against: [...QUIET, 'smoke', 'fire'],
    centsPerMetre: 8900,
    soundDb: 34,
  }),
  cap('threshold-cap', 'Adjustable threshold cap', between(T16, inches(0, 3, 8))),
  cap('threshold-bulb', 'Threshold with a bulb', between(T8, inches(0, 3, 8)), {
    leakM3hPerMetreAt50: 1.1,
    soundDb: 28,
    forceNPerMetre: 9,
    centsPerMetre: 3300,
  }),
  bottomStop('bottom-stop-bulb', 'Bottom stop with a bulb', between(T16, inches(0, 3, 8))),
  bottomStop('bottom-stop-made', 'Bottom stop made on site, with a bulb', between(T16, inches(0, 3, 4)), {
    minutes: 80,
    centsPerMetre: 2100,
    soundDb: 32,
  }),
  bulb('acoustic-bulb', 'Acoustic bulb', between(T16, T4), {
    kind: 'acoustic',
    leakM3hPerMetreAt50: 0.4,
    soundDb: 38,
    forceNPerMetre: 14,
    centsPerMetre: 2650,
    against: QUIET,
    standsWeather: false,
  }),
  bulb('acoustic-double', 'Acoustic double lip', between(T8, inches(0, 3, 8)), {
    kind: 'acoustic',
    leakM3hPerMetreAt50: 0.3,
    soundDb: 42,
    forceNPerMetre: 18,
    centsPerMetre: 3900,
    against: QUIET,
    standsWeather: false,
  }),
  listed('intumescent-strip', 'Intumescent strip', 'intumescent', ROUND, between(T16, inches(0, 3, 16)), {
    against: ['fire'],
    centsPerMetre: 780,
    leakM3hPerMetreAt50: 9,
  }),
  listed('intumescent-brush', 'Intumescent strip with brush', 'intumescent', ROUND, between(T16, inches(0, 3, 16)), {
    against: ['fire', 'smoke'],
    forceNPerMetre: 3,
    centsPerMetre: 1150,
  }),
  listed('smoke-blade', 'Smoke blade', 'smoke', ROUND, between(T16, inches(0, 3, 16)), {
    against: ['smoke', 'fire'],
    listing: 'smoke',
    forceNPerMetre: 4,
    leakM3hPerMetreAt50: 1.4,
    soundDb: 22,
    centsPerMetre: 1180,
    years: 10,
    minutes: 25,
  }),
  listed('smoke-bulb', 'Smoke bulb, listed', 'smoke', ROUND, between(T16, T4), {
    closes: 'stop',
    span: 'rebate',
    against: ['smoke', 'fire'],
    forceNPerMetre: 8,
    leakM3hPerMetreAt50: 0.9,
    soundDb: 28,
    centsPerMetre: 1650,
    years: 10,
    minutes: 20,
  }),
  listed('smoke-bottom', 'Smoke fin for the bottom, listed', 'smoke', ['bottom'], between(T8, inches(0, 3, 8)), {
    against: ['smoke', 'fire'],
    forceNPerMetre: 4,
    leakM3hPerMetreAt50: 1.9,
    stock: inches(48),
    centsPerMetre: 2100,
  }),
  seal('corner-pads', 'Corner pads, a pair', {
    kind: 'corner',
    on: [],
    gap: between(ZERO, T2),
    against: WET,
    forceNPerMetre: 0,
    leakM3hPerMetreAt50: 0,
    stock: inches(3),
    centsPerMetre: 0,
    centsPerPiece: 450,
    years: 6,
    minutes: 6,
  }),
]

/** What a sheet calls the seals its unit ships with, and which of these that is: the first word that stands in it. */
const SHIPPED: readonly (readonly [word: RegExp, side: string, bottom: string])[] = [
  [/none|without/i, '', ''],
  [/magnet/i, 'magnetic-strip', 'sweep-fin-long'],
  [/bronze/i, 'spring-bronze', 'sweep-fin-long'],
  [/brush/i, 'carrier-brush', 'sweep-brush'],
  [/double/i, 'push-in-foam', 'sweep-double'],
  [/drop/i, 'push-in-foam', 'drop-seal'],
  [/fin|sweep/i, 'edge-fin', 'sweep-fin-long'],
  [/bulb|tube/i, 'push-in-tube', 'threshold-bulb'],
  [/foam|push/i, 'push-in-foam', 'sweep-fin-long'],
]

/** The seal a sheet's words mean at the sides or at the bottom; `null` where they mean none. */
export function shippedSeal(words: string | undefined, where: 'sides' | 'bottom'): Seal | null {
  const found = words ? SHIPPED.find(([word]) => word.test(words)) : undefined
  const id = found?.[where === 'sides' ? 1 : 2]
  return SEALS.find(one => one.id === id) ?? null
}
