import { z } from 'zod'
import { valueSchema } from '../base/column-schema'
import { MOST_OWN_SEALS, type OwnSeal, type OwnSeals } from './own-seal'
import { SEAL_MEMBER_NAMES, sealMember } from './seal-members'

const members = Object.fromEntries(
  SEAL_MEMBER_NAMES.map(name => {
    const member = sealMember(name)
    const schema = valueSchema(member)
    return [name, member.needed ? schema : schema.nullable()]
  }),
)

/** What no seal can be, by the member at fault. */
const FAULTS: readonly (readonly [member: keyof OwnSeal, text: string, is: (seal: OwnSeal) => boolean])[] = [
  // What is noted of a seal names its edge, itself and a step, parted by slashes.
  ['article', 'no slash can stand in it', one => one.article.includes('/')],
  ['gapMost', 'the largest gap is below the smallest', one => one.gapMost < one.gapLeast],
  ['on', 'it goes on no edge', one => one.on.length === 0 && one.kind !== 'corner'],
  ['against', 'it keeps nothing out', one => one.against.length === 0],
  ['years', 'it lasts no time at all', one => one.years <= 0],
  ['centsPerMetre', 'a price of nothing', one => !one.centsPerMetre && !one.centsPerPiece],
  ['difficulty', '1, 2 or 3 is wanted', one => one.difficulty === 0],
  [
    'holeCount',
    'first hole, pitch and number are said together or not at all',
    one => new Set([one.firstHole, one.holePitch, one.holeCount].map(it => it === null)).size > 1,
  ],
  ['holePitch', 'the last hole lies beyond the bar', one => lastHole(one) > one.stock],
  ['holeCount', 'no hole', one => one.holeCount === 0],
]
const lastHole = ({ firstHole, holePitch, holeCount }: OwnSeal): number =>
  (firstHole ?? 0) + (holePitch ?? 0) * Math.max(0, (holeCount ?? 1) - 1)

export const ownSealSchema = z.strictObject(members).superRefine((seal, context) => {
  for (const [member, message, is] of FAULTS)
    if (is(seal as OwnSeal)) context.addIssue({ code: 'custom', path: [member], message })
}) as unknown as z.ZodType<OwnSeal>

export const ownSealsSchema = z.strictObject({
  own: z
    .array(ownSealSchema)
    .max(MOST_OWN_SEALS)
    .refine(all => new Set(all.map(one => one.article)).size === all.length, 'an article stands twice'),
  withShipped: z.boolean(),
}) as unknown as z.ZodType<OwnSeals>
