import type { SchoolAnswer } from '@/core/base/schools'
import type { SettingStep } from '@/core/fit/setting-step'
import { IS_BEDDED } from './opening'
import { atLeast, atMost, needed, push, step } from './step'

// Setting a frame with a leaf on hinges: closed in its clip until both legs are set, by its margins with the door working, or fitted dry to
// its margins and fastened last. In each the next thing wants what stands before it.

/** Standing on its bed, still unfixed. */
export const STANDS: readonly SettingStep[] = [
  step('tip-in', IS_BEDDED, 15, ['gloves'], { crew: 2, irreversible: true, caution: 'lift', wantsUnit: true }),
  step('tack-closed', ['tip-in'], 10, ['hammer', 'nail-punch'], { when: ['out-swing'], place: 'hinge' }),
  step('open-at-once', ['tip-in', 'tack-closed'], 5, ['screwdriver'], {
    when: ['fresh-unit:opened'],
    place: 'leaf',
    crew: 2,
    caution: 'clip',
  }),
  step('hinge-plumb', ['tip-in', 'tack-closed', 'open-at-once'], 15, ['long-level'], {
    place: 'hinge',
    reads: atMost('test-plumb'),
    cure: 'hinge-plumb',
  }),
]
export const LOOSE: SettingStep = step('loose-screws', ['hinge-plumb'], 5, ['driver', 'drill'], {
  when: ['shims-and-screws:rest-on-screws', 'leg-packed'],
  place: 'hinge',
})

const SHIM_TOOLS = ['wedges', 'long-level', 'handsaw'] as const
const SCREW_TOOLS = ['driver', 'drill', 'long-level'] as const
const IF_PACKED = { when: ['leg-packed'] } as const
const hingePacks = (needs: readonly string[]) =>
  step('hinge-shims', needs, 20, SHIM_TOOLS, { ...IF_PACKED, place: 'hinge', shows: 'packs', cure: 'hinge-plumb' })
const hingeScrews = (needs: readonly string[]) =>
  step('hinge-screws', needs, 15, SCREW_TOOLS, { ...IF_PACKED, place: 'hinge', shows: 'screws', cure: 'hinge-shims' })
const strikePacks = (needs: readonly string[]) =>
  step('strike-shims', needs, 20, SHIM_TOOLS, { place: 'strike', shows: 'packs', cure: 'hinge-plumb' })
const strikeScrews = (needs: readonly string[]) =>
  step('strike-screws', needs, 15, SCREW_TOOLS, { place: 'strike', shows: 'screws', cure: 'strike-shims' })
export const standsTrue = (needs: readonly string[], cure = 'hinge-shims') =>
  step('stands-true', needs, 5, ['long-level', 'gauge'], { reads: needed(atMost('test-plumb')), cure })
export const contact = (needs: readonly string[], place: SettingStep['place'] = 'strike') =>
  step('contact-even', needs, 10, ['gauge', 'tape'], {
    place,
    reads: atLeast('contact-least'),
    cure: 'contact-even',
  })
export const clipOff = (needs: readonly string[]) =>
  step('first-opening', needs, 5, ['screwdriver'], { place: 'leaf', caution: 'clip', when: ['fresh-unit:clipped'] })

const CLIP_ON = [
  hingePacks(['hinge-plumb', 'loose-screws']),
  standsTrue(['hinge-plumb', 'hinge-shims']),
  hingeScrews(['stands-true']),
  contact(['stands-true', 'hinge-screws']),
  strikePacks(['contact-even']),
  strikeScrews(['strike-shims']),
  clipOff(['strike-screws']),
]

const BY_MARGINS = [
  step('lock-lines', ['hinge-plumb'], 5, ['pencil', 'tape'], { place: 'lock' }),
  step('top-screws', ['lock-lines'], 10, ['driver'], { ...IF_PACKED, shows: 'screws', place: 'hinge' }),
  clipOff(['lock-lines', 'top-screws']),
  hingePacks(['first-opening', 'top-screws', 'loose-screws']),
  strikePacks(['hinge-shims', 'first-opening']),
  standsTrue(['hinge-shims', 'strike-shims']),
  hingeScrews(['stands-true']),
  contact(['stands-true', 'hinge-screws']),
  strikeScrews(['contact-even']),
]

const DRY_FIT = [
  hingePacks(['hinge-plumb', 'loose-screws']),
  strikePacks(['hinge-plumb', 'hinge-shims']),
  standsTrue(['strike-shims']),
  contact(['stands-true']),
  hingeScrews(['contact-even']),
  strikeScrews(['contact-even', 'hinge-screws']),
  clipOff(['strike-screws']),
]
const worked = (way: SchoolAnswer<'fastening'>, steps: readonly SettingStep[]): readonly SettingStep[] =>
  steps.map(one => ({ ...one, by: `fastening:${way}` }))

/** Both legs set, whichever way. */
export const LEGS: readonly SettingStep[] = [
  LOOSE,
  ...worked('clip-on', CLIP_ON),
  ...worked('by-margins', BY_MARGINS),
  ...worked('dry-fit', DRY_FIT),
]
/** After which both legs are fast. By whichever way, these stand last among them. */
export const LEGS_ARE_SET = ['hinge-screws', 'strike-screws', 'first-opening'] as const

/** The leaf made to hang right, then held for good. */
export const marginsOf = (needs: readonly string[]): readonly SettingStep[] => [
  step('margins-even', needs, 15, ['gauge', 'cards', 'screwdriver'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'tuning',
  }),
  step('long-screws', ['margins-even'], 10, ['driver', 'drill'], {
    shows: 'screws',
    place: 'hinge',
    cure: 'tuning',
    when: ['leg-packed'],
  }),
]

export const latchOf = (needs: readonly string[]): readonly SettingStep[] => [
  step('strike-adjust', needs, 10, ['screwdriver', 'file'], { place: 'lock', cure: 'strike-adjust' }),
  step('operation-test', ['strike-adjust'], 10, ['spring-scale'], {
    place: 'leaf',
    reads: push,
    cure: 'strike-adjust',
  }),
]
