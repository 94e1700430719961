import { z } from 'zod'
import { SHARE_KINDS, type Signing } from './share'

const coordinate = (most: number) => z.int().min(0).max(most)
const stroke = z.array(z.tuple([coordinate(1000), coordinate(1000)])).max(2000)

/** What comes with a signature; the typed name may stand in place of one that is drawn. */
export const signingSchema: z.ZodType<Signing & { readonly typedStands: boolean }> = z.strictObject({
  name: z.string().trim().min(1).max(80),
  choice: z.string().min(1).max(60),
  colour: z.string().max(200),
  reason: z.string().trim().max(500),
  strokes: z.array(stroke).max(60),
  typedStands: z.boolean(),
})

/** What is shared: which units stand side by side, and what is said besides. */
export const sharingSchema = z.strictObject({
  id: z.uuid(),
  kind: z.enum(SHARE_KINDS),
  units: z.array(z.uuid()).max(3),
  note: z.string().trim().max(2000),
  /** Whether the link goes to the customer's own address by mail. */
  mails: z.boolean(),
})
