import { z } from 'zod'
import { ROLES } from '@/core/access/access'
import { CAUSES, SYMPTOM_IDS } from '@/core/after/causes'
import { FAMILIES, USUAL_KIND } from '@/core/base/kinds'
import { firmSchema } from '@/core/catalogue/firm-record'
import { sealChoiceSchema } from '@/core/seal/seal-choice'
import { BORES, DETAILS, MATERIALS, SETTINGS, SUBFLOORS, USES } from '@/core/specification/wish-values'
import { customerSchema } from '@/core/survey/job-record'
import { WAYS } from '@/core/survey/ways'
import { DISPLAY_STEPS } from '@/core/units/format-length'

const instant = z.iso.datetime({ precision: 3 })
const openingSchema = z.strictObject({
  tag: z.string(),
  name: z.string(),
  family: z.enum(FAMILIES).default(USUAL_KIND),
  way: z.enum(WAYS),
  takenBy: z.string(),
  takenAt: instant,
  readings: z.record(z.string(), z.string()),
  /** Readings that somebody else took again: slot, text, by whom. */
  again: z.array(z.tuple([z.string(), z.string(), z.string()])).default([]),
  facts: z.record(z.string(), z.string()).default({}),
  /** Why something was not read: a reason, and a note. */
  skips: z.record(z.string(), z.tuple([z.string(), z.string()])).default({}),
  wishes: z.strictObject({
    use: z.enum(USES),
    material: z.enum(MATERIALS).nullable(),
    bore: z.enum(BORES).nullable(),
    subfloor: z.enum(SUBFLOORS),
    hinges: z.enum(['left', 'right']).nullable(),
    swing: z.enum(['in', 'out']).nullable(),
    settings: z.array(z.enum(SETTINGS)).default([]),
    labelMinutes: z.int().nullable().default(null),
    details: z.partialRecord(z.enum(DETAILS), z.string()).default({}),
  }),
  choose: z.string().optional(),
  reason: z.string().optional(),
  release: instant.optional(),
  /** Why it was ordered before what should have been corrected first. */
  goOn: z.string().optional(),
  /** What its unit's sheet leaves open is settled as it is offered first. */
  settle: z.boolean().default(false),
  /** What the supplier wrote back: as ordered, or with one member of its first line misread. */
  acknowledged: z.union([z.literal('agrees'), z.strictObject({ path: z.string(), value: z.string() })]).optional(),
  /** When its unit was looked at and accepted. */
  received: instant.optional(),
  /** All steps, some, or all up to one; and one that is not right, with what was said of it. */
  steps: z.union([z.literal('all'), z.array(z.string()), z.strictObject({ upTo: z.string() })]).optional(),
  notRight: z.tuple([z.string(), z.string()]).optional(),
  /** When the first was done; `now` so that the last was done just now. */
  stepsAt: z.union([instant, z.literal('now')]).optional(),
  /** What was read before the margins were tuned, and the moves made then. */
  tuned: z
    .strictObject({ before: z.record(z.string(), z.string()), moves: z.array(z.tuple([z.string(), z.string()])) })
    .optional(),
  tests: z.record(z.string(), z.string()).optional(),
  /** Readings of the closed door, beside its survey; and those taken once it was sealed. */
  closed: z.record(z.string(), z.string()).default({}),
  proof: z.record(z.string(), z.string()).default({}),
  /** What is wanted of its seals. */
  seal: sealChoiceSchema.partial().default({}),
  /** Edges whose seal is fitted, or all that the plan puts on. */
  sealed: z.union([z.array(z.string()), z.literal('planned')]).optional(),
  /** When its unit was looked at and held, before it was accepted. */
  heldAt: instant.optional(),
  /** How long some of its steps took, minutes. */
  timed: z.record(z.string(), z.int()).default({}),
  /** What it was called back for, and what came of it. */
  calls: z
    .array(
      z.strictObject({
        symptom: z.enum(SYMPTOM_IDS),
        said: z.string(),
        at: instant,
        cause: z.enum(CAUSES).optional(),
        cure: z.string().optional(),
        curedAt: instant.optional(),
      }),
    )
    .default([]),
  /** What was done of what is due, and when. */
  upkeep: z.record(z.string(), instant).default({}),
  /** The articles its customer was offered, and what they signed. */
  offered: z
    .strictObject({
      articles: z.array(z.string()),
      chosen: z.string(),
      name: z.string(),
      reason: z.string(),
      at: instant,
    })
    .optional(),
})
/** The invented scenario the demo is loaded from. */
export const scenarioSchema = z.strictObject({
  company: z.string(),
  members: z.array(z.strictObject({ name: z.string(), role: z.enum(ROLES) })).min(1),
  firm: firmSchema.partial(),
  jobs: z.array(
    z.strictObject({
      name: z.string(),
      site: z.string(),
      unit: z.enum(['in', 'mm']),
      step: z.enum(DISPLAY_STEPS),
      visitOn: z.iso.date(),
      customer: customerSchema,
      delivery: z.string().default(''),
      notes: z.string().default(''),
      place: z.strictObject({ name: z.string(), latitude: z.number(), longitude: z.number() }),
      createdAt: instant,
      archivedAt: instant.nullable().default(null),
      openings: z.array(openingSchema),
    }),
  ),
})
export type ScenarioOpening = z.infer<typeof openingSchema>
