import { placeOf, type Slot } from '@/core/survey/slots'
import type { Survey } from '@/core/survey/survey'
import { type DisplayStep, formatWithUnit, lengthParts, workStep } from '@/core/units/format-length'
import { inches, type Length, magnitude, minus, ticks } from '@/core/units/length'

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

/** A question about an odd value, before it is taken; `null` when there is nothing odd. Never a refusal. */
export function doubtAbout(slot: Slot, value: Length, survey: Survey, step: DisplayStep): string | null {
  const kind = placeOf(slot).split('.')[0]!
  const shown = formatWithUnit(value, lengthParts(value, step).exact ? step : workStep(step))
  const others = siblings(slot, survey)
  if ((kind === 'widths' || kind === 'heights' || kind === 'wall' || kind === 'diagonals') && others.length > 0) {
    const nearest = others.reduce((best, one) =>
      magnitude(minus(one, value)) < magnitude(minus(best, value)) ? one : best,
    )
    const apart = magnitude(minus(value, nearest))
    if (apart >= FAR_APART)
      return `${shown} is ${formatWithUnit(apart, step)} from the others. Read it again, or press Enter once more to keep it.`
  }
  const usual = USUAL[placeOf(slot)] ?? USUAL[kind]
  if (usual && (value < usual[0] || value > usual[1])) {
    return `${shown} is unusual for a door. Check the unit, or press Enter once more to keep it.`
  }
  if (/^(lean|bow|fall|crown|through|gap|strings|contact)$/.test(kind) && magnitude(value) > LARGEST_GAP) {
    return `${shown} is a lot for a gap. Read it again, or press Enter once more to keep it.`
  }
  return null
}

/** The readings of the same kind, by the same way, that stand now. */
function siblings(slot: Slot, survey: Survey): readonly Length[] {
  const family = slot.slice(0, slot.lastIndexOf('.'))
  return [...survey.bySlot.values()]
    .filter(one => one.slot !== slot && one.slot.slice(0, one.slot.lastIndexOf('.')) === family)
    .map(one => ticks(one.value))
}
