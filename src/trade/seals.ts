import type { Seal } from '@/core/seal/seal'
import { inches } from '@/core/units/length'

const source = { kind: 'default', text: 'Harvek default for this kind of seal until its sheet is entered', checked: false } as const
const drilled = { first: inches(3), pitch: inches(12, 1, 2), count: 7 } as const

/** Seals by kind. Gap range, push, leakage when compressed, price and life are typical of the kind, not of a maker. */
export const SEALS: readonly Seal[] = [
  {
    id: 'push-in-foam', places: ['head-latch', 'hinge'], gap: [inches(0, 1, 16), inches(0, 3, 16)], forceNPerMetre: 7,
    leakM3hPerMetreAt50: 1.1, leastLeaf: inches(1, 3, 8), stock: inches(84), holes: null, centsPerMetre: 420, years: 10, minutes: 8, never: [], source,
  },
  {
    id: 'carrier-bulb', places: ['head-latch', 'hinge'], gap: [inches(0, 1, 16), inches(0, 5, 16)], forceNPerMetre: 12,
    leakM3hPerMetreAt50: 0.8, leastLeaf: inches(1, 3, 8), stock: inches(84), holes: drilled, centsPerMetre: 980, years: 12, minutes: 20, never: [], source,
  },
  {
    id: 'spring-bronze', places: ['head-latch', 'hinge'], gap: [inches(0, 1, 32), inches(0, 1, 8)], forceNPerMetre: 9,
    leakM3hPerMetreAt50: 1.6, leastLeaf: inches(1, 3, 8), stock: inches(84), holes: null, centsPerMetre: 1150, years: 30, minutes: 35, never: [], source,
  },
  {
    id: 'adhesive-foam', places: ['head-latch', 'hinge'], gap: [inches(0, 1, 16), inches(0, 1, 4)], forceNPerMetre: 6,
    leakM3hPerMetreAt50: 2.2, leastLeaf: inches(1), stock: inches(204), holes: null, centsPerMetre: 120, years: 0.5, minutes: 6, never: [], source,
  },
  {
    id: 'brush-strip', places: ['head-latch', 'hinge', 'bottom'], gap: [inches(0, 1, 8), inches(0, 5, 8)], forceNPerMetre: 4,
    leakM3hPerMetreAt50: 4.5, leastLeaf: inches(1, 3, 8), stock: inches(84), holes: drilled, centsPerMetre: 890, years: 8, minutes: 18, never: [], source,
  },
  {
    id: 'sweep-fin', places: ['bottom'], gap: [inches(0, 1, 8), inches(0, 3, 4)], forceNPerMetre: 5,
    leakM3hPerMetreAt50: 2.4, leastLeaf: inches(1, 3, 8), stock: inches(36), holes: { first: inches(2), pitch: inches(8), count: 5 }, centsPerMetre: 1300, years: 4, minutes: 15, never: [], source,
  },
  {
    id: 'sweep-fin-long', places: ['bottom'], gap: [inches(0, 1, 8), inches(0, 3, 4)], forceNPerMetre: 5,
    leakM3hPerMetreAt50: 2.4, leastLeaf: inches(1, 3, 8), stock: inches(48), holes: { first: inches(2), pitch: inches(8), count: 6 }, centsPerMetre: 1420, years: 4, minutes: 15, never: [], source,
  },
  {
    id: 'u-shoe', places: ['bottom'], gap: [inches(0, 1, 8), inches(0, 5, 8)], forceNPerMetre: 8,
    leakM3hPerMetreAt50: 1.8, leastLeaf: inches(1, 3, 4), stock: inches(36), holes: null, centsPerMetre: 1500, years: 8, minutes: 25,
    never: [{ material: 'timber', reason: 'holds-water' }], source,
  },
  {
    id: 'drop-seal', places: ['bottom'], gap: [inches(0, 1, 8), inches(0, 1, 2)], forceNPerMetre: 0,
    leakM3hPerMetreAt50: 1.2, leastLeaf: inches(1, 3, 4), stock: inches(36), holes: null, centsPerMetre: 6200, years: 15, minutes: 90, never: [], source,
  },
  {
    id: 'threshold-cap', places: ['bottom'], gap: [inches(0, 1, 16), inches(0, 3, 8)], forceNPerMetre: 6,
    leakM3hPerMetreAt50: 1.5, leastLeaf: inches(1, 3, 8), stock: inches(72), holes: null, centsPerMetre: 2900, years: 10, minutes: 30, never: [], source,
  },
]
