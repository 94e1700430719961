import { SCHOOL_IDS, type SchoolChoices } from './schools'

/** Ways of working that bring their practices along. Each practice can be chosen otherwise afterwards. */
export const METHOD_PROFILES = {
  'timber-prehung': {
    'rough-opening': 'half',
    extension: 'field-mould',
    'outside-trim': 'strip',
    sill: 'pan',
    cavity: 'foam',
    'fresh-unit': 'clipped',
    fastening: 'clip-on',
    'screw-order': 'middle-first',
    'shims-and-screws': 'rest-on-screws',
  },
  'masonry-bucks': {
    'rough-opening': 'masonry',
    sill: 'pan',
    cavity: 'foam',
    'shims-and-screws': 'screw-through',
  },
  'nail-flange': {
    'rough-opening': 'half',
    'outside-trim': 'strip',
    'flush-face': 'sheathing',
    sill: 'pan',
    cavity: 'foam',
  },
  'casing-kept': {
    'unit-width': 'pocket',
    'outside-trim': 'keep',
    'flush-face': 'casing',
    fastening: 'by-margins',
    'fresh-unit': 'opened',
  },
  'knock-down-steel': { 'rough-opening': 'half', 'throat-too-big': 'pack' },
  'makers-sheet': { 'storm-head-gap': 'sheet', 'closer-place': 'sheet' },
} as const satisfies Readonly<Record<string, SchoolChoices>>
export type MethodProfile = keyof typeof METHOD_PROFILES
export const METHOD_PROFILE_IDS = Object.keys(METHOD_PROFILES) as readonly MethodProfile[]

const size = (choices: SchoolChoices): number => Object.keys(choices).length
const holds = (choices: SchoolChoices, profile: SchoolChoices): boolean =>
  SCHOOL_IDS.every(id => profile[id] === undefined || choices[id] === profile[id])

/** The way of working whose practices all stand in what was chosen, the one that says most first; `null` for a mixture of one's own. */
export function profileOf(choices: SchoolChoices): MethodProfile | null {
  const held = METHOD_PROFILE_IDS.filter(id => holds(choices, METHOD_PROFILES[id]))
  return held.sort((a, b) => size(METHOD_PROFILES[b]) - size(METHOD_PROFILES[a]))[0] ?? null
}

/** What is chosen once another way of working is taken: what the old one brought goes, what somebody chose besides stays.
 *  `null` takes back what the old one brought. */
export function withProfile(choices: SchoolChoices, to: MethodProfile | null): SchoolChoices {
  const from = profileOf(choices)
  const brought: SchoolChoices = from ? METHOD_PROFILES[from] : {}
  const kept = Object.fromEntries(
    SCHOOL_IDS.filter(id => choices[id] !== undefined && brought[id] === undefined).map(id => [id, choices[id]]),
  )
  return { ...kept, ...(to ? METHOD_PROFILES[to] : {}) }
}
