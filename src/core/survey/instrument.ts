import type { Instrument } from './reading'
import { isLevelReading, kindOfSlot, type Slot } from './slots'

/** What a reading is usually taken with, wherever it comes from. */
export function instrumentFor(slot: Slot): Instrument {
  if (isLevelReading(slot)) return 'level'
  switch (kindOfSlot(slot)) {
    case 'bow':
    case 'crown':
      return 'straightedge'
    case 'gap':
    case 'contact':
      return 'gauge'
    case 'leaf':
    case 'backset':
    case 'case':
    case 'mould':
      return slot === 'leaf.thickness' || slot === 'backset' || slot === 'case.depth' ? 'rule' : 'tape'
    default:
      return 'tape'
  }
}
