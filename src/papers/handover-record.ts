import { elevation } from '@/core/drawing/elevation'
import type { JobResult, OpeningRecords } from '@/core/job'
import type { Job } from '@/core/survey/job-record'
import { formatWithUnit } from '@/core/units/format-length'
import { SEAL_NAMES, SHIM_NAMES, SIDE_NAMES } from '@/words/names'
import { handWords } from '@/words/order'
import { STEP_WORDS } from '@/words/steps'
import { TEST_NAMES } from '@/words/tests'
import { slotName } from '@/words/walk'
import type { Block, Paper } from './paper'

/** The hand-over record of one opening: what was fitted, how it was set, what was tested, what to keep up. */
export function handoverRecord(job: Job, records: OpeningRecords, result: JobResult): Paper {
  const { opening } = records
  return {
    title: `Hand-over record: ${opening.tag} ${opening.name}`,
    subtitle: `${job.name} · ${job.site}`,
    footer: 'Left and right are always as seen from outside. Local codes and the label on the door decide.',
    step: job.step,
    blocks: [
      ...fitted(records, result),
      ...testBlocks(result),
      ...sealBlocks(job, result),
      ...setting(job, result),
      ...readingBlocks(job, result),
      { kind: 'heading', text: 'Upkeep' },
      {
        kind: 'text',
        text: 'Bare wood is primed and painted within 2 weeks, the whole unit finished within 6 months. Never paint a seal: pull it first. Look at the hinge screws after the first heating season, at the sealant once a year.',
      },
    ],
  }
}

function fitted({ orders }: OpeningRecords, { chosen, wishes }: JobResult): readonly Block[] {
  const unit = orders.flatMap(order => order.lines).at(-1)?.unit ?? chosen?.unit
  if (!unit || !wishes.hinges || !wishes.swing) return [{ kind: 'text', text: 'No unit has been chosen yet.' }]
  return [
    { kind: 'heading', text: 'What was fitted' },
    {
      kind: 'facts',
      rows: [
        ['Unit', `${unit.maker} ${unit.article}, ${unit.name}`],
        ['Order', orders.map(order => order.number).join(', ') || 'none released'],
      ],
    },
    { kind: 'text', text: handWords({ hinges: wishes.hinges, swing: wishes.swing }) },
  ]
}

function testBlocks({ handover }: JobResult): readonly Block[] {
  const rows = handover.tests.map(({ id, entry }) => {
    const [name, , limit] = TEST_NAMES[id] ?? [id, '', '']
    return [
      name,
      limit,
      entry ? `${entry.result}${entry.text ? `: ${entry.text}` : ''}` : 'open',
      entry ? `${entry.by}, ${entry.at.slice(0, 10)}` : '',
    ]
  })
  return [
    { kind: 'heading', text: 'Tests' },
    { kind: 'table', head: ['Test', 'Limit', 'Found', 'By'], widths: [0.32, 0.24, 0.22, 0.22], rows },
  ]
}

function sealBlocks(job: Job, { seals }: JobResult): readonly Block[] {
  if (!seals) return []
  const rows = seals.sides.map(side => [
    SIDE_NAMES[side.side],
    side.chosen ? (SEAL_NAMES[side.chosen.seal.id] ?? side.chosen.seal.id) : 'none',
    side.piece ? formatWithUnit(side.piece.length, job.step) : '',
    `${side.flowBefore50.toFixed(1)} → ${side.flowAfter50.toFixed(1)} m³/h`,
  ])
  return [
    { kind: 'heading', text: 'Seals and draft' },
    { kind: 'table', head: ['Side', 'Seal', 'Cut to', 'Draft at 50 Pa'], widths: [0.18, 0.4, 0.18, 0.24], rows },
    {
      kind: 'text',
      text: `Draft at 50 Pa: ${seals.before.flowM3h[1].toFixed(1)} before, ${seals.after.flowM3h[1].toFixed(1)} m³/h after; as a hole ${seals.before.holeCm2.toFixed(1)} before, ${seals.after.holeCm2.toFixed(1)} cm² after.`,
    },
  ]
}

function setting(job: Job, result: JobResult): readonly Block[] {
  const { shims, steps } = result
  if (!shims) return []
  return [
    { kind: 'heading', text: 'How it was set' },
    {
      kind: 'drawing',
      scene: elevation(result, 'fit'),
      heightMm: 120,
      caption: 'Elevation from outside: gaps at the packs',
    },
    {
      kind: 'table',
      head: ['Point', 'Gap', 'Screw'],
      widths: [0.5, 0.25, 0.25],
      rows: shims.points.map(one => [
        SHIM_NAMES[one.place],
        formatWithUnit(one.gap, job.step),
        formatWithUnit(one.screwLength, job.step),
      ]),
    },
    {
      kind: 'checks',
      items: steps.map(one => ({ text: STEP_WORDS[one.id]?.[0] ?? one.id, ticked: one.state === 'done' })),
    },
  ]
}

function readingBlocks(job: Job, { survey }: JobResult): readonly Block[] {
  const rows = [...survey.bySlot.values()].map(one => [
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
