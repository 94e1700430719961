import { join } from 'node:path'
import * as fontkit from 'fontkit'
import sharp from 'sharp'
import type { GaugePlace } from '@/core/practice/hanging'
import { kindOf, type NetworkReading } from '@/core/survey/network'
import { type Length, nearestTick, TICKS_PER_INCH } from '@/core/units/length'

const WIDTH = 640
const HEIGHT = 220
const PX_PER_INCH = 190
const INK = '#17242B'
const TAPE = '#F3E7B8'
const WOOD = '#E3D3B0'

let font: fontkit.Font | null = null
function fontOf(): fontkit.Font {
  if (font) return font
  const opened = fontkit.openSync(
    join(process.cwd(), 'node_modules/@expo-google-fonts/source-sans-3/600SemiBold/SourceSans3_600SemiBold.ttf'),
  )
  if (!('layout' in opened)) throw new Error('a font file with one font is needed')
  font = opened
  return font
}

/** Lettering as an outline, so that the picture needs no font where it is made. */
function lettered(text: string, x: number, y: number, size: number): string {
  const run = fontOf().layout(text)
  const scale = size / fontOf().unitsPerEm
  let at = x - (run.advanceWidth * scale) / 2
  return run.glyphs
    .map((glyph, i) => {
      const path = `<path d="${glyph.path.toSVG()}" transform="translate(${at.toFixed(2)} ${y}) scale(${scale} ${-scale})" fill="${INK}"/>`
      at += run.positions[i]!.xAdvance * scale
      return path
    })
    .join('')
}

/** The scale as the learner sees it, as PNG: the end of a stretched tape against an edge, or a rule in the gap of a level or
 *  straightedge. The figure itself is nowhere in it but as marks to be read. */
export function scalePicture(name: NetworkReading, shown: Length): Promise<Buffer> {
  const kind = kindOf(name)
  const isTape = kind === 'widths' || kind === 'heights' || kind === 'diagonals'
  return pictured(isTape ? tape(shown) : gap(SIDES[kind]!, shown))
}

/** What the gauge in a margin shows, or the level along a leg; a margin that leaf and frame have none of is no gap. */
export const gaugePicture = (place: GaugePlace, shown: Length): Promise<Buffer> =>
  pictured(
    place === 'level'
      ? gap(['the top stands away from the leaf', 'the top stands to the leaf'], shown)
      : gap(['leaf and frame touch', ''], shown < 0 ? TOUCHING : shown),
  )
/** Less than any mark shows, on the side where they touch. */
const TOUCHING = nearestTick(-1)

function pictured(drawn: string): Promise<Buffer> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}"><rect width="${WIDTH}" height="${HEIGHT}" fill="#FFFFFF"/>${drawn}</svg>`
  return sharp(Buffer.from(svg)).png({ compressionLevel: 9 }).toBuffer()
}

const line = (x1: number, y1: number, x2: number, y2: number, width = 1): string =>
  `<line x1="${x1.toFixed(2)}" y1="${y1}" x2="${x2.toFixed(2)}" y2="${y2}" stroke="${INK}" stroke-width="${width}"/>`

/** How long a mark is: whole inches longest, then halves, quarters, eighths, sixteenths. */
function markLength(sixteenths: number): number {
  for (const [each, length] of [
    [16, 76],
    [8, 56],
    [4, 44],
    [2, 34],
  ] as const)
    if (sixteenths % each === 0) return length
  return 24
}

function tape(shown: Length): string {
  const edge = WIDTH * 0.56
  const inch = shown / TICKS_PER_INCH
  const first = Math.floor((inch - edge / PX_PER_INCH) * 16)
  const last = Math.ceil((inch + (WIDTH - edge) / PX_PER_INCH) * 16)
  let marks = ''
  for (let n = first; n <= last; n++) {
    const x = edge + (n / 16 - inch) * PX_PER_INCH
    marks += line(x, 60, x, 60 + markLength(n), n % 16 === 0 ? 2.5 : 1.2)
    if (n % 16 === 0) marks += lettered(String(n / 16), x + 24, 158, 34)
  }
  const stud = `<rect x="${edge}" y="0" width="${WIDTH - edge}" height="52" fill="${WOOD}" stroke="${INK}" stroke-width="2"/>`
  return `<rect x="0" y="60" width="${WIDTH}" height="118" fill="${TAPE}" stroke="${INK}" stroke-width="1.5"/>${marks}${stud}${line(edge, 0, edge, 200, 2)}`
}

/** A rule in thirty-seconds across the gap, and on which side the gap is. */
function gap([minus, plus]: Sides, shown: Length): string {
  const pxPerInch = 460
  const from = 90
  const size = Math.abs(shown) / TICKS_PER_INCH
  let marks = ''
  for (let n = 0; n <= 34; n++) {
    const x = from + (n / 32) * pxPerInch
    marks += line(x, 70, x, 70 + markLength(n / 2 === Math.floor(n / 2) ? n / 2 : 1) * 0.7, n % 4 === 0 ? 2 : 1)
    if (n % 8 === 0 && n <= 32) marks += lettered(['0', '1/4', '1/2', '3/4', '1'][n / 8]!, x, 150, 22)
  }
  const end = from + size * pxPerInch
  const level = `<rect x="0" y="4" width="${from}" height="60" fill="#C9D94F" stroke="${INK}" stroke-width="2"/>`
  const wood = `<rect x="${end.toFixed(2)}" y="4" width="${Math.max(0, WIDTH - end).toFixed(2)}" height="60" fill="${WOOD}" stroke="${INK}" stroke-width="2"/>`
  return `${level}${wood}<rect x="${from}" y="68" width="${WIDTH - from}" height="96" fill="#E9ECEC" stroke="${INK}"/>${marks}${lettered(shown < 0 ? minus : plus, WIDTH / 2, 204, 24)}`
}

type Sides = readonly [minus: string, plus: string]
const SIDES: Readonly<Record<string, Sides>> = {
  lean: ['the top stands to the left', 'the top stands to the right'],
  fall: ['the left end is higher', 'the right end is higher'],
  bow: ['the middle stands to the left', 'the middle stands to the right'],
  crown: ['the middle is hollow', 'the middle stands up'],
}
