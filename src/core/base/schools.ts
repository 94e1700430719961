/** Questions on which good tradespeople disagree, with the practices to choose from; the first of each is Harvek's default.
 *  What each does and why stands in the trade data and in the words. */
export const SCHOOL_ANSWERS = {
  'hand-naming': ['outsideView', 'backToHinges', 'pushSide', 'din107'],
  'unit-width': ['pocket', 'pencil-mark', 'outside-face', 'trim-off'],
  'head-allowance': ['one-and-a-quarter', 'one-and-a-half'],
  'height-start': ['finished-floor', 'underside-of-sill'],
  'rough-opening': ['half', 'three-quarters', 'masonry'],
  bucks: ['gap', 'tight'],
  extension: ['field-mould', 'solid-only'],
  'sill-lumber': ['pvc', 'untreated-wrapped', 'treated'],
  'storm-head-gap': ['sheet', 'even', 'tight'],
  'closer-place': ['sheet', 'top', 'foot', 'under-glass'],
  'outside-trim': ['keep', 'strip'],
  'flush-face': ['ask', 'inside', 'sheathing', 'siding', 'casing'],
  'storm-judged-by': ['all', 'range', 'square', 'plumb'],
  'throat-too-big': ['pack', 'reject'],
  sill: ['pan', 'membrane', 'beads'],
  cavity: ['foam', 'fibre', 'backer-rod'],
  'fresh-unit': ['clipped', 'opened'],
  fastening: ['clip-on', 'by-margins', 'dry-fit'],
  twist: ['plumb', 'split'],
  'screw-order': ['middle-first', 'top-first'],
  'shims-and-screws': ['rest-on-screws', 'screw-through'],
  header: ['doubles', 'never'],
  'foam-trim': ['next-day', 'same-day'],
  'mould-screw': ['late', 'early', 'never'],
} as const

export type SchoolId = keyof typeof SCHOOL_ANSWERS
export type SchoolAnswer<Id extends SchoolId = SchoolId> = (typeof SCHOOL_ANSWERS)[Id][number]
export const SCHOOL_IDS = Object.keys(SCHOOL_ANSWERS) as readonly SchoolId[]

/** What somebody chose: of some questions only. */
export type SchoolChoices = { readonly [Id in SchoolId]?: SchoolAnswer<Id> | undefined }

/** Who chose, the nearest to the opening last. */
export const SCHOOL_LEVELS = ['default', 'company', 'job', 'opening'] as const
export type SchoolLevel = (typeof SCHOOL_LEVELS)[number]

/** A practice for every question, and who chose it. */
export type Schools = {
  readonly answers: { readonly [Id in SchoolId]: SchoolAnswer<Id> }
  readonly from: Readonly<Record<SchoolId, SchoolLevel>>
}

const DEFAULTS = Object.fromEntries(SCHOOL_IDS.map(id => [id, SCHOOL_ANSWERS[id][0]])) as Schools['answers']

/** What holds for an opening: its own choice, else its job's, else the company's, else the default. */
export function resolveSchools(company: SchoolChoices, job: SchoolChoices, opening: SchoolChoices): Schools {
  const levels = { company, job, opening }
  const from = (id: SchoolId): SchoolLevel =>
    (['opening', 'job', 'company'] as const).find(level => levels[level][id] !== undefined) ?? 'default'
  const set = (choices: SchoolChoices) => Object.fromEntries(Object.entries(choices).filter(([, one]) => one))
  return {
    answers: { ...DEFAULTS, ...set(company), ...set(job), ...set(opening) },
    from: Object.fromEntries(SCHOOL_IDS.map(id => [id, from(id)])) as Schools['from'],
  }
}

export const DEFAULT_SCHOOLS: Schools = resolveSchools({}, {}, {})
