import { z } from 'zod'
import { isZone } from '../units/zone'
import { PASSWORD_LEAST, PASSWORD_MOST } from './sign-in-limits'

const name = z.string().trim().min(1).max(80)
const password = z.string().min(PASSWORD_LEAST).max(PASSWORD_MOST)

/** A firm that is started, with its owner. */
export const startSchema = z.strictObject({
  firm: z.string().trim().min(1).max(120),
  unit: z.enum(['in', 'mm']),
  currency: z.string().length(3),
  paper: z.enum(['a4', 'letter']),
  timeZone: z.string().max(60).refine(isZone, 'There is no such clock').nullable(),
  name,
  email: z.email().max(200),
  password,
  /** Whether the demo's firm stands beside it, to try things in. */
  withDemo: z.boolean(),
})
export type Start = z.infer<typeof startSchema>

/** Who is asked to join, in which role. */
export const inviteSchema = z.strictObject({
  email: z.email().max(200),
  name,
  role: z.enum(['owner', 'office', 'installer', 'trainee']),
})
/** What somebody answers who was asked to join. */
export const joinSchema = z.strictObject({ token: z.string().min(20).max(200), name, password })
