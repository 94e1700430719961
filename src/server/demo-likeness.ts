import { z } from 'zod'
import { detailChoices } from '@/core/catalogue/unit-values'
import { DETAILS, type Detail } from '@/core/specification/wish-values'
import type { OpeningRecords, Trade } from '@/core/terms'
import { work } from '@/core/work'

const record = z.record(z.string(), z.unknown())
const texts = z.record(z.string(), z.string())
const scenarioOutline = z.looseObject({
  jobs: z.array(z.looseObject({ unit: z.enum(['in', 'mm']), openings: z.array(z.looseObject({ tag: z.string() })) })),
})

/** A scenario in which every opening stands by itself: one that is `like` another has all that is said of that one, its lengths in their
 *  own unit, and what it says otherwise. @throws when it is like none. */
export function likenesses(scenario: unknown): unknown {
  const { jobs, ...rest } = scenarioOutline.parse(scenario)
  const known = new Map(jobs.flatMap(({ unit, openings }) => openings.map(one => [one.tag, { unit, one }] as const)))
  return {
    ...rest,
    jobs: jobs.map(job => ({
      ...job,
      openings: job.openings.map(({ like, ...own }) => {
        if (like === undefined) return own
        const model = known.get(String(like))
        if (!model) throw new Error(`${own.tag} is like ${String(like)}, and there is none`)
        return { ...inUnitOf(model.one, model.unit === job.unit ? '' : ` ${model.unit}`), ...merged(model.one, own) }
      }),
    })),
  }
}

/** The readings of an opening with the unit they are typed in behind each. */
const inUnitOf = (one: Readonly<Record<string, unknown>>, unit: string) => ({
  ...one,
  readings: Object.fromEntries(
    Object.entries(texts.parse(one.readings)).map(([slot, text]) => [slot, `${text}${unit}`]),
  ),
  again: [],
})

/** What is said otherwise; facts and wishes one by one. */
const merged = (model: Readonly<Record<string, unknown>>, own: Readonly<Record<string, unknown>>) => ({
  ...own,
  facts: { ...record.parse(model.facts ?? {}), ...record.parse(own.facts ?? {}) },
  wishes: { ...record.parse(model.wishes), ...record.parse(own.wishes ?? {}) },
})

/** What a unit's sheet leaves open, settled as it is offered first. */
export function settledDetails(
  records: OpeningRecords,
  trade: Trade,
  at: string,
): Readonly<Partial<Record<Detail, string>>> {
  const { details } = records.order
  const { findings, value } = work(records, trade, at).order
  const missing = findings.flatMap(one =>
    one.code === 'order-missing' ? DETAILS.filter(it => `detail.${it}` === one.facts.what) : [],
  )
  if (missing.length === 0) return details
  const sheet = value.chosen?.unit.details ?? {}
  const more = Object.fromEntries(missing.map(one => [one, detailChoices(sheet[one])[0] ?? 'as the sample']))
  return settledDetails({ ...records, order: { ...records.order, details: { ...details, ...more } } }, trade, at)
}
