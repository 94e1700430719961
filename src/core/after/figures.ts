import type { CauseId, SymptomId } from './causes'

// What a firm learns from its own doors: of each opening what it has to tell, and all of them together.

/** What one opening has to tell. */
export type OpeningFigures = {
  readonly handedOverOn: string | null
  readonly maker: string
  readonly article: string
  readonly calls: readonly { readonly symptom: SymptomId; readonly cause: CauseId | null; readonly on: string }[]
  /** Readings of the survey, and how many of them were taken again. */
  readonly readings: number
  readonly again: number
  /** Deliveries found wrong before they were set; and found wrong after they had been accepted. */
  readonly caught: number
  readonly missed: number
  /** Moves made at its leaves against the fewest that would have done; `null` where none were made. */
  readonly moves: { readonly made: number; readonly least: number } | null
  /** Steps that were begun and done, minutes planned against taken. */
  readonly steps: readonly { readonly id: string; readonly planned: number; readonly taken: number }[]
  /** Air at 50 Pa before and after, m³/h, and heat of a year, kWh; `null` where nothing was read again. */
  readonly draft: {
    readonly before50: number
    readonly after50: number
    readonly kwhBefore: number
    readonly kwhAfter: number
  } | null
}

/** An opening beside its figures. */
export type Figured = {
  readonly id: string
  readonly tag: string
  readonly name: string
  readonly job: string
  readonly figures: OpeningFigures
}

export const FIGURE_IDS = [
  'calls-by-cause',
  'calls-by-article',
  'again',
  'order-errors',
  'moves',
  'hours',
  'draft',
] as const
export type FigureId = (typeof FIGURE_IDS)[number]

/** One line of a figure: what it is of, its values, and the openings behind it. */
export type FigureRow = {
  readonly of: string
  readonly values: readonly number[]
  readonly openings: readonly Pick<Figured, 'id' | 'tag' | 'name' | 'job'>[]
}

const bare = ({ id, tag, name, job }: Figured) => ({ id, tag, name, job })

/** Rows gathered by what they are of, in the order they come; `values` are summed member by member. */
function gathered(
  rows: readonly { readonly of: string; readonly values: readonly number[]; readonly opening: Figured }[],
): readonly FigureRow[] {
  const all = new Map<string, { values: number[]; openings: Map<string, Figured> }>()
  for (const { of, values, opening } of rows) {
    const own = all.get(of) ?? { values: values.map(() => 0), openings: new Map() }
    for (const [i, value] of values.entries()) own.values[i]! += value
    own.openings.set(opening.id, opening)
    all.set(of, own)
  }
  return [...all]
    .map(([of, { values, openings }]) => ({ of, values, openings: [...openings.values()].map(bare) }))
    .sort((a, b) => b.values[0]! - a.values[0]! || (a.of < b.of ? -1 : 1))
}

/** The lines of a figure over all openings, the largest first. What a cause is called, and a month, is the shower's business. */
export function figureRows(id: FigureId, all: readonly Figured[]): readonly FigureRow[] {
  switch (id) {
    case 'calls-by-cause':
      return gathered(
        all.flatMap(opening =>
          opening.figures.calls.map(({ cause, symptom }) => ({ of: cause ?? `open/${symptom}`, values: [1], opening })),
        ),
      )
    case 'calls-by-article':
      return gathered(
        all.flatMap(opening => {
          const { calls, article, maker, handedOverOn } = opening.figures
          if (article === '' || handedOverOn === null) return []
          return [{ of: `${maker} ${article}`, values: [calls.length, 1], opening }]
        }),
      ).filter(one => one.values[0]! > 0)
    case 'again':
      return gathered(
        all.flatMap(opening => {
          const { again, readings } = opening.figures
          return again > 0 ? [{ of: `${opening.tag} ${opening.name}`, values: [again, readings], opening }] : []
        }),
      )
    case 'order-errors':
      return gathered(
        all.flatMap(opening => {
          const { maker, caught, missed } = opening.figures
          return caught + missed > 0 ? [{ of: maker, values: [caught, missed], opening }] : []
        }),
      )
    case 'moves':
      return gathered(
        all.flatMap(opening => {
          const { moves } = opening.figures
          return moves ? [{ of: `${opening.tag} ${opening.name}`, values: [moves.made, moves.least], opening }] : []
        }),
      )
    case 'hours':
      return gathered(
        all.flatMap(opening =>
          opening.figures.steps.map(({ id: step, planned, taken }) => ({
            of: step,
            values: [taken, planned, 1],
            opening,
          })),
        ),
      )
    case 'draft':
      return gathered(
        all.flatMap(opening => {
          const { draft } = opening.figures
          if (!draft) return []
          const { before50, after50, kwhBefore, kwhAfter } = draft
          return [
            {
              of: `${opening.tag} ${opening.name}`,
              values: [before50 - after50, before50, after50, kwhBefore - kwhAfter],
              opening,
            },
          ]
        }),
      )
  }
}

/** Hours of a step from the firm's own past: the mean it took, minutes, where it was timed at least so often; `null` else. */
export function ownMinutes(step: string, all: readonly Figured[], atLeast: number): number | null {
  const timed = all.flatMap(one => one.figures.steps.filter(own => own.id === step))
  if (timed.length < atLeast) return null
  return Math.round(timed.reduce((sum, one) => sum + one.taken, 0) / timed.length)
}

/** What a maker listed and kept to, over all of its lines that came or were answered. */
export type SupplierRow = {
  readonly maker: string
  readonly lines: number
  /** Means over the lines that came; `null` where none did. */
  readonly days: { readonly listed: number; readonly came: number } | null
  /** How many lines came later than listed, and how many were confirmed at another price. */
  readonly late: number
  readonly otherPrice: number
  /** Confirmed over listed, all lines that were answered together; `null` where none was. */
  readonly priceFactor: number | null
}

/** Makers by how many lines they had, from what was listed, confirmed and received. */
export function supplierRows(
  rows: readonly {
    readonly maker: string
    readonly listCents: number
    readonly saidCents: number | null
    readonly listDays: number
    readonly cameAfterDays: number | null
  }[],
): readonly SupplierRow[] {
  return [...new Set(rows.map(one => one.maker))]
    .map(maker => {
      const own = rows.filter(one => one.maker === maker)
      const came = own.flatMap(one => (one.cameAfterDays === null ? [] : [{ ...one, came: one.cameAfterDays }]))
      const answered = own.flatMap(one => (one.saidCents === null ? [] : [{ ...one, said: one.saidCents }]))
      const sum = <T>(all: readonly T[], of: (one: T) => number) => all.reduce((total, one) => total + of(one), 0)
      const listed = sum(answered, one => one.listCents)
      return {
        maker,
        lines: own.length,
        days: came.length
          ? { listed: sum(came, one => one.listDays) / came.length, came: sum(came, one => one.came) / came.length }
          : null,
        late: came.filter(one => one.came > one.listDays).length,
        otherPrice: answered.filter(one => one.said !== one.listCents).length,
        priceFactor: listed > 0 ? sum(answered, one => one.said) / listed : null,
      }
    })
    .sort((a, b) => b.lines - a.lines || (a.maker < b.maker ? -1 : 1))
}
