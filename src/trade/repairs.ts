import type { RepairRates } from '@/core/specification/repair'

const source = {
  kind: 'default',
  text: 'Harvek default for a two-person crew; a firm judges its own on site',
  checked: false,
} as const
const rate = (minutes: number, cents: number, isCosmetic = false) => ({ minutes, cents, isCosmetic, source }) as const

/** What it takes to put a door right that stays, for a first comparison. */
export const REPAIRS: RepairRates = {
  'new-seals': rate(75, 5800),
  'sill-flashing': rate(180, 7500),
  'splice-wood': rate(210, 6500),
  'new-threshold': rate(150, 13_500),
  'sound-seals': rate(120, 14_500),
  'strike-and-screws': rate(45, 3600),
  'treat-rust': rate(90, 2800),
  'fill-crack': rate(60, 1800, true),
  'paint-over': rate(150, 3500, true),
  repaint: rate(300, 6500, true),
}
