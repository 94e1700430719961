import type { After } from '@/core/after-work'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { standingEntries } from '@/core/log/standing'
import { owedCodes, owedOn } from '@/core/order/delivery'
import type { OrderLine } from '@/core/order/order'
import { standingOrders } from '@/core/order/revision'
import type { FirmShown } from '@/core/sharing/share'
import type { ShownJob } from '@/core/sheet'
import type { OpeningRecords, Trade } from '@/core/terms'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import type { Work } from '@/core/work'
import { bothUnits } from '@/words/both-units'
import { figuresIn } from '@/words/figures'
import { FAMILY_NAMES, SIZE_NAMES } from '@/words/kinds'
import { shimName } from '@/words/names'
import { handWords, owedWords } from '@/words/order'
import { packWords } from '@/words/packs'
import { notedWords } from '@/words/step-lines'
import { HEADER_WORDS, stepName } from '@/words/steps'
import { foundWords, lastFound, testWords } from '@/words/tests'
import { slotName } from '@/words/walk'
import { callBlocks, dueBlocks, foundBlocks, handedBlocks, whoBlocks } from './after-blocks'
import { marginBlocks } from './margin-blocks'
import { type Block, jobLine, type Paper } from './paper'
import { byWords, photoBlocks, type RecordPhoto, sealBlocks } from './seal-blocks'

/** What stands on a record beside the work itself. */
export type RecordBeside = {
  readonly firm: FirmShown | null
  readonly after: After | null
  /** The day it is written, `YYYY-MM-DD`. */
  readonly today: string
}

/** The hand-over record of one opening: what was fitted, how it was set, what was tested, what to keep up. */
export function handoverRecord(
  job: ShownJob,
  records: OpeningRecords,
  work: Work,
  { numbers, zone }: Pick<Trade, 'numbers' | 'zone'>,
  photos: readonly RecordPhoto[] = [],
  { firm, after, today }: RecordBeside = { firm: null, after: null, today: '' },
): Paper {
  const { opening } = records
  return {
    title: `Hand-over record: ${opening.tag} ${opening.name}`,
    subtitle: jobLine(job),
    footer: 'Left and right are always as seen from outside. Local codes and the label on the door decide.',
    step: job.step,
    blocks: [
      ...whoBlocks(job, records, firm, after, zone),
      ...foundBlocks(job, records, work),
      ...unitBlocks(job, records, work),
      ...testBlocks(job, work, numbers, zone),
      ...sealBlocks(job, records, work, zone),
      ...photoBlocks(photos),
      ...settingBlocks(job, records, work, zone),
      ...marginBlocks(job, work),
      ...readingBlocks(job, work),
      ...dueBlocks(after, today),
      ...handedBlocks(records),
      ...callBlocks(after),
      { kind: 'heading', text: 'Upkeep' },
      {
        kind: 'text',
        text: 'Bare wood is primed and painted within 2 weeks, the whole unit finished within 6 months, all four edges of a leaf that swings out. Never paint a seal: pull it first. Look at the hinge screws after the first heating season, at the sealant once a year. Screws, not nails, go through an outside trim that will carry a storm door.',
      },
    ],
  }
}

/** What stands ordered for this opening: its own line of the order that holds. */
function orderedLine({
  opening,
  orders,
}: OpeningRecords): { readonly number: string; readonly line: OrderLine } | null {
  const found = standingOrders(orders).flatMap(({ number, lines }) =>
    lines.filter(line => line.opening.id === opening.id).map(line => ({ number, line })),
  )
  return found.at(-1) ?? null
}

function unitBlocks(job: ShownJob, records: OpeningRecords, { door }: Work): readonly Block[] {
  const kind = ['Door', FAMILY_NAMES[records.opening.family].name] as const
  const ordered = orderedLine(records)
  if (!ordered) {
    const none = door.takes.length === 0 ? 'nothing is ordered: the door stays' : 'none released'
    return [{ kind: 'facts', rows: [kind, ['Order', none]] }]
  }
  const { number, line } = ordered
  const { unit, labelWanted } = line
  const hand = handWords(line)
  return [
    { kind: 'heading', text: 'What was ordered for this opening' },
    {
      kind: 'facts',
      rows: [
        kind,
        ['Unit', `${unit.maker} ${unit.article}, ${unit.name}`],
        [SIZE_NAMES[unit.kind], `${bothUnits(unit.width, job.step)} × ${bothUnits(unit.height, job.step)}`],
        ['Order', number],
        ...(labelWanted > 0
          ? ([['Fire label', `${labelWanted} minutes wanted, ${unit.labelMinutes ?? 0} on it`]] as const)
          : []),
        ...owedRows(records),
        ...(line.reason ? ([['Why this one', line.reason]] as const) : []),
      ],
    },
    ...(hand ? [{ kind: 'text', text: hand } as const] : []),
  ]
}

function owedRows({ opening, orders, receipts }: OpeningRecords): readonly (readonly [string, string])[] {
  const owed = owedOn(opening.id, orders, receipts)
  if (!owed) return []
  return [['Still owed', `${owedWords(owedCodes(owed.parts), owed.note)}; since ${owed.at.slice(0, 10)}, ${owed.by}`]]
}

function testBlocks(
  job: ShownJob,
  { handover, terms }: Work,
  numbers: Trade['numbers'],
  zone: string,
): readonly Block[] {
  const say = figuresIn(terms.lengths, numbers, job.step)
  const rows = handover.value.tests.map(test => {
    const [name, , limit] = testWords(test.id, say)
    return [name, limit, foundWords(test, job.step), byWords(lastFound(test), zone)]
  })
  return [
    { kind: 'heading', text: 'Tests' },
    { kind: 'table', head: ['Test', 'Limit', 'Found', 'By'], widths: [0.3, 0.22, 0.26, 0.22], rows },
  ]
}

function settingBlocks(job: ShownJob, { log, wishes }: OpeningRecords, work: Work, zone: string): readonly Block[] {
  const { shims, steps, setBySheet, header } = work.fit.value
  const entries = standingEntries('step', log)
  const fine = workStep(job.step)
  const points: readonly Block[] = shims
    ? [
        {
          kind: 'drawing',
          scene: elevation(drawnOf(work, wishes), 'fit'),
          heightMm: 120,
          caption: 'Elevation from outside: gaps at the packs',
        },
        {
          kind: 'table',
          head: ['Point', 'Gap', 'Pack', 'Screw'],
          widths: [0.28, 0.16, 0.4, 0.16],
          rows: shims.points.map(one => [
            shimName(one.place),
            formatWithUnit(one.gap, fine, 'down'),
            packWords(one.pack, fine),
            one.screwLength === null ? 'none' : formatWithUnit(one.screwLength, job.step, 'up'),
          ]),
        },
      ]
    : []
  const done: readonly Block[] = setBySheet
    ? [
        {
          kind: 'text',
          text: `Set by its maker’s sheet: ${[setBySheet.text, byWords(setBySheet, zone)].filter(Boolean).join(', ')}.`,
        },
      ]
    : [
        {
          kind: 'checks',
          items: steps.map(one => ({
            text: [stepName(one.id), notedWords(one, entries.get(one.id), job.step, zone)].filter(Boolean).join(': '),
            ticked: one.state === 'done',
          })),
        },
      ]
  const head: readonly Block[] = shims?.points.length ? [{ kind: 'text', text: HEADER_WORDS[header] }] : []
  return [{ kind: 'heading', text: 'How it was set' }, ...points, ...head, ...done]
}

function readingBlocks(job: ShownJob, { measure }: Work): readonly Block[] {
  const rows = [...measure.value.survey.bySlot.values()].map(one => [
    slotName(one.slot),
    one.text,
    formatWithUnit(one.value, job.step),
    `${one.instrument}, ${one.takenBy}, ${one.takenAt.slice(0, 10)}`,
  ])
  return [
    { kind: 'heading', text: 'Readings' },
    { kind: 'table', head: ['Reading', 'As typed', 'Understood', 'How'], widths: [0.32, 0.16, 0.18, 0.34], rows },
  ]
}
