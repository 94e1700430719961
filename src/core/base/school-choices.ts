import { z } from 'zod'
import { SCHOOL_ANSWERS, type SchoolId } from './schools'

const of = <Id extends SchoolId>(id: Id) => z.enum(SCHOOL_ANSWERS[id]).optional()

/** Which practice somebody chose for a question; what is not named goes by the level above. */
export const schoolChoicesSchema = z.strictObject({
  'hand-naming': of('hand-naming'),
  'unit-width': of('unit-width'),
  'head-allowance': of('head-allowance'),
  'height-start': of('height-start'),
  'rough-opening': of('rough-opening'),
  bucks: of('bucks'),
  extension: of('extension'),
  'sill-lumber': of('sill-lumber'),
  'storm-head-gap': of('storm-head-gap'),
  'closer-place': of('closer-place'),
  'outside-trim': of('outside-trim'),
  'flush-face': of('flush-face'),
  'storm-judged-by': of('storm-judged-by'),
  'throat-too-big': of('throat-too-big'),
  sill: of('sill'),
  cavity: of('cavity'),
  'fresh-unit': of('fresh-unit'),
  fastening: of('fastening'),
  twist: of('twist'),
  'screw-order': of('screw-order'),
  'shims-and-screws': of('shims-and-screws'),
  header: of('header'),
  'foam-trim': of('foam-trim'),
  'mould-screw': of('mould-screw'),
})
