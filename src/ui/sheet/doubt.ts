import { placeOf, type Slot } from '@/core/survey/slots'
import type { Survey } from '@/core/survey/survey'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { inches, type Length, magnitude, minus, ticks } from '@/core/units/length'

const FAR_APART = inches(0, 1, 2)
const LARGEST_GAP = inches(2)
const PLAUSIBLE = { widths: [inches(18), inches(150)], heights: [inches(60), inches(130)] } as const

/** A question about an odd value, before it is taken; `null` when there is nothing odd. Never a refusal. */
export function doubtAbout(slot: Slot, value: Length, survey: Survey, step: DisplayStep): string | null {
  const kind = placeOf(slot).split('.')[0]!
  const shown = formatWithUnit(value, step)
  const others = siblings(slot, survey)
  if ((kind === 'widths' || kind === 'heights' || kind === 'wall' || kind === 'diagonals') && others.length > 0) {
    const nearest = others.reduce((best, one) =>
      magnitude(minus(one, value)) < magnitude(minus(best, value)) ? one : best,
    )
    const apart = magnitude(minus(value, nearest))
    if (apart >= FAR_APART)
      return `${shown} is ${formatWithUnit(apart, step)} from the others. Read it again, or press Enter once more to keep it.`
  }
  if ((kind === 'widths' || kind === 'heights') && (value < PLAUSIBLE[kind][0] || value > PLAUSIBLE[kind][1])) {
    return `${shown} is unusual for a door. Check the unit, or press Enter once more to keep it.`
  }
  if (/^(lean|bow|fall|crown|through|gap|strings)$/.test(kind) && magnitude(value) > LARGEST_GAP) {
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
