import { done, type Outcome, refused } from '../outcome'
import { type Length, magnitude, nearestTick, TICKS_PER_MM } from '../units/length'
import { parseLength } from '../units/parse-length'
import type { Instrument } from './reading'

/** What a paired measuring device says of itself. Its exactness is one standard deviation, as it gives it. */
export type Device = {
  readonly name: string
  readonly serial: string
  readonly instrument: Extract<Instrument, 'laser' | 'level'>
  /** `1.0 mm` for lengths, `0.5 mm/m` for slopes. */
  readonly exactness: string
}

/** One value a device sent. A device may send the same one twice: the sequence tells. */
export type DeviceValue = { readonly sequence: number; readonly value: string; readonly unit: string }

/** A device's value as a length of the reading it is taken for. `text` reads back as the value. */
export type DeviceLength = { readonly text: string; readonly value: Length; readonly deviation: Length }

const IN_TICKS = /^(mm|cm|m|in|ft)$/

/** A laser's value as a length. Issue codes of a length; `device.unit` for a unit that is none of a length. */
export function lengthOf({ exactness }: Device, { value, unit }: DeviceValue): Outcome<DeviceLength> {
  if (!IN_TICKS.test(unit)) return refused('device.unit', { typed: `${value} ${unit}`, wanted: 'a length' })
  const text = `${value} ${unit}`
  const [length, deviation] = [parseLength(text, { unit: 'mm' }), parseLength(exactness, { unit: 'mm' })]
  if (!length.ok) return length
  if (!deviation.ok || deviation.value.ticks <= 0) return refused('device.exactness', { typed: exactness })
  return done({ text, value: length.value.ticks, deviation: deviation.value.ticks })
}

/** How much a slope rises per unit of length; `null` for a unit that is no slope. */
function rise(value: string, unit: string): number | null {
  const number = /^-?\d+(\.\d+)?$/.test(value) ? Number(value) : Number.NaN
  if (Number.isNaN(number)) return null
  switch (unit) {
    case 'mm/m':
      return number / 1000
    case 'in/ft':
      return number / 12
    case '°':
      return Math.tan((number * Math.PI) / 180)
    default:
      return null
  }
}

/** A digital level's slope as the gap at the end of a level of this length, to 0.01 mm.
 *  Issue codes `device.unit` and `device.exactness`. */
export function gapOf({ exactness }: Device, { value, unit }: DeviceValue, level: Length): Outcome<DeviceLength> {
  const slope = rise(value, unit)
  if (slope === null) return refused('device.unit', { typed: `${value} ${unit}`, wanted: 'a slope' })
  const [amount = '', of = ''] = exactness.split(' ')
  const doubt = rise(amount, of)
  if (doubt === null || doubt <= 0) return refused('device.exactness', { typed: exactness })
  const hundredths = Math.round((slope * level * 100) / TICKS_PER_MM)
  const gap = nearestTick((hundredths * TICKS_PER_MM) / 100)
  return done({
    text: `${(hundredths / 100).toFixed(2)} mm`,
    value: gap,
    deviation: magnitude(nearestTick(Math.max(1, doubt * level))),
  })
}
