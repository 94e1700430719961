import type { Seal } from '@/core/seal-stock/seal'
import { inches, ZERO } from '@/core/units/length'
import { between, bottomStop, cap, DRY, drop, QUIET, SAW, seal, shoe, sweep, T2, T4, T8, T16, WET } from './seal-makers'

/** Seals under a leaf, and what closes its bottom corners. */
export const SEALS_BOTTOM: readonly Seal[] = [
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
