// What seals of a kind have alike.

import type { EdgeRole, Seal, SealKind } from '@/core/seal-stock/seal'
import { inches, type Length, ZERO } from '@/core/units/length'

const source = {
  kind: 'default',
  text: 'Harvek default for this kind of seal until its sheet is entered',
  checked: false,
} as const

const SIDES: readonly EdgeRole[] = ['head', 'latch', 'hinge', 'jamb']
export const ROUND: readonly EdgeRole[] = [...SIDES, 'meeting']
export const DRY = ['draft', 'insects', 'light'] as const
export const WET = ['draft', 'water', 'insects', 'light'] as const
export const QUIET = ['draft', 'insects', 'sound', 'light'] as const
export const ALL = ['draft', 'water', 'insects', 'sound', 'light'] as const

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
export const seal = (id: string, name: string, own: Own): Seal => ({ id, name, ...USUAL, ...own })

export const between = (least: Length, most: Length): readonly [Length, Length] => [least, most]
export const [T32, T16, T8, T4, T2] = [
  inches(0, 1, 32),
  inches(0, 1, 16),
  inches(0, 1, 8),
  inches(0, 1, 4),
  inches(0, 1, 2),
]
export const SIDE_HOLES = { first: inches(3), pitch: inches(12, 1, 2), count: 7 } as const
const SWEEP_HOLES = { first: inches(2), pitch: inches(8), count: 5 } as const
export const SAW = ['tape', 'hacksaw', 'screwdriver'] as const

export const pushIn = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const bulb = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const foam = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const brush = (
  id: string,
  name: string,
  on: readonly EdgeRole[],
  gap: Seal['gap'],
  own: Partial<Seal> = {},
): Seal =>
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
export const sweep = (id: string, name: string, gap: Seal['gap'], stock: Length, own: Partial<Seal> = {}): Seal =>
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
export const drop = (id: string, name: string, most: Length, own: Partial<Seal> = {}): Seal =>
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
export const shoe = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const cap = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const bottomStop = (id: string, name: string, gap: Seal['gap'], own: Partial<Seal> = {}): Seal =>
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
export const listed = (
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
