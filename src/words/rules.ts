import { type Figure, type FigureRef, isFigureRef, type TradeNumberId } from '@/core/base/figure'
import type { PlainRule, RuleId } from '@/core/base/finding'
import type { DisplayStep } from '@/core/units/format-length'
import { figureWords } from './figures'
import { allowanceName } from './traces'

const NUMBERS: Readonly<Record<TradeNumberId, string>> = {
  'latch-force': 'Push at the latch',
  'sure-chance': 'Sure to go in from',
  'garage-minutes': 'Label towards a garage',
  'opening-force': 'Most force to open it',
  'closer-seconds': 'Slowest close',
  'crew-lift': 'What one person lifts',
  'sealant-tube': 'A tube of sealant holds',
  'sealant-waste': 'Of sealant is lost',
  'foam-can': 'A can of foam yields',
  'foam-share': 'Of a can comes to rest',
  'survey-minutes': 'A survey takes',
  'handover-minutes': 'A hand-over takes',
  'frame-mass': 'A frame weighs',
  'sill-beads': 'Beads under a sill',
  'tape-roll': 'A roll of flashing tape holds',
  'rod-roll': 'A roll of backer rod holds',
  'spare-share': 'Packs taken along beyond the plan',
  'closed-factor': 'Times the work is reckoned with',
}

/** Why a rule without a figure of the trade judges as it does. */
const PLAIN: Readonly<Record<PlainRule, string>> = {
  network: 'All readings of one opening have to fit one shape, each within its own exactness.',
  'step-order': 'A step waits for those that must be done before it.',
  receipt: 'What came is compared with the order, member by member.',
  completeness: 'An order says everything its maker has to know, or it is asked.',
  readable: 'Beyond these bounds somebody typed another unit, or slipped.',
  instrument: 'The instrument’s own exactness, sent with the reading.',
  jamb: 'The jamb is as deep as the wall where it is thickest, and a little over.',
  sill: 'The maker’s sheet says what lies under its sill; where it is silent, the practice that holds here does.',
  visit: 'What was said at the first look holds for everything behind it.',
  subfloor: 'What stands on soft wood moves with it.',
  handing: 'Hands are named from outside, from inside, or with the back to the hinges: three names for one door.',
  garage: 'Codes commonly ask it of a door between a garage and the house; the local authority decides.',
  'seal-range': 'The seal’s sheet: the gaps it closes, and what it needs to be fixed.',
  'storm-range': 'The storm door’s sheet: the widths and heights it is adjusted to.',
  wrap: 'A welded frame goes round the wall before it is finished; it can be wider than the wall, never narrower.',
  'fire-label': 'A label holds only as the agency listed it; whoever has a say where it stands decides.',
  airflow: 'What draws air through this gap must not be shut off by a seal.',
  walk: 'Readings of one door go up in order from the same edge.',
  'storm-kind': 'A storm door stands on the outer trim, and takes its room there.',
  lock: 'A lock fits what is bored and mortised, or the leaf is worked on.',
  hinges: 'Hinges go where mortises are, or the leaf is worked on.',
  'gap-survey': 'A seal is chosen by the gaps of the door that is there.',
  escape: 'A way out opens without a key and leaves room to get through; the local authority decides.',
  'wind-zone': 'Where wind drives things, glass and fixing are asked for; the local authority decides.',
  'outside-trim': 'What lies outside is narrower than what it has to cover, or lies beside it.',
  label: 'A label holds only as the agency listed it; whoever has a say where it stands decides.',
  condition: 'What is fixed to unsound wood comes loose.',
  anchors: 'What holds in wood does not hold in masonry, nor the other way.',
  wish: 'It was asked for otherwise.',
  look: 'Looked at and tried by hand; nothing is measured.',
}

/** Why a finding is one: the figure it was judged by with its source, or the rule in words. */
export function ruleReason(rule: RuleId, figure: (id: FigureRef) => Figure, step: DisplayStep): string {
  if (!isFigureRef(rule)) return PLAIN[rule]
  const one = figure(rule)
  const name = 'length' in one ? allowanceName(one.id) : NUMBERS[one.id]
  const unchecked = one.source.checked ? '' : ' (not compared with its own text)'
  return `${name}: ${figureWords(one, step)}. ${capital(one.source.text)}${unchecked}.`
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
