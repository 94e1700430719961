// What a survey records that is no length: a choice of a few words, or a weight.

/** A strip of paper shut in over a threshold screw, and pulled. */
const BILL = ['drags', 'slides', 'held'] as const
/** Smoke held to a joint, or a hand on a windy day. */
const AIR = ['still', 'smoke-drawn', 'felt'] as const

/** Every fact with the answers it can have; `kg` is a number of kilograms with at most one decimal. */
export const FACTS = {
  'fact.old-door': ['in-place', 'out', 'new-wall'],
  'fact.condition': ['sound', 'worn', 'rotten', 'rusted'],
  'fact.mould-face': ['flat', 'moulded'],
  'fact.active-leaf': ['left', 'right'],
  'fact.moving-panel': ['left', 'right'],
  'fact.frame-kind': ['flange', 'block'],
  'fact.pins': ['removable', 'non-removable', 'spring'],
  'fact.bore': ['none', 'single', 'dual'],
  'fact.label': ['none', '20', '30', '45', '60', '90', '180'],
  'fact.label-legible': ['yes', 'painted-over', 'missing'],
  'fact.closer': ['none', 'surface', 'concealed'],
  'fact.exit-device': ['none', 'rim', 'vertical-rods'],
  'fact.wall-state': ['open', 'finished'],
  'fact.wall-kind': ['wood-studs', 'steel-studs', 'masonry'],
  'fact.lock-case': ['tubular-latch', 'mortise-case'],
  'fact.lock-function': ['passage', 'privacy', 'keyed', 'storeroom', 'entry'],
  'fact.weight': 'kg',
  'fact.kerf': ['yes', 'no'],
  'fact.floor': ['hard', 'carpet', 'uneven', 'pebbles-and-dirt'],
  'fact.threshold': ['fixed', 'adjustable-cap', 'none'],
  'fact.airflow': ['not-needed', 'needed', 'appliance-behind-it'],
  'fact.bill-1': BILL,
  'fact.bill-2': BILL,
  'fact.bill-3': BILL,
  'fact.bill-4': BILL,
  'fact.bill-5': BILL,
  'fact.air-head': AIR,
  'fact.air-left': AIR,
  'fact.air-right': AIR,
  'fact.air-middle': AIR,
  'fact.air-bottom': AIR,
  'fact.seal-why': ['draft', 'water', 'insects', 'smoke', 'fire', 'sound', 'light'],
} as const satisfies Readonly<Record<`fact.${string}`, readonly string[] | 'kg'>>

export type FactSlot = keyof typeof FACTS
export const FACT_SLOTS = Object.keys(FACTS) as readonly FactSlot[]
export const isFactSlot = (text: string): text is FactSlot => text in FACTS

/** The answers of a fact that is a choice; empty for a weight. */
export function choicesOf(slot: FactSlot): readonly string[] {
  const answers: readonly string[] | 'kg' = FACTS[slot]
  return answers === 'kg' ? [] : answers
}

/** Whether `code` answers `slot`: one of its choices, or a weight from 0.1 to 500 kg. */
export function isAnswerTo(slot: FactSlot, code: string): boolean {
  if (FACTS[slot] !== 'kg') return choicesOf(slot).includes(code)
  return /^\d{1,3}(\.\d)?$/.test(code) && Number(code) > 0 && Number(code) <= 500
}

/** Why a reading was not taken. */
export const SKIP_REASONS = ['not-accessible', 'not-there', 'later', 'other'] as const
export type SkipReason = (typeof SKIP_REASONS)[number]
