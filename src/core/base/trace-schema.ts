import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import { OPERATIONS_OF_TRACE, type Trace } from './trace'

const leafSchema = z.strictObject({
  kind: z.enum(['reading', 'allowance', 'wish', 'unit']),
  name: z.string().max(80),
  value: lengthSchema,
  origin: z.string().max(200),
})

/** How a derived length came about, as it is frozen. */
export const traceSchema: z.ZodType<Trace> = z.lazy(() =>
  z.union([
    leafSchema,
    z.strictObject({
      kind: z.literal('step'),
      rule: z.string().max(80),
      operation: z.enum(OPERATIONS_OF_TRACE),
      from: z.array(traceSchema).max(60),
      value: lengthSchema,
    }),
  ]),
) as z.ZodType<Trace>
