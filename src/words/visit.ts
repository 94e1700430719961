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
