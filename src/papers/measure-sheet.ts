import { drawnOf } from '@/core/draw'
import type { Drawn } from '@/core/drawing/drawn'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import type { Scene } from '@/core/drawing/scene'
import { section } from '@/core/drawing/section'
import type { ShownJob } from '@/core/sheet'
import { choicesOf, isFactSlot } from '@/core/survey/facts'
import type { Photo } from '@/core/survey/photo'
import { isSigned, isSlot } from '@/core/survey/slots'
import { type Survey, struckIn } from '@/core/survey/survey'
import { ladderFor, type Question } from '@/core/survey/survey-of'
import type { OpeningRecords } from '@/core/terms'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import type { Work } from '@/core/work'
import { codeWords } from '@/words/codes'
import { placeName } from '@/words/finding-facts'
import { findingWords } from '@/words/findings'
import { FAMILY_NAMES, WAY_NAMES } from '@/words/kinds'
import { directionWords, SKIP_WORDS, slotHow, slotName } from '@/words/walk'
import { type Block, jobLine, type Paper } from './paper'
import { blankVisit, saidAtVisit } from './visit-blocks'

export type MeasureSheetOptions = {
  /** Without any reading, to print and write on. */
  readonly blank: boolean
  /** Photos to add at the end, with their pictures. */
  readonly photos: readonly { readonly photo: Photo; readonly jpeg: Uint8Array }[]
}

/** The measure sheet of one opening: the drawing from outside with every reading's place numbered, and the list of the numbers.
 *  `work` of a blank sheet is that of an opening nobody has read. */
export function measureSheet(
  job: Pick<ShownJob, 'name' | 'site' | 'customer' | 'step' | 'unit'>,
  { opening, wishes, readings, answers }: Pick<OpeningRecords, 'opening' | 'wishes' | 'readings' | 'answers'>,
  work: Work,
  { blank, photos }: MeasureSheetOptions,
): Paper {
  const { survey } = work.measure.value
  const questions = ladderFor(work.door.survey, survey.way)
  const numbers = new Map<string, number>(questions.map((question, i) => [question, i + 1]))
  return {
    title: `Measure sheet: ${opening.tag} ${opening.name}`,
    subtitle: jobLine(job),
    footer: 'Left and right are always as seen from outside. Local codes and the label on the door decide.',
    step: job.step,
    blocks: [
      {
        kind: 'facts',
        rows: [
          ['Door', `${FAMILY_NAMES[opening.family].name}, measured by ${WAY_NAMES[survey.way].name.toLowerCase()}`],
          ['Lengths in', job.unit === 'in' ? 'inches, to the sixteenth; + strong, - light' : 'millimetres'],
          ...(blank
            ? ([
                ['Read by', ''],
                ['On', ''],
                ['Tape and level', ''],
              ] as const)
            : []),
        ],
      },
      ...(blank ? blankVisit(questions) : saidAtVisit(wishes)),
      ...drawings(drawnOf(work, wishes), numbers),
      { kind: 'heading', text: 'Readings' },
      {
        kind: 'table',
        head: ['No.', 'Reading', 'Where and how', 'Read', 'By'],
        widths: [0.06, 0.2, 0.42, 0.18, 0.14],
        rows: questions.map(question => [
          String(numbers.get(question)),
          slotName(question),
          slotHow(question),
          ...(blank ? [choices(question), ''] : readAs(question, survey, job.step)),
        ]),
      },
      ...(blank ? [] : [...struckBlocks({ readings, answers }, job.step), ...judgements(work, job.step)]),
      ...photoBlocks(photos),
    ],
  }
}

function drawings(drawn: Drawn, numbers: ReadonlyMap<string, number>): readonly Block[] {
  const used = (scene: Scene): boolean => scene.marks.some(mark => numbers.has(mark.id))
  const block = (scene: Scene, heightMm: number, caption: string): readonly Block[] =>
    used(scene) ? [{ kind: 'drawing', scene, heightMm, caption, numbers }] : []
  return [
    ...block(elevation(drawn, 'measure'), 128, 'From outside; the numbers are those of the list'),
    ...block(plan(drawn), 52, 'Plan, outside below'),
    ...block(section(drawn), 46, 'Cut through the sill, outside on the left'),
  ]
}

/** What a fact can be answered with, to be ringed. */
const choices = (question: Question): string =>
  isFactSlot(question) ? choicesOf(question).map(codeWords).join(' · ') : ''

/** Which way a reading with a direction goes. */
const sideRead = (question: Question, value: Length): string =>
  isSlot(question) && isSigned(question) && value !== 0 ? ` ${directionWords(question)[value < 0 ? 0 : 1]}` : ''

function readAs(question: Question, survey: Survey, step: DisplayStep): readonly [read: string, by: string] {
  const skipped = survey.skipped.get(question)
  if (skipped) return [`skipped: ${SKIP_WORDS[skipped.code as keyof typeof SKIP_WORDS]}`, skipped.takenBy]
  if (isFactSlot(question)) {
    const fact = survey.facts.get(question)
    return fact ? [codeWords(fact.code), fact.takenBy] : ['open', '']
  }
  const reading = survey.bySlot.get(question)
  if (!reading) return ['open', '']
  const deviation = reading.deviation === null ? '' : ` ±${formatWithUnit(reading.deviation, step)}`
  return [
    `${formatWithUnit(reading.value, step)}${sideRead(question, reading.value)} (“${reading.text}”)${deviation}`,
    [
      reading.takenBy,
      reading.instrument,
      reading.levelLength !== null && `${formatWithUnit(reading.levelLength, step)} long`,
    ]
      .filter(Boolean)
      .join(', '),
  ]
}

/** What was read and does not hold, with who struck it and why; what was only undone at once has no reason and is not listed. */
function struckBlocks(
  { readings, answers }: Pick<OpeningRecords, 'readings' | 'answers'>,
  step: DisplayStep,
): readonly Block[] {
  const struck = struckIn(answers)
  const rows = readings.flatMap(one => {
    const by = struck.get(one.id)
    return by?.note
      ? [[slotName(one.slot), `${formatWithUnit(one.value, step)} (“${one.text}”)`, by.note, by.takenBy]]
      : []
  })
  if (rows.length === 0) return []
  return [
    { kind: 'heading', text: 'Struck' },
    { kind: 'table', head: ['Reading', 'Read', 'Why it does not hold', 'By'], widths: [0.24, 0.24, 0.36, 0.16], rows },
  ]
}

function judgements({ measure }: Work, step: DisplayStep): readonly Block[] {
  const rows = measure.findings.map(one => {
    const { title, why } = findingWords(one, step)
    return [title, why]
  })
  return [
    { kind: 'heading', text: 'What the readings say' },
    rows.length
      ? { kind: 'table', head: ['Finding', 'Why'], widths: [0.4, 0.6], rows }
      : { kind: 'text', text: 'The readings agree with each other.' },
  ]
}

function photoBlocks(photos: MeasureSheetOptions['photos']): readonly Block[] {
  if (photos.length === 0) return []
  return [
    { kind: 'heading', text: 'Photos' },
    ...photos.map(
      ({ photo, jpeg }): Block => ({
        kind: 'picture',
        jpeg,
        ratio: photo.height / photo.width,
        caption: `${photo.slot ? placeName(photo.slot) : 'The opening'}, ${photo.takenBy}, ${photo.takenAt.slice(0, 10)}`,
      }),
    ),
  ]
}
