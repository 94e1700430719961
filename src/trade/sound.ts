import type { SoundRatings } from '@/core/seal/sound-through'

const source = {
  kind: 'default',
  text: 'Harvek default for a closed leaf of this construction, unchecked; a maker’s sheet overrides it',
  checked: false,
} as const
const rated = (rw: number) => ({ rw, source }) as const

/** What a closed leaf keeps out, Rw in dB, by how it is built. */
export const SOUND_RATINGS: SoundRatings = {
  'hollow-core': rated(20),
  'solid-35': rated(27),
  'solid-44': rated(29),
  'fire-30': rated(30),
  'fire-60': rated(32),
  'steel-insulated': rated(27),
  'hollow-metal': rated(28),
  fibreglass: rated(26),
  'glass-6': rated(28),
  'glass-24': rated(30),
}
