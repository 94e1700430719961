import { v7 as uuidV7 } from 'uuid'
import type { DeviceLength } from '@/core/survey/device'
import { instrumentFor } from '@/core/survey/instrument'
import type { Instrument, Occasion, Reading } from '@/core/survey/reading'
import { isLevelReading, kindOfSlot, type Slot } from '@/core/survey/slots'
import { inches, type Length, mm } from '@/core/units/length'

/** Levels one carries, by their lengths as they are sold in a unit. */
export const LEVELS: Readonly<Record<'in' | 'mm', readonly Length[]>> = {
  in: [24, 36, 48, 72, 78].map(length => inches(length)),
  mm: [600, 900, 1200, 1800, 2000].map(mm),
}

/** The level one takes for a reading when nothing else was chosen: a short one along the sill, a long one up a side. */
export const usualLevel = (slot: Slot, unit: 'in' | 'mm'): Length => LEVELS[unit][kindOfSlot(slot) === 'fall' ? 0 : 3]!

export type Taking = {
  readonly slot: Slot
  readonly value: Length
  readonly text: string
  readonly graduation: Reading['graduation']
  readonly levelLength: Length | null
  readonly reader: string
  readonly occasion: Occasion
  /** Where a paired device gave the value: its own words, instrument and exactness. */
  readonly from: (DeviceLength & { readonly instrument: Instrument; readonly device: string }) | null
}

/** A new reading, made here and now, with an id of its own. */
export const readingFrom = ({
  slot,
  value,
  text,
  graduation,
  levelLength,
  reader,
  occasion,
  from,
}: Taking): Reading => ({
  id: uuidV7(),
  slot,
  occasion,
  value,
  text,
  instrument: from?.instrument ?? instrumentFor(slot),
  graduation: from ? '0.1' : graduation,
  levelLength: isLevelReading(slot) ? levelLength : null,
  deviation: from?.deviation ?? null,
  device: from?.device ?? '',
  takenBy: reader,
  takenAt: new Date().toISOString(),
  note: '',
})
