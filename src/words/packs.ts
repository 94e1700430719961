import type { Pack } from '@/core/fit/pack-gap'
import { type DisplayStep, formatLength, formatWithUnit } from '@/core/units/format-length'

/** What is laid into a gap, read out: flats from the thickest, then the wedge pair and how far it is pulled apart. */
export function packWords(pack: Pack | null, step: DisplayStep): string {
  if (!pack) return 'no pack fits'
  if (pack.pieces === 0) return 'nothing to pack'
  const flats = pack.flats.map(flat => formatLength(flat, step, 'down')).join(' + ')
  if (pack.wedgeOffset === null) return `${flats} ${step.includes('/') ? 'in' : 'mm'}`
  const wedge = pack.wedgeOffset === 0 ? 'fully overlapped' : `pulled apart ${formatWithUnit(pack.wedgeOffset, step)}`
  return `${flats ? `${flats} + ` : ''}wedge pair, ${wedge}`
}
