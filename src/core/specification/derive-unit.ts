import { allowanceLeaf, type Leaf, type Step, step, type Trace } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import type { UnitWay } from '../survey/ways'

/** The unit to order and the rough opening it wants, each with how it came about; and which reading governs. */
export type DerivedUnit = {
  readonly width: Step
  readonly height: Step
  readonly roughWidth: Step
  readonly roughHeight: Step
  /** Index of the governing reading among those given: the smallest, the first on a tie. */
  readonly governing: { readonly width: number; readonly height: number }
}

export type UnitReadings = {
  readonly way: UnitWay
  readonly widths: readonly Leaf[]
  readonly heights: readonly Leaf[]
  /** How far the old sill sits below the finished floor, where it was read; else the way's default. */
  readonly drop?: Leaf | null
}

/** A unit that stands on packing is lower by it, in the same rough opening. */
export function onPad(unit: DerivedUnit, pad: Trace, lengths: TradeLengths): DerivedUnit {
  if (pad.value <= 0) return unit
  const height = step('unit.less-pad', 'difference', [unit.height, pad])
  return {
    ...unit,
    height,
    roughHeight: step('unit.rough-height-on-pad', 'sum', [height, pad, allowanceLeaf(lengths['room-height'])]),
  }
}

/** The size of the unit (outside of frame; bottom of sill to top of head) from the readings of one way.
 *  @throws RangeError when there is no width or no height: ask first. */
export function deriveUnit(readings: UnitReadings, lengths: TradeLengths): DerivedUnit {
  const width = step('unit.smallest-width', 'smallest', readings.widths)
  const height = step('unit.smallest-height', 'smallest', readings.heights)
  const unit = { width: unitWidth(readings.way, width, lengths), height: unitHeight(readings, height, lengths) }
  return {
    ...unit,
    roughWidth: step('unit.rough-width', 'sum', [unit.width, allowanceLeaf(lengths['room-width'])]),
    roughHeight: step('unit.rough-height', 'sum', [unit.height, allowanceLeaf(lengths['room-height'])]),
    governing: {
      width: readings.widths.findIndex(one => one.value === width.value),
      height: readings.heights.findIndex(one => one.value === height.value),
    },
  }
}

function unitWidth(way: UnitWay, width: Step, lengths: TradeLengths): Step {
  const twice = (id: 'rebate' | 'stop-thickness' | 'buck') =>
    step(`unit.both-sides.${id}`, 'twice', [allowanceLeaf(lengths[id])])
  switch (way) {
    case 'pocket':
      return step('unit.pocket-width', 'sum', [width, twice('rebate')])
    case 'pencil-mark':
      return step('unit.mark-width', 'sum', [width])
    case 'outside-face':
      return step('unit.face-width', 'sum', [width, twice('stop-thickness')])
    case 'trim-off':
      return step('unit.hole-width', 'difference', [width, allowanceLeaf(lengths['room-width'])])
    case 'core':
      return step('unit.core-width', 'sum', [width, allowanceLeaf(lengths['core-width'])])
    case 'masonry':
      return step('unit.masonry-width', 'difference', [width, twice('buck'), allowanceLeaf(lengths['room-width'])])
  }
}

function unitHeight({ way, drop }: UnitReadings, height: Step, lengths: TradeLengths): Step {
  switch (way) {
    case 'pocket':
      return step('unit.pocket-height', 'sum', [
        height,
        allowanceLeaf(lengths.rebate),
        drop ?? allowanceLeaf(lengths['drop-pocket']),
      ])
    case 'pencil-mark':
      return step('unit.mark-height', 'sum', [height, drop ?? allowanceLeaf(lengths['drop-mark'])])
    case 'outside-face':
      return step('unit.face-height', 'sum', [height, allowanceLeaf(lengths['head-stop-thickness'])])
    case 'trim-off':
    case 'masonry':
      return step('unit.hole-height', 'difference', [height, allowanceLeaf(lengths['room-height'])])
    case 'core':
      return step('unit.core-height', 'sum', [height, allowanceLeaf(lengths['core-height'])])
  }
}
