import type { EdgePlan, SealPlan } from '@/core/seal/plan-seals'
import { reasonKey } from '@/core/seal/seal-wants'
import { SEALED_BY_SHEET, type Sealed } from '@/core/seal/sealed'
import type { ShownJob } from '@/core/sheet'
import type { Photo } from '@/core/survey/photo'
import type { OpeningRecords } from '@/core/terms'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import type { Work } from '@/core/work'
import { momentWords } from '@/words/moments'
import { decimal } from '@/words/money'
import { sideName } from '@/words/names'
import { FIRE_WORDS } from '@/words/seals'
import type { Block } from './paper'

/** A photo with its picture and what it shows. */
export type RecordPhoto = { readonly photo: Photo; readonly jpeg: Uint8Array; readonly caption: string }

/** What an edge's photo shows: before any seal of it was in, or since. */
export const edgeCaption = (edge: string, isAfter: boolean): string =>
  `${sideName(edge)}, ${isAfter ? 'sealed' : 'before'}`

/** Each photo with what it shows, by whom and when. */
export function photoBlocks(photos: readonly RecordPhoto[]): readonly Block[] {
  if (photos.length === 0) return []
  return [
    { kind: 'heading', text: 'Photos' },
    ...photos.map(
      ({ photo, jpeg, caption }): Block => ({
        kind: 'picture',
        jpeg,
        ratio: photo.height / photo.width,
        caption: `${caption}: ${photo.takenBy}, ${photo.takenAt.slice(0, 10)}`,
      }),
    ),
  ]
}

/** By whom and when. */
export const byWords = (
  entry: { readonly by: string; readonly at: string } | null | undefined,
  zone: string,
): string => (entry ? `${entry.by}, ${momentWords(entry.at, zone)}` : '')

/** What is sealed with what, what it stops, what proves it, and its label. */
export function sealBlocks(
  job: ShownJob,
  { seal: choice }: OpeningRecords,
  { seal }: Work,
  zone: string,
): readonly Block[] {
  const { plan, fitted, sound } = seal.value
  const bySheet = fitted.get(SEALED_BY_SHEET)
  if (bySheet)
    return [
      { kind: 'heading', text: 'Seals' },
      {
        kind: 'text',
        text: `Sealed by its maker’s sheet: ${[bySheet.text, byWords(bySheet, zone)].filter(Boolean).join(', ')}.`,
      },
    ]
  if (!plan || plan.edges.every(one => one.expected !== null)) return []
  const number = (value: number, digits: number) => decimal(value, digits, job.numbers)
  const row = (one: EdgePlan) => [
    sideName(one.edge.id),
    [...one.stays.map(it => `${it.name} (stays)`), ...one.chosen.map(it => it.seal.name)].join('; ') || 'none',
    one.pieces.map(piece => formatWithUnit(piece.length, job.step, 'down')).join('; '),
    one.chosen
      .map(
        ({ seal: own }) =>
          byWords(fitted.get(`${one.edge.id}/${own.id}`) ?? fitted.get(one.edge.id), zone) || 'planned, not fitted',
      )
      .join('; '),
    `${number(one.flowBefore[1], 1)} → ${number(one.flowAfter[1], 1)} m³/h`,
  ]
  return [
    { kind: 'heading', text: 'Seals and draft' },
    {
      kind: 'table',
      head: ['Side', 'Seal', 'Cut to', 'Fitted by', 'Draft at 50 Pa'],
      widths: [0.15, 0.3, 0.14, 0.2, 0.21],
      rows: plan.edges.map(row),
    },
    {
      kind: 'text',
      text: `Draft at 50 Pa: ${number(plan.before.flowM3h[1], 1)} before, ${number(plan.after.flowM3h[1], 1)} m³/h after; as a hole ${number(plan.before.holeCm2, 1)} before, ${number(plan.after.holeCm2, 1)} cm² after.${sound ? ` Sound: about Rw ${sound.open.rw} before, ${sound.sealed.rw} dB after, good to ± ${sound.within} dB.` : ''}`,
    },
    ...reasonBlocks(plan, choice.reasons),
    ...proofBlocks(job, seal.value),
    ...fireBlocks(job, seal.value, zone),
  ]
}

/** Why a seal went on that goes on only where somebody says so. */
const reasonBlocks = ({ edges }: SealPlan, reasons: Readonly<Record<string, string>>): readonly Block[] => {
  const asked = edges.flatMap(one =>
    one.chosen
      .filter(it => it.isAsked)
      .map(({ seal }) => {
        const reason = reasons[reasonKey(one.edge.id, seal.id)]
        return `${sideName(one.edge.id)}: ${seal.name}, bedded, its joint sealed, draining.${reason ? ` ${reason}` : ''}`
      }),
  )
  return asked.length === 0 ? [] : [{ kind: 'text', text: asked.join(' ') }]
}

/** The same places before and after. */
function proofBlocks(job: ShownJob, { proof }: Sealed): readonly Block[] {
  if (proof.edges.length === 0) return []
  const fine = workStep(job.step)
  return [
    { kind: 'heading', text: 'Read again once sealed' },
    {
      kind: 'table',
      head: ['Side', 'Mean gap', 'Air at 50 Pa'],
      widths: [0.3, 0.35, 0.35],
      rows: proof.edges.map(one => [
        sideName(one.edge.id),
        `${formatWithUnit(one.before, fine)} → ${formatWithUnit(one.after, fine)}`,
        `${decimal(one.flowBefore50, 1, job.numbers)} → ${decimal(one.flowAfter50, 1, job.numbers)} m³/h`,
      ]),
    },
  ]
}

/** The label's inspection: by which rules, every edge, and what was looked at by whom. */
function fireBlocks(job: ShownJob, { fire }: Sealed, zone: string): readonly Block[] {
  if (!fire) return []
  const fine = workStep(job.step)
  return [
    { kind: 'heading', text: 'Label' },
    {
      kind: 'text',
      text: `${fire.rules.name}: ${fire.rules.source.text}, edition ${fire.rules.source.edition}.${fire.againOn ? ` To be looked at again on ${fire.againOn}.` : ''}`,
    },
    {
      kind: 'table',
      head: ['Side', 'Worst gap', 'By the rules'],
      widths: [0.34, 0.33, 0.33],
      rows: fire.edges.map(one => [
        sideName(one.edge.id),
        one.worst === null ? 'not read' : formatWithUnit(one.worst, fine),
        one.verdict ?? '',
      ]),
    },
    {
      kind: 'table',
      head: ['Looked at', 'Found', 'By'],
      widths: [0.5, 0.2, 0.3],
      rows: fire.looks.map(one => [
        FIRE_WORDS[one.item] ?? one.item,
        one.entry === null
          ? 'not looked at'
          : one.entry.result === 'passed'
            ? 'in order'
            : `not in order: ${one.entry.text}`,
        byWords(one.entry, zone),
      ]),
    },
  ]
}
