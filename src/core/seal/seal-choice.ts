import { z } from 'zod'
import { FACTS } from '../survey/facts'
import { BEDDED } from './bedded'

const seal = z.string().min(1).max(60)
const edge = z.string().min(1).max(40)

/** What is to be sealed and how well, and by which climate and price it is reckoned: an edited record with a revision. */
export const sealChoiceSchema = z.strictObject({
  /** Which seals go on each edge, by the edge's id; none leaves it as it is, a missing edge takes what the plan takes. */
  edges: z.record(edge, z.array(seal).max(2)),
  /** Seals that are there already and stay. */
  stays: z.record(edge, z.array(seal).max(2)),
  /** What it is sealed against, the weightiest first; none goes by what was said at the first look. */
  purposes: z.array(z.enum(FACTS['fact.seal-why'])).max(7),
  /** The draft it may have at 50 Pa, m³/h; `null` closes whatever can be closed. */
  draftMost: z.number().min(0).max(10_000).nullable(),
  /** What it is to keep out at least, Rw in dB; `null` asks nothing. */
  rwLeast: z.int().min(5).max(70).nullable(),
  /** What the leaf keeps out by its sheet, Rw in dB; `null` goes by how it is built. */
  leafRw: z.int().min(5).max(70).nullable(),
  /** The rules a label's gaps are judged by; `null` judges none. */
  rules: z.string().max(40).nullable(),
  bedded: z.array(z.enum(BEDDED)).max(3),
  /** Why a seal goes on against a watch, by edge and seal. */
  reasons: z.record(z.string().max(110), z.string().trim().min(3).max(300)),
  /** Whether pads or plugs are put in the bottom corners. */
  corners: z.boolean(),
  heatingDegreeDays: z.int().min(0).max(12_000),
  centsPerKwh: z.int().min(0).max(1_000),
  /** Of the heating, in percent: 100 takes heat for what it costs. */
  efficiency: z.int().min(10).max(600),
})
export type SealChoice = z.infer<typeof sealChoiceSchema>
