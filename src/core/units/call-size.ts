import { done, type Outcome, refused } from '../outcome'
import { inches, type Length, mm, TICKS_PER_INCH } from './length'

/** A door's named size: width by height. */
export type Size = { readonly width: Length; readonly height: Length }

const METRIC_FROM = 300
const LEAST_WIDTH_INCHES = 12
const LEAST_HEIGHT_INCHES = 24
const MOST_INCHES = 240

/** Reads a call size: `3068`, `21068` (the width's inches 10 or 11), `3/0 x 6/8`, `36x80`, metric `826x2040`.
 *  Issue code `size.unreadable` with the typed text. */
export function parseSize(typed: string): Outcome<Size> {
  const text = typed.trim().toLowerCase().replace('×', 'x')
  const size = feetAndInches(text) ?? twoNumbers(text)
  return size ? done(size) : refused('size.unreadable', { typed })
}

function feetAndInches(text: string): Size | null {
  const match = /^(\d)(\d|1[01])(\d)(\d)$/.exec(text) ?? /^(\d)\/(\d|1[01])\s*x\s*(\d)\/(\d|1[01])$/.exec(text)
  if (!match) return null
  const [wf, wi, hf, hi] = match.slice(1).map(Number) as [number, number, number, number]
  return plausible(wf * 12 + wi, hf * 12 + hi)
}

function twoNumbers(text: string): Size | null {
  const match = /^(\d{2,4})\s*x\s*(\d{2,4})$/.exec(text)
  if (!match) return null
  const [width, height] = [Number(match[1]), Number(match[2])]
  if (width >= METRIC_FROM && height >= METRIC_FROM) return { width: mm(width), height: mm(height) }
  return plausible(width, height)
}

function plausible(width: number, height: number): Size | null {
  if (width < LEAST_WIDTH_INCHES || height < LEAST_HEIGHT_INCHES || Math.max(width, height) > MOST_INCHES) return null
  return { width: inches(width), height: inches(height) }
}

/** A size as a counter calls it: each measure at the next whole inch at or above, in feet and inches; four or five digits where they say
 *  it without doubt, else `null`. */
export function callSizeOf({ width, height }: Size): {
  readonly code: string | null
  readonly feet: readonly [width: FeetInches, height: FeetInches]
} {
  const [w, h] = [feetOf(width), feetOf(height)]
  const code = w[0] > 9 || h[0] > 9 || h[1] > 9 ? null : `${w[0]}${w[1]}${h[0]}${h[1]}`
  return { code, feet: [w, h] }
}
type FeetInches = readonly [feet: number, inches: number]

const feetOf = (length: Length): FeetInches => {
  const whole = Math.ceil(length / TICKS_PER_INCH)
  return [Math.floor(whole / 12), whole % 12]
}
