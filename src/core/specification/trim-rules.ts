import { cure } from '../base/cures'
import { step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import { readValue, type Survey, sizesRead } from '../survey/survey'
import { largestOf, minus, plus, smallestOf, times } from '../units/length'
import { type FurtherRule, note, type TrimOpening } from './further'
import { freeHeights, meeting, type Projection, takenHeights } from './handle-window'

/** The trim opening a storm door stands in, whether it tapers, and where its handle can't be. */
export const trimOpening: FurtherRule = ({ survey, lengths }) => {
  const storm = openingIn(survey, lengths)
  if (!storm) return { found: {}, findings: [] }
  const widths = sizesRead(survey, 'brickmould', 'widths').map(one => one.value)
  const spread = minus(largestOf(widths), smallestOf(widths))
  const limit = lengths['square-fine']
  const facts = { spread: { length: spread }, limit: { length: limit.value } }
  return {
    found: { storm },
    findings: [
      ...(spread > limit.value
        ? [note('trim-tapers', 'brickmould/widths.top', 'watch', facts, limit.id, [cure('mould.pad-out')])]
        : []),
      ...storm.taken.map(({ from, to }) =>
        note('handles-meet', 'handle.height', 'watch', { from: { length: from }, to: { length: to } }, 'handle-spare'),
      ),
    ],
  }
}

function openingIn(survey: Survey, lengths: TradeLengths): TrimOpening | null {
  const [widths, heights] = [sizesRead(survey, 'brickmould', 'widths'), sizesRead(survey, 'brickmould', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  const other = { half: lengths['handle-half'].value, proud: lengths['storm-handle-proud'].value }
  const entry = entryHardware(survey, lengths)
  const depth = { space: readValue(survey, 'doors.space'), depthSpare: lengths['handle-depth-spare'].value }
  const spare = lengths['handle-spare'].value
  return {
    width: step('unit.smallest-width', 'smallest', widths),
    height: step('unit.smallest-height', 'smallest', heights),
    taken: takenHeights(entry, other, { ...depth, spare }),
    free: freeHeights(
      times(other.half, 2),
      meeting(entry, other.proud, depth).map(({ middle, half }) => ({
        from: minus(middle, half),
        to: plus(middle, half),
      })),
      { from: lengths['handle-lowest'].value, to: lengths['handle-highest'].value },
      spare,
    ),
  }
}

/** The entry door's handle and deadbolt, where both height and projection were read. */
export function entryHardware(survey: Survey, lengths: TradeLengths): readonly Projection[] {
  const at = (name: 'handle' | 'lock'): readonly Projection[] => {
    const [middle, proud] = [readValue(survey, `${name}.height`), readValue(survey, `${name}.proud`)]
    return middle === null || proud === null ? [] : [{ middle, proud, half: lengths[`${name}-half`].value }]
  }
  return [...at('handle'), ...at('lock')]
}

/** A tall or heavy storm door slams one closer to pieces. */
export const closers: FurtherRule = ({ lengths, trade }, { storm, mass }) => {
  const limit = lengths['two-closers-height']
  const isTall = storm !== null && storm.height.value > limit.value
  const isHeavy = mass !== null && mass.kg > trade.twoClosersKg
  if (!isTall && !isHeavy) return { found: {}, findings: [] }
  const facts = {
    ...(storm ? { height: { length: storm.height.value } } : {}),
    limit: { length: limit.value },
    ...(isHeavy && mass ? { kg: Math.round(mass.kg * 10) / 10 } : {}),
    most: trade.twoClosersKg,
  }
  return { found: {}, findings: [note('two-closers', 'brickmould/heights.left', 'watch', facts, limit.id)] }
}
