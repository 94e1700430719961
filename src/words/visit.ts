import type { Obstacle, Reason, Stays, Structure } from '@/core/specification/visit'

// What is asked at the first look, in words.

export const REASON_NAMES: Readonly<Record<Reason, string>> = {
  draft: 'Draft',
  water: 'Water comes in',
  rot: 'Rot',
  noise: 'Noise',
  security: 'Security',
}
export const STAYS_NAMES: Readonly<Record<Stays, string>> = {
  'outside-casing': 'Outside casing',
  'inside-casing': 'Inside casing',
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
