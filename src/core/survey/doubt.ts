import { inches, type Length, magnitude, minus, smallestOf, ticks } from '../units/length'
import { kindOfSlot, placeOf, type Slot } from './slots'
import type { Survey } from './survey'

const FAR_APART = inches(0, 1, 2)
const LARGEST_GAP = inches(2)
/** What is usual for a reading, by its place or its kind; outside it is asked about. */
const USUAL: Readonly<Record<string, readonly [least: Length, most: Length]>> = {
  widths: [inches(18), inches(150)],
  heights: [inches(60), inches(130)],
  wall: [inches(2), inches(36)],
  sill: [inches(2), inches(36)],
  'leaf.thickness': [inches(0, 3, 4), inches(4)],
  'leaf.width': [inches(12), inches(60)],
  'leaf.active': [inches(12), inches(60)],
  'leaf.passive': [inches(6), inches(60)],
  backset: [inches(0, 3, 4), inches(8)],
  case: [inches(1), inches(8)],
  'hinge.height': [inches(2), inches(9)],
  bore: [inches(20), inches(70)],
  throat: [inches(2), inches(20)],
  return: [inches(0, 1, 4), inches(1, 1, 2)],
  'mould.face': [inches(0, 1, 4), inches(12)],
  'mould.proud': [inches(0, 1, 4), inches(4)],
  'handle.height': [inches(24), inches(60)],
  'lock.height': [inches(24), inches(72)],
  step: [inches(0), inches(24)],
}

/** What is odd about a value before it is taken: never a refusal. */
export type Doubt =
  | { readonly code: 'apart'; readonly by: Length }
  | { readonly code: 'unusual' }
  | { readonly code: 'much-for-a-gap' }

/** A question about an odd value; `null` when there is nothing odd. */
export function doubtAbout(slot: Slot, value: Length, survey: Survey): Doubt | null {
  const kind = kindOfSlot(slot)
  const others = siblings(slot, survey)
  if (/^(widths|heights|wall|diagonals)$/.test(kind) && others.length > 0) {
    const apart = smallestOf(others.map(one => magnitude(minus(value, one))))
    if (apart >= FAR_APART) return { code: 'apart', by: apart }
  }
  const usual = USUAL[placeOf(slot)] ?? USUAL[kind]
  if (usual && (value < usual[0] || value > usual[1])) return { code: 'unusual' }
  const isGap = /^(lean|bow|fall|crown|through|gap|stop|strings|contact)$/.test(kind)
  return isGap && magnitude(value) > LARGEST_GAP ? { code: 'much-for-a-gap' } : null
}

/** The readings of the same kind, by the same way, that stand now. */
function siblings(slot: Slot, survey: Survey): readonly Length[] {
  const family = slot.slice(0, slot.lastIndexOf('.'))
  return [...survey.bySlot.values()]
    .filter(one => one.slot !== slot && one.slot.slice(0, one.slot.lastIndexOf('.')) === family)
    .map(one => ticks(one.value))
}
