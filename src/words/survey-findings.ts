import type { NearCode } from '@/core/catalogue/near-limits'
import type { ChanceCode } from '@/core/opening/judge-chance'
import type { FurtherCode } from '@/core/specification/further'
import type { VisitCode } from '@/core/specification/judge-visit'
import type { Condition, ConditionPlace, Obstacle, Structure } from '@/core/specification/visit'
import type { Setting } from '@/core/specification/wish-values'
import type { SkipReason } from '@/core/survey/facts'
import type { SurveyCode } from '@/core/survey/judge-survey'
import type { SecondCode } from '@/core/survey/second-reading'
import type { UncheckedCode } from '@/core/survey/unchecked'
import { codeWords } from './codes'
import { type Say, type Words, words } from './say'
import { SETTING_WORDS } from './settings'
import { CONDITION_NAMES, CONDITION_PLACE_NAMES, OBSTACLE_NAMES, STRUCTURE_NAMES } from './visit'
import { SKIP_WORDS } from './walk'

const NEAR_WORDS: Readonly<Record<string, string>> = {
  'not-in': 'the chosen unit no longer goes in',
  'other-work': 'the chosen unit needs other work',
}

const UNSOUND_WORDS: Readonly<Record<string, string>> = {
  stays: 'It stays, and nothing is fastened or sealed to it before it is sound.',
  'comes-out': 'It comes out with the old door; the wood behind it is looked at when it shows.',
  water: 'Find where the water comes from before it is closed up.',
  seals: 'Air and water pass there: where the old ones failed, look why before new ones go on.',
  cracked: 'Look whether it moves: a crack that works comes back.',
}

const chanceOf = (f: Say) =>
  `${f('article') ? `${f('article')}, ` : 'A unit of the usual size, '}${f('width')} × ${f('height')},`

/** The words of what a survey says by itself, and of what a kind of door asks for, by code. */
export const SURVEY_WORDS: Readonly<
  Record<SecondCode | UncheckedCode | ChanceCode | NearCode | SurveyCode | FurtherCode | VisitCode, Words>
> = {
  'second-agrees': words(
    f => `${f('place')}: a second reading agrees`,
    f => `${f('first')} by ${f('firstBy')}; ${f('second')} by ${f('secondBy')}. Limit ${f('limit')}.`,
  ),
  'second-differs': words(
    f => `${f('place')}: two readings differ by ${f('apart')}`,
    f =>
      `${f('first')} by ${f('firstBy')}; ${f('second')} by ${f('secondBy')}. Limit ${f('limit')}. A third settles it.`,
  ),
  'reading-by-trainee': words(
    f => `${f('place')}: read by ${f('by')}, who learns`,
    'It counts once somebody else has read the same place, or signed what was read.',
  ),
  'near-limit': words(
    f => `${f('place')}: ${f('read')} lies close to a limit`,
    f =>
      `If it is off by ${f('within')}, no more than what it was read with can be, ${NEAR_WORDS[f('would')] ?? 'the chosen unit is judged otherwise'}. Another hand or a finer reading settles it.`,
  ),
  'chance-goes-in': words(
    f => `Goes in, ${f('chance')} in 100`,
    f => `${chanceOf(f)} in the hole as it was read, with the exactness of each reading.`,
  ),
  'chance-too-close': words(
    f => `Too close to tell: ${f('chance')} in 100`,
    f => `${chanceOf(f)} may go in or not. ${f('deciding')} decides it most.`,
  ),
  'chance-does-not': words(
    f => `Does not go in, ${f('chance')} in 100`,
    f => `${chanceOf(f)} in the hole as it was read. ${f('deciding')} decides it most.`,
  ),
  'reading-skipped': words(
    f => `${f('place')} was skipped: ${SKIP_WORDS[f('reason') as SkipReason]}`,
    f => `${f('note') ? `“${f('note')}” ` : ''}${f('assumed')}`,
  ),
  'mould-narrow': words(
    f => `Trim face ${f('read')} is narrow`,
    f => `A leg needs ${f('limit')} of flat face to land on.`,
  ),
  'mould-shallow': words(
    f => `Trim stands ${f('read')} proud`,
    f => `The door needs ${f('limit')}; light ones do with less. Look at the maker’s sheet.`,
  ),
  'mould-moulded': words(() => 'The trim is moulded', 'A leg can’t sit on a moulding: flat trim first, or a filler.'),
  'backset-odd': words(
    f => `No lock has a backset of ${f('read')}`,
    f => `The nearest is ${f('nearest')}. Measure again, from the edge to the centre.`,
  ),
  'hinges-out-of-order': words(
    f => `${f('place')} stands above the one before it`,
    f => `${f('read')} from the top, after ${f('before')}. Hinges are read from the top down.`,
  ),
  'label-not-legible': words(
    f => `Fire label ${codeWords(f('found'))}`,
    'The label’s agency or the authority says what the door is. Never cut or plane it meanwhile.',
  ),
  'condition-rotten': words(
    () => 'Rot',
    'Nothing set on it or screwed into it will stay. Cut back to sound wood first.',
  ),
  'airflow-needed': words(
    () => 'Air is needed under this door',
    'Sealed tight at the bottom, the room loses its return air. Leave the way open, or give it another.',
  ),
  'airflow-appliance': words(
    () => 'An appliance burns behind this door',
    'It must keep its air. Seal nothing before someone licensed has said how.',
  ),
  'trim-tapers': words(
    f => `The trim tapers by ${f('spread')}`,
    f =>
      `Limit ${f('limit')}. A leg packed at one end only swings by itself: straighten the trim, or pack off one leg.`,
  ),
  'handles-meet': words(
    f => `The storm door’s handle keeps clear of ${f('from')} to ${f('to')}`,
    'Between these heights from the sill it would meet the entry door’s handle or deadbolt.',
  ),
  'throat-fits': words(
    f => `A ${f('overall')} frame takes the wall`,
    f => `Its throat of ${f('throat')} is ${f('over')} over the thickest wall, ${f('wall')}.`,
  ),
  'throat-packed': words(
    f => `A ${f('overall')} frame is packed by ${f('strips')} ${f('strips') === '1' ? 'strip' : 'strips'}`,
    f => `Its throat of ${f('throat')} is ${f('over')} over the thickest wall, ${f('wall')}: unpacked it would twist.`,
  ),
  'throat-none': words(
    () => 'No usual wrap-around frame takes this wall',
    f => `Thickest wall ${f('wall')}. A frame made to size, or another kind.`,
  ),
  'throat-under-wall': words(
    f => `The old throat of ${f('throat')} can’t go round a wall of ${f('wall')}`,
    'Frame or wall was read wrong. Take both again.',
  ),
  'case-odd': words(
    f => `The case is ${f('read')} deep, with this backset usually ${f('usual')}`,
    f => `Limit ${f('limit')}. Take both again; a mortise of another depth is filled or chopped deeper.`,
  ),
  'no-welded-frame': words(
    () => 'Knock-down only: the wall is finished',
    'A welded frame can’t go round a finished wall.',
  ),
  'slider-sill': words(
    f => `Sill out of level by ${f('fall')}`,
    f => `A slider’s sill is level within ${f('limit')}, or its panels run off by themselves.`,
  ),
  'latch-to-case': words(
    () => 'A latch alone locks nothing',
    f => `For ${f('wanted')} a case is let into the edge, or a bolt of the same backset goes below the latch.`,
  ),
  'hinges-too-weak': words(
    f => `No usual hinge carries ${f('kg')} kg`,
    'Ask the hinge’s maker; more hinges of a weaker class don’t add up.',
  ),
  'two-closers': words(
    f => (f('kg') ? `The storm door weighs ${f('kg')} kg: two closers` : `${f('height')} high: two closers`),
    f => `Above ${f('limit')} or ${f('most')} kg one closer alone gives out. Order a second, and set both alike.`,
  ),
  'deeper-mortises': words(
    f => `${f('kg')} kg wants stronger hinges than plain ones`,
    'Their plates may be thicker than the old: deepen the mortises in jamb and leaf alike, or the gap opens.',
  ),
  'two-people': words(f => `The leaf weighs ${f('kg')} kg`, 'Two people lift it, with gloves.'),
  'leaves-do-not-add-up': words(
    f => `Leaves and lights are ${f('total')} together, the opening ${f('width')}`,
    'They can’t be wider than what they stand in. Take them again.',
  ),
  'structure-first': words(
    f => `The hole is to be ${STRUCTURE_NAMES[f('structure') as Structure].toLowerCase()}: ask a licensed person first`,
    'Ask: what does the header carry, and what stands above it? Which studs may move? What holds the wall meanwhile? Which drawing does the authority want? Nothing is ordered before.',
  ),
  'draft-not-read': words(
    () => 'Draft is why, and no gap was read',
    'Read the gaps of the old door while it hangs: they show what the new one saves.',
  ),
  'rot-not-seen': words(
    () => 'Rot is why, and the subfloor was not seen',
    'It goes on under the sill more often than not. Look before the unit is ordered.',
  ),
  'secure-bore': words(
    f => `Security is why, and the bore is ${f('bore')}`,
    'A deadbolt wants a bore of its own: order it double.',
  ),
  'rule-not-said': words(
    () => 'A rule is why, and no fire label was asked for or ruled out',
    'Ask the local authority which rule: label, clear width, threshold, glass, lock. Then say what it asks for.',
  ),
  'not-sound': words(
    f => `${CONDITION_PLACE_NAMES[f('what') as ConditionPlace]}: ${CONDITION_NAMES[f('state') as Condition]}`,
    f => UNSOUND_WORDS[f('then')] ?? '',
  ),
  'in-the-way': words(
    f =>
      `In the way: ${f('list')
        .split(' ')
        .map(one => OBSTACLE_NAMES[one as Obstacle].toLowerCase())
        .join(', ')}`,
    'It is cleared before the old door comes out; a radiator or a wired contact by who may.',
  ),
  'clear-width': words(
    f => `Clear width ${f('clear')}`,
    f => `The leaf less its thickness and the stop; ${f('limit')} is commonly asked at a right angle.`,
  ),
  setting: words(
    f => SETTING_WORDS[f('setting') as Setting]?.[0] ?? f('setting'),
    f => SETTING_WORDS[f('setting') as Setting]?.[1] ?? '',
  ),
}
