import type { TradeNumber, TradeNumbers } from '@/core/base/figure'
import type { Rates } from '@/core/catalogue/preparation'

const source = {
  kind: 'default',
  text: 'Harvek default for a two-person crew; a firm enters its own',
  checked: false,
} as const
const rate = (minutes: number, minutesPerMetre: number, cents: number, centsPerMetre: number) =>
  ({ minutes, minutesPerMetre, cents, centsPerMetre, source }) as const

/** What work and materials cost until a firm enters its own figures. */
export const RATES: Rates = {
  centsPerHour: 6500,
  freightStock: 4500,
  freightMade: 12_000,
  disposal: 3500,
  lacks: { lock: 8900, hinges: 3600, closer: 4800, casing: 5400, anchors: 2200 },
  preparations: {
    'pack-sides': rate(10, 12, 300, 240),
    'build-down-head': rate(25, 20, 900, 650),
    'pad-sill': rate(15, 15, 400, 900),
    'extend-jamb': rate(30, 12, 600, 780),
    'solid-jamb': rate(90, 20, 4000, 2600),
    'plane-jamb': rate(10, 10, 0, 0),
    'relieve-pinch': rate(20, 15, 0, 0),
    'rip-bucks': rate(15, 6, 0, 0),
    'grind-crown': rate(25, 30, 400, 0),
    'level-sill': rate(30, 20, 1200, 500),
    'move-wall': rate(60, 20, 900, 300),
    'patch-siding': rate(40, 30, 1800, 2400),
    'pad-siding': rate(20, 12, 800, 620),
    'strip-throat': rate(10, 6, 200, 180),
    'pack-legs': rate(10, 8, 300, 260),
    'rework-trim': rate(40, 15, 1500, 900),
    'change-handle': rate(30, 0, 4200, 0),
    'chop-case': rate(60, 0, 300, 0),
    'fill-edge': rate(50, 0, 600, 0),
    'bore-bolt': rate(25, 0, 200, 0),
    'cut-down-leaf': rate(75, 20, 900, 400),
    'lower-floor': rate(120, 60, 3500, 2800),
  },
}

/** What one person may lift: above it two are wanted. */
export const CREW_LIFT: TradeNumber = {
  id: 'crew-lift',
  value: 25,
  unit: 'kg',
  source: { kind: 'default', text: 'common site rule; a firm enters its own', checked: false },
}

/** How long a closer takes at the least from a right angle to nearly shut. */
export const CLOSER_SECONDS: TradeNumber = {
  id: 'closer-seconds',
  value: 5,
  unit: 's',
  source: {
    kind: 'code',
    text: 'closing time of a door from 90° to 12°, as accessibility codes commonly ask; the local authority decides',
    checked: false,
  },
}

/** What one closer shuts of a storm door. Source: Harvek default, common trade practice; the closer's sheet overrides it. */
export const TWO_CLOSERS_KG = 36

/** From which chance a fit is called certain. */
export const SURE_CHANCE: TradeNumber = {
  id: 'sure-chance',
  value: 0.975,
  unit: '',
  source: { kind: 'default', text: 'Harvek default: 39 of 40; below it a reading is taken again', checked: true },
}

/** The most that all seals together may push against the latch. */
export const LATCH_LIMIT_N: TradeNumber = {
  id: 'latch-force',
  value: 60,
  unit: 'N',
  source: {
    kind: 'default',
    text: 'Harvek default, common trade practice: beyond it a door must be slammed',
    checked: false,
  },
}

/** What a door between a house and its garage must show, unless it is of solid wood or steel. */
export const GARAGE_MINUTES: TradeNumber = {
  id: 'garage-minutes',
  value: 20,
  unit: 'min',
  source: {
    kind: 'code',
    text: 'IRC R302.5.1, opening protection to a garage, as commonly adopted; the local authority decides',
    checked: false,
  },
}

/** The most it takes to open a door inside the house without a label, on an accessible way. */
const OPENING_FORCE: TradeNumber = {
  id: 'opening-force',
  value: 22,
  unit: 'N',
  source: {
    kind: 'code',
    text: 'accessibility codes: 5 lbf for an interior hinged door without a label; ask which edition holds here',
    checked: false,
  },
}

const usual = (text: string) => ({ kind: 'default', text, checked: false }) as const

/** What is taken along, and by when one begins. */
const PLANNED = {
  'sealant-tube': {
    id: 'sealant-tube',
    value: 296,
    unit: 'mL',
    source: usual('a tube of 10 oz; the tube says what is in it'),
  },
  'sealant-waste': {
    id: 'sealant-waste',
    value: 0.15,
    unit: '',
    source: usual('Harvek default: what stays in nozzles and at the ends of beads'),
  },
  'foam-can': { id: 'foam-can', value: 300, unit: 'in³', source: usual('Harvek default; the can says what it yields') },
  'foam-share': {
    id: 'foam-share',
    value: 0.8,
    unit: '',
    source: usual('Harvek default: what of a can comes to rest where it is wanted'),
  },
  'sill-beads': {
    id: 'sill-beads',
    value: 3,
    unit: '',
    source: usual('Harvek default: three, full width, where the sill bears'),
  },
  'tape-roll': {
    id: 'tape-roll',
    value: 900,
    unit: 'in',
    source: usual('a roll of 75 ft; the roll says what is on it'),
  },
  'rod-roll': { id: 'rod-roll', value: 240, unit: 'in', source: usual('a roll of 20 ft; the roll says what is on it') },
  'spare-share': { id: 'spare-share', value: 0.1, unit: '', source: usual('Harvek default: one in ten') },
  'survey-minutes': {
    id: 'survey-minutes',
    value: 45,
    unit: 'min',
    source: usual('Harvek default: every reading of one opening, twice where they disagree'),
  },
  'handover-minutes': {
    id: 'handover-minutes',
    value: 30,
    unit: 'min',
    source: usual('Harvek default: the tests of one door, with the customer beside it'),
  },
  'frame-mass': {
    id: 'frame-mass',
    value: 2.5,
    unit: 'kg/m',
    source: usual('Harvek default until a sheet says what the unit weighs'),
  },
  'closed-factor': {
    id: 'closed-factor',
    value: 1.25,
    unit: '',
    source: usual('Harvek default: a quarter more than the work should take, before a wall stands open'),
  },
} as const

/** The numbers of the trade, each with its unit and where it comes from. */
export const NUMBERS: TradeNumbers = {
  'latch-force': LATCH_LIMIT_N,
  'opening-force': OPENING_FORCE,
  'sure-chance': SURE_CHANCE,
  'garage-minutes': GARAGE_MINUTES,
  'closer-seconds': CLOSER_SECONDS,
  'crew-lift': CREW_LIFT,
  ...PLANNED,
}
