import type { Condition, ConditionPlace, Fixings, Obstacle, Reason, Stays, Structure } from '@/core/specification/visit'
import type { PhotoView } from '@/core/survey/photo-place'

// What is asked at the first look, in words.

export const REASON_NAMES: Readonly<Record<Reason, string>> = {
  draft: 'Draft',
  water: 'Water comes in',
  rot: 'Rot',
  noise: 'Noise',
  security: 'Security',
  look: 'Its look',
  light: 'More light',
  code: 'A rule asks for it',
  pet: 'A pet’s flap',
}
export const STAYS_NAMES: Readonly<Record<Stays, string>> = {
  'outside-casing': 'Outside casing',
  'inside-casing': 'Inside casing',
  floor: 'Floor',
  siding: 'Siding',
  'bell-wire': 'Bell wire',
  hardware: 'Hardware',
}
export const OBSTACLE_NAMES: Readonly<Record<Obstacle, string>> = {
  radiator: 'Radiator',
  switch: 'Light switch',
  'alarm-contact': 'Alarm contact',
  bell: 'Bell',
  'letter-plate': 'Letter plate',
  steps: 'Steps',
  furniture: 'Furniture',
}
export const CONDITION_PLACE_NAMES: Readonly<Record<ConditionPlace, string>> = {
  sill: 'Sill and subfloor',
  'left-leg': 'Left leg',
  'right-leg': 'Right leg',
  head: 'Head',
  threshold: 'Threshold',
  leaf: 'Leaf',
  'outside-casing': 'Outside casing',
  'inside-wall': 'Inside wall',
  seals: 'Seals and fins',
}
export const CONDITION_NAMES: Readonly<Record<Condition, string>> = {
  soft: 'soft',
  rotten: 'rotten',
  cracked: 'cracked',
  rusted: 'rusted',
  stained: 'stained',
  missing: 'missing',
}
export const FIXING_NAMES: Readonly<Record<Fixings, string>> = { nails: 'Nails', screws: 'Screws', mixed: 'Both' }

/** What a first look is shown by. */
export const PHOTO_VIEW_NAMES: Readonly<Record<PhotoView, string>> = {
  door: 'The whole door',
  'lock-edge': 'Lock edge',
  label: 'Label',
  glass: 'Glass',
  threshold: 'Threshold',
  corners: 'Bottom corners',
}

/** What a place that is not sound is taken a photo of. */
export const photoPrompt = ({ place, state }: { readonly place: ConditionPlace; readonly state: Condition }): string =>
  `${CONDITION_PLACE_NAMES[place].toLowerCase()}, ${CONDITION_NAMES[state]}`
export const STRUCTURE_NAMES: Readonly<Record<Structure, string>> = {
  'as-it-is': 'As it is',
  wider: 'Wider',
  higher: 'Higher',
  moved: 'Moved',
}

/** What to bring for what is read there, by instrument; and what every visit wants. */
export const INSTRUMENT_BRINGS: Readonly<Record<string, string>> = {
  tape: 'Tape, and a second one to check it by',
  laser: 'Laser',
  level: 'Long level, six feet or two metres',
  straightedge: 'Straightedge',
  rule: 'Rule and a caliper',
  gauge: 'Gauges for the gaps',
}
export const ALWAYS_BRING = [
  'Flashlight and a thin probe for rot',
  'Masking tape and a pencil',
  'Gloves, and shoe covers',
] as const
