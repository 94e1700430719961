import type { ReadUnit } from '@/core/base/limit'
import type { Due } from '@/core/fit/due'
import type { ScrewHole } from '@/core/fit/plan-shims'
import type { PlannedStep } from '@/core/fit/setting-step'
import type { LogEntry } from '@/core/log/log'
import { type DisplayStep, finerStep, formatRead, formatWithUnit, workStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import type { SayFigure } from './figures'
import { momentWords } from './moments'
import { PREPARATION_NAMES, shimName } from './names'
import { packWords } from './packs'
import { panWords } from './steps'

export const READ_SIGNS: Readonly<Record<ReadUnit, string>> = {
  length: '',
  newton: 'N',
  second: 's',
  celsius: '°C',
}

/** A figure that was noted, in the job's unit or its own. */
export function figureNoted(value: LogEntry['value'], unit: ReadUnit, step: DisplayStep): string {
  if (value === null) return ''
  return 'length' in value ? formatRead(value.length, step) : `${value.number} ${READ_SIGNS[unit]}`
}

/** What was noted of a step: its figure, that it was left out, why, by whom and when there. Empty where nothing was. */
export function notedWords(
  { reads }: Pick<PlannedStep, 'reads'>,
  entry: LogEntry | undefined,
  step: DisplayStep,
  zone: string,
): string {
  if (!entry || entry.result === 'reopened') return ''
  const what = [
    figureNoted(entry.value, reads?.unit ?? 'length', step),
    entry.result === 'waived' ? 'left out' : entry.result === 'failed' ? 'not right' : '',
    entry.text.replace(/\.$/, ''),
  ]
  return [...what, `${entry.by}, ${momentWords(entry.at, zone)}`].filter(Boolean).join(', ')
}

/** The limit of what is read at a step, as it is met: at most, or at least, a figure of the trade. */
export function limitWords({ reads }: Pick<PlannedStep, 'reads'>, say: SayFigure): string {
  if (!reads) return ''
  if (!reads.limit) return READ_SIGNS[reads.unit]
  return `${reads.limit.holds === 'at-most' ? 'at most' : 'at least'} ${say(reads.limit.figure)}`
}

/** How a screw's hole is drilled. */
export const holeWords = (hole: ScrewHole | null, step: DisplayStep): readonly string[] =>
  hole
    ? [
        `pilot ${formatWithUnit(hole.pilot, step)}${hole.into === 'block' ? ' into the block' : ''}`,
        ...(hole.access === null
          ? []
          : [`first wall of the leg opened to ${formatWithUnit(hole.access, step)}, plugged after`]),
      ]
    : []

/** The pieces of a seal as they are cut: never said too long. */
export const pieceLines = (
  lengths: readonly Length[],
  step: DisplayStep,
): readonly (readonly [name: string, figure: string])[] =>
  lengths.map((one, i) => [
    lengths.length > 1 ? `Piece ${i + 1}, cut to` : 'Piece, cut to',
    formatWithUnit(one, finerStep(step), 'down'),
  ])

/** One line of what the plan says for a step: what it is for, and the figure. */
export function dueWords(due: Due, step: DisplayStep): readonly [name: string, figure: string] {
  const fine = workStep(step)
  switch (due.kind) {
    case 'pack': {
      const filler = due.filler > 0 ? `filler ${formatWithUnit(due.filler, fine)}, ` : ''
      return [shimName(due.place), `${filler}${packWords(due.pack, fine)}`]
    }
    case 'screw':
      return [
        shimName(due.place),
        due.length === null
          ? 'anchor'
          : [formatWithUnit(due.length, step, 'up'), ...holeWords(due.hole, fine)].join(', '),
      ]
    case 'pan':
      return ['Pan', panWords(due.pan, length => formatRead(length, step))]
    case 'pad':
      return ['Thickness', formatWithUnit(due.thickness, fine)]
    case 'support':
      return [`${formatWithUnit(due.at, step)} from the left`, formatWithUnit(due.thickness, fine, 'down')]
    case 'preparation': {
      const { id, amount, run } = due.preparation
      const along = run > 0 ? `, over ${formatWithUnit(run, step)}` : ''
      return [PREPARATION_NAMES[id], `${formatWithUnit(amount, fine)}${along}`]
    }
  }
}
