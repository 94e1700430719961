import type { UnitReading } from '@/core/order/receipt-values'
import { isSigned, kindOfSlot, placeOf, type Slot } from '@/core/survey/slots'

// What a field that is still empty shows: a length as it is typed, near what is mostly read there.

type Example = readonly [inch: string, millimetres: string]

const SIGNED: Example = ['1/16', '1.5']
const CRACK: Example = ['1/8', '3']
const LEAF: Example = ['36 3/8', '924']
const BY_KIND: Readonly<Record<string, Example>> = {
  heights: ['82 3/8', '2092'],
  diagonals: ['90 5/8', '2302'],
  wall: ['4 9/16', '116'],
  sill: ['5 1/2', '140'],
  step: ['5 1/2', '140'],
  floor: CRACK,
  gap: CRACK,
  strings: CRACK,
  contact: CRACK,
  stop: CRACK,
  return: ['1/2', '13'],
  throat: ['4 3/4', '121'],
  backset: ['2 3/8', '60'],
  case: ['3 1/4', '83'],
  bore: ['40 1/2', '1028'],
  hinge: ['37 1/4', '946'],
  doors: ['3 1/8', '80'],
  sidelight: ['12 1/4', '311'],
  glass: ['22 1/4', '565'],
  handle: ['36 1/4', '920'],
  lock: ['44 1/4', '1124'],
}
const BY_PLACE: Readonly<Record<string, Example>> = {
  'leaf.thickness': ['1 3/4', '44'],
  'hinge.height': ['4 1/2', '114'],
  'mould.height': ['82 3/8', '2092'],
  'mould.face': ['1 7/8', '48'],
  'mould.proud': ['1 1/8', '28'],
  'handle.proud': ['2 1/2', '63'],
  'lock.proud': ['1 1/4', '32'],
}

const OF_DELIVERED: Readonly<Record<string, Example>> = {
  width: ['37 1/2', '952'],
  height: ['81 3/4', '2076'],
  diagonal: ['89 15/16', '2284'],
  jamb: ['4 9/16', '116'],
  thickness: ['1 3/4', '44'],
}

const inUnit = ([inch, millimetres]: Example, unit: 'in' | 'mm'): string => (unit === 'in' ? inch : millimetres)

/** A length as it is typed in a job of this unit. */
export const exampleOf = (slot: Slot, unit: 'in' | 'mm'): string =>
  inUnit(isSigned(slot) ? SIGNED : (BY_PLACE[placeOf(slot)] ?? BY_KIND[kindOfSlot(slot)] ?? LEAF), unit)

/** The same of a delivered unit. */
export const exampleOfDelivered = (place: UnitReading, unit: 'in' | 'mm'): string =>
  inUnit(OF_DELIVERED[place.split('.')[0]!] ?? SIGNED, unit)
