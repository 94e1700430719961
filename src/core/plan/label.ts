/** Eight signs of an opening's id, in two groups: short enough to be typed, long enough to be one of ten thousand. */
export const codeOf = (openingId: string): string => {
  const last = openingId.slice(-8).toUpperCase()
  return `${last.slice(0, 4)}-${last.slice(4)}`
}
/** A code as it was typed or scanned, as it stands at the end of an id; `null` where it is none. */
export function codeTyped(text: string): string | null {
  const bare = text.replaceAll(/[\s-]/g, '').toLowerCase()
  return /^[0-9a-f]{8}$/.test(bare) ? bare : null
}

/** A sheet of labels as it is sold, in millimetres: how many across and down, how large each is, where the first begins, and from one to the next. */
export type LabelSheet = {
  readonly id: (typeof LABEL_SHEETS)[number]
  readonly paper: 'a4' | 'letter'
  readonly across: number
  readonly down: number
  readonly width: number
  readonly height: number
  readonly left: number
  readonly top: number
  readonly pitchX: number
  readonly pitchY: number
}
export const LABEL_SHEETS = ['a4-3x8', 'a4-3x7', 'a4-2x7', 'letter-3x10', 'letter-2x5'] as const

const INCH = 25.4
export const SHEETS: Readonly<Record<(typeof LABEL_SHEETS)[number], LabelSheet>> = {
  'a4-3x8': {
    id: 'a4-3x8',
    paper: 'a4',
    across: 3,
    down: 8,
    width: 70,
    height: 37,
    left: 0,
    top: 0.5,
    pitchX: 70,
    pitchY: 37,
  },
  'a4-3x7': {
    id: 'a4-3x7',
    paper: 'a4',
    across: 3,
    down: 7,
    width: 63.5,
    height: 38.1,
    left: 7.2,
    top: 15.1,
    pitchX: 66,
    pitchY: 38.1,
  },
  'a4-2x7': {
    id: 'a4-2x7',
    paper: 'a4',
    across: 2,
    down: 7,
    width: 99.1,
    height: 38.1,
    left: 4.7,
    top: 15.1,
    pitchX: 101.6,
    pitchY: 38.1,
  },
  'letter-3x10': {
    id: 'letter-3x10',
    paper: 'letter',
    across: 3,
    down: 10,
    width: 2.625 * INCH,
    height: INCH,
    left: 0.1875 * INCH,
    top: 0.5 * INCH,
    pitchX: 2.75 * INCH,
    pitchY: INCH,
  },
  'letter-2x5': {
    id: 'letter-2x5',
    paper: 'letter',
    across: 2,
    down: 5,
    width: 4 * INCH,
    height: 2 * INCH,
    left: 0.15625 * INCH,
    top: 0.5 * INCH,
    pitchX: 4.1875 * INCH,
    pitchY: 2 * INCH,
  },
}
export const PAPER_MM = { a4: { width: 210, height: 297 }, letter: { width: 8.5 * INCH, height: 11 * INCH } } as const

/** Where the n-th label lies, from 0: page, and its upper left corner in millimetres. */
export function labelAt({ across, down, left, top, pitchX, pitchY }: LabelSheet, n: number) {
  const onPage = n % (across * down)
  return {
    page: Math.floor(n / (across * down)),
    x: left + (onPage % across) * pitchX,
    y: top + Math.floor(onPage / across) * pitchY,
  }
}
