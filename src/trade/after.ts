import type { CauseOf, SymptomOf } from '@/core/after/causes'
import type { DeadlineRule } from '@/core/after/deadlines'
import type { AfterTrade } from '@/core/after-work'
import type { Source } from '@/core/base/rule'
import type { Trade } from '@/core/terms'

const practice: Source = {
  kind: 'default',
  text: 'Harvek default, common trade practice; a maker’s sheet overrides it',
  checked: false,
}
const maker: Source = {
  kind: 'default',
  text: 'what makers commonly ask for, or their warranty lapses; the sheet decides',
  checked: false,
}
const code: Source = {
  kind: 'code',
  text: 'yearly inspection of labelled doors, as commonly adopted; the local authority decides',
  checked: false,
}

/** What the trade and the firm say of the years after, at a place. */
export const afterTrade = (
  { zone, numbers, firm }: Pick<Trade, 'zone' | 'numbers' | 'firm'>,
  place: { readonly latitudeE6: number } | null,
): AfterTrade => ({
  zone,
  numbers,
  rules: DEADLINE_RULES,
  warrantyMonths: firm.warrantyMonths,
  latitude: place && place.latitudeE6 / 1e6,
})

const rule = (
  id: DeadlineRule['id'],
  from: DeadlineRule['from'],
  [months, days]: readonly [months: number, days: number],
  everyMonths: number | null,
  whose: DeadlineRule['whose'],
  when: DeadlineRule['when'],
  source: Source,
): DeadlineRule => ({ id, from, months, days, everyMonths, whose, when, source })

/** What is due once a door stands. */
export const DEADLINE_RULES: readonly DeadlineRule[] = [
  rule('bare-wood', 'stood', [0, 14], null, 'customer', ['outside', 'wood', 'bare'], maker),
  rule('whole-finish', 'stood', [6, 0], null, 'customer', ['outside', 'unfinished'], maker),
  rule('hinge-screws', 'heating', [0, 0], null, 'firm', ['hangs'], practice),
  rule('sealant', 'handed-over', [12, 0], 12, 'customer', ['outside'], practice),
  rule('bottom-edge', 'handed-over', [12, 0], 12, 'customer', ['outside', 'wood'], practice),
  rule('closer', 'handed-over', [12, 0], 12, 'firm', ['closer'], practice),
  rule('track', 'handed-over', [12, 0], 12, 'customer', ['slides'], practice),
  rule('fire-inspection', 'handed-over', [12, 0], 12, 'firm', ['label'], code),
]

const cause = (id: CauseOf['id'], cure: CauseOf['cure'], ...evidence: CauseOf['evidence']): CauseOf => ({
  id,
  cure,
  evidence,
})
const margins = (...names: Extract<CauseOf['evidence'][number], { of: 'margins' }>['names']) =>
  ({ of: 'margins', names }) as const
const steps = (...ids: readonly string[]) => ({ of: 'steps', ids }) as const
const tests = (...ids: readonly string[]) => ({ of: 'tests', ids }) as const
const upkeep = (...ids: Extract<CauseOf['evidence'][number], { of: 'upkeep' }>['ids']) =>
  ({ of: 'upkeep', ids }) as const

const TOP_HINGE = cause(
  'top-hinge-loose',
  'margins.tune',
  margins('hinge.top', 'strike.top', 'head.strike'),
  steps('hinge-screws', 'long-screws'),
  upkeep('hinge-screws'),
)
const SWOLLEN = cause('leaf-swollen', 'finish.edges', upkeep('bare-wood', 'whole-finish', 'bottom-edge'))
const FOAM = cause('leg-bowed', 'margins.tune', margins('strike.middle', 'hinge.middle'), steps('operation-test'))
const STRIKE = cause(
  'strike-off',
  'strike.move',
  tests('strike', 'latches', 'bolt-print', 'deadbolt', 'keeper'),
  margins('strike.top', 'strike.middle', 'strike.bottom'),
)
const SEAL_WORN = cause('seal-worn', 'seal.choose-again', upkeep('seal-life'))
const SEAL_HARD = cause('seal-too-hard', 'seal.lighter', tests('latches', 'opens-lightly', 'contact'))
const CONTACT = cause('contact-low', 'seal.move-stop', tests('contact', 'no-light', 'air'))
const CAP = cause('cap-off', 'cap.raise', tests('bill', 'sweep'))
const SEALANT = cause('sealant-open', 'frame.seal-behind', tests('hose', 'air'), upkeep('sealant'))
const CORNER = cause('corner-pad-missing', 'frame.seal-behind', tests('no-light', 'air'), steps('corner-pads'))
const PLUMB = cause('leg-out-of-plumb', 'step.again', tests('plumb', 'stays-open'), margins('hinge.bottom'))
const CLOSER = cause('closer-off', 'closer.turn', tests('closes-slowly', 'self-closes'), upkeep('closer'))
const TRACK = cause('track-dirty', 'track.clean', upkeep('track'))
const ROLLERS = cause('rollers-off', 'margins.tune', tests('rolls', 'keeper'))
const SILL = cause('sill-not-level', 'step.again', tests('rolls', 'plumb'))
const BEDDING = cause(
  'sill-bedding',
  'frame.seal-behind',
  tests('hose'),
  steps('sill-beads', 'sill-pan', 'sill-membrane', 'drip-cap'),
)

/** What a customer says, and what it most often is, the likeliest first where the file says nothing. Source: common trade practice. */
export const SYMPTOMS: readonly SymptomOf[] = [
  { id: 'rubs-head', when: ['hangs'], causes: [TOP_HINGE, SWOLLEN, FOAM, PLUMB] },
  { id: 'sags', when: ['hangs'], causes: [TOP_HINGE, PLUMB, SWOLLEN] },
  { id: 'wont-latch', when: ['hangs'], causes: [STRIKE, TOP_HINGE, SEAL_HARD, FOAM] },
  { id: 'rattles', when: [], causes: [STRIKE, SEAL_WORN, CONTACT] },
  { id: 'draft-low', when: ['outside'], causes: [CORNER, CONTACT, CAP, SEAL_WORN, STRIKE] },
  { id: 'water', when: ['outside'], causes: [CAP, SEALANT, BEDDING, CORNER, SEAL_WORN] },
  { id: 'swings', when: ['hangs'], causes: [PLUMB, TOP_HINGE] },
  { id: 'hard-to-open', when: [], causes: [SEAL_HARD, SWOLLEN, CLOSER, STRIKE] },
  { id: 'slams', when: ['closer'], causes: [CLOSER, STRIKE, SEAL_HARD] },
  { id: 'slides-hard', when: ['slides'], causes: [TRACK, ROLLERS, SILL] },
  { id: 'lock-stiff', when: [], causes: [STRIKE, TOP_HINGE, SWOLLEN] },
  { id: 'light-or-noise', when: [], causes: [CONTACT, SEAL_WORN, CORNER] },
]
