import { z } from 'zod'
import { isLength, type Length } from './length'

/** A length as whole ticks of 1/3200 mm. */
export const lengthSchema = z.int().min(-64_000_000).max(64_000_000).pipe(z.custom<Length>(isLength))
