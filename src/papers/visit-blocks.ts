import {
  CONDITION_PLACES,
  CONDITIONS,
  FIXINGS,
  OBSTACLES,
  REASONS,
  STAYS,
  STRUCTURES,
  unsound,
} from '@/core/specification/visit'
import { SETTINGS } from '@/core/specification/wish-values'
import type { Wishes } from '@/core/specification/wishes'
import { instrumentFor } from '@/core/survey/instrument'
import { isSlot } from '@/core/survey/slots'
import type { Question } from '@/core/survey/survey-of'
import { codeWords } from '@/words/codes'
import { SETTING_WORDS } from '@/words/settings'
import {
  ALWAYS_BRING,
  CONDITION_NAMES,
  CONDITION_PLACE_NAMES,
  FIXING_NAMES,
  INSTRUMENT_BRINGS,
  OBSTACLE_NAMES,
  photoPrompt,
  REASON_NAMES,
  STAYS_NAMES,
  STRUCTURE_NAMES,
} from '@/words/visit'
import type { Block } from './paper'

/** What is brought to a visit by what is read there, each once, and what every visit wants. */
export function bringFor(questions: readonly Question[]): readonly string[] {
  const instruments = new Set(questions.filter(isSlot).map(instrumentFor))
  return [...[...instruments].map(one => INSTRUMENT_BRINGS[one] ?? codeWords(one)), ...ALWAYS_BRING]
}

/** The questions of the first look to be ringed on a blank sheet, with what to bring. */
export const blankVisit = (questions: readonly Question[]): readonly Block[] => [
  { kind: 'heading', text: 'The first look: ring what holds' },
  {
    kind: 'facts',
    rows: [
      ['Why', REASONS.map(one => REASON_NAMES[one]).join(' · ')],
      ['Where it stands', SETTINGS.map(one => SETTING_WORDS[one][0]).join(' · ')],
      ['What stays', STAYS.map(one => STAYS_NAMES[one]).join(' · ')],
      ['In the way', OBSTACLES.map(one => OBSTACLE_NAMES[one]).join(' · ')],
      ['Not sound, and how', CONDITION_PLACES.map(one => CONDITION_PLACE_NAMES[one]).join(' · ')],
      ['', CONDITIONS.map(one => CONDITION_NAMES[one]).join(' · ')],
      ['The old frame is held by', FIXINGS.map(one => FIXING_NAMES[one].toLowerCase()).join(' · ')],
      ['The hole becomes', STRUCTURES.map(one => STRUCTURE_NAMES[one]).join(' · ')],
    ],
  },
  { kind: 'heading', text: 'To bring' },
  { kind: 'checks', items: bringFor(questions).map(text => ({ text, ticked: false })) },
]

/** What was said at the first look; nothing where nothing was. */
export function saidAtVisit({ visit, settings }: Pick<Wishes, 'visit' | 'settings'>): readonly Block[] {
  const rows = [
    ['Why', visit.reasons.map(one => REASON_NAMES[one]).join(', ')],
    ['Where it stands', settings.map(one => SETTING_WORDS[one][0]).join(', ')],
    ['What stays', (visit.stays ?? []).map(one => STAYS_NAMES[one]).join(', ')],
    ['In the way', visit.obstacles.map(one => OBSTACLE_NAMES[one]).join(', ')],
    ['Not sound', unsound(visit).map(photoPrompt).join('; ')],
    ['The old frame is held by', visit.fixings === null ? '' : FIXING_NAMES[visit.fixings].toLowerCase()],
    ['The hole becomes', visit.structure === 'as-it-is' ? '' : STRUCTURE_NAMES[visit.structure]],
  ] as const
  const said = rows.filter(([, value]) => value !== '')
  return said.length
    ? [
        { kind: 'heading', text: 'The first look' },
        { kind: 'facts', rows: said },
      ]
    : []
}
