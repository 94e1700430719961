import type { Finding } from '@/core/base/finding'
import type { Way } from '@/core/survey/ways'
import type { DisplayStep } from '@/core/units/format-length'
import type { FindingCode } from '@/core/work'
import { cureWords } from './cures'
import { assumedWords, factText, placeName } from './finding-facts'
import { WAY_NAMES } from './kinds'
import { WISH_NAMES } from './names'
import { OFFER_WORDS } from './offer-findings'
import { FLUSH_NAMES, owedWords } from './order'
import { type Say, type Words, words } from './say'
import { SET_WORDS } from './set-findings'
import { SURVEY_WORDS } from './survey-findings'
import { foundAtWords, pointName, pointWords, TEST_NAMES } from './tests'

const way = (f: Say, name: 'way' | 'first' | 'second') => WAY_NAMES[f(name) as Way]?.name.toLowerCase() ?? f(name)
const closeCall = (f: Say) => (f('certain') === 'no' ? ' Too close to tell: a finer or second reading settles it.' : '')

const face = (f: Say, side: 'left' | 'right') =>
  `${f(side)} ${f(`${side}Face`) === 'in' ? 'inside' : 'outside'} the plumb ${side} leg`
const sharesOf = (f: Say) =>
  f('leftFace')
    ? `At the head the wall’s face stands ${face(f, 'left')} and ${face(f, 'right')}; at the foot the other way.`
    : f('practice') === 'split'
      ? `Split, both legs stand parallel, each ${f('each')} off, and not plumb: the leaf swings by itself.`
      : `Each leg leaves the wall’s face by ${f('each')}; the level tells which goes in.`

/** What an order is gone on against. */
const ofIt = (f: Say): Words => WORDS[f('of') as FindingCode]

/** The words of every finding, by code: a new code without words does not compile. */
const WORDS: Readonly<Record<FindingCode, Words>> = {
  ...SURVEY_WORDS,
  ...OFFER_WORDS,
  ...SET_WORDS,
  'order-correct-first': words(
    f => `Correct first: ${ofIt(f).title(f)}`,
    f => ofIt(f).why(f),
  ),
  'order-went-on': words(
    f => `Ordered all the same: ${ofIt(f).title(f)}`,
    f => `“${f('reason')}”`,
  ),
  'reading-suspect': words(
    f => `${f('place')}: ${f('read')} disagrees with the rest`,
    f =>
      `It is off by ${f('off')}; ${f('likely')} would agree.${f('others') ? ` The numbers can’t tell it from ${f('others')}.` : ''} ${f('checkedBy')} would settle it.`,
  ),
  'reading-unchecked': words(
    f => `Unchecked: ${f('slot')}`,
    f => `Nothing else would show a slip here. ${f('checkedBy')} would check it.`,
  ),
  'hole-assumed': words(
    () => 'The studs were not seen',
    f =>
      `Measured by ${way(f, 'way')}: the hole behind the frame is assumed tight, plumb and level. Measure stud to stud on the day.`,
  ),
  'readings-apart': words(
    () => 'The readings don’t belong to one opening',
    'No opening comes near all of them. Take the widths and heights again.',
  ),
  square: words(
    f => `Diagonals differ by ${f('difference')}`,
    f =>
      `${f('read') ? `Read with the tape ${f('read')}; the other readings make it ${f('difference')}. ` : ''}Limit ${f('limit')}. The head stands ${f('rack')} to the ${f('towards')} of square.${closeCall(f)}`,
  ),
  level: words(
    f => `Sill falls ${f('fall')} to the ${f('low')}`,
    f => `Limit ${f('limit')}. The sill is the reference for all else.${closeCall(f)}`,
  ),
  'head-level': words(
    f => `Head falls ${f('fall')} to the ${f('low')}`,
    f =>
      `Limit ${f('limit')}. The unit’s head stands level: the gap over it tapers, and casing that stays shows it.${closeCall(f)}`,
  ),
  crown: words(
    f => `Sill crowned by ${f('crown')}`,
    f => `Limit ${f('limit')}. A sill rocks on a crown.${closeCall(f)}`,
  ),
  hollow: words(
    f => `Sill hollow by ${f('crown')}`,
    f => `Limit ${f('limit')}. A threshold needs support at least every ${f('every')}.${closeCall(f)}`,
  ),
  lean: words(
    f => `${f('side') === 'left' ? 'Left' : 'Right'} side leans ${f('lean')} to the ${f('towards')}`,
    f => `The side gaps can take up ${f('limit')}.${closeCall(f)}`,
  ),
  bow: words(
    f => `${f('side') === 'left' ? 'Left' : 'Right'} side bows ${f('direction')} by ${f('bow')}`,
    f => `Limit ${f('limit')}. A bulge inward pinches the frame.${closeCall(f)}`,
  ),
  twist: words(
    f => `Sides out of one plane by ${f('twist')}`,
    f => `Limit ${f('limit')}. ${sharesOf(f)}${closeCall(f)}`,
  ),
  'twist-two-ways': words(
    f => `Twist ${f('level')} by the level, ${f('strings')} by the strings`,
    f =>
      f('towards')
        ? `By the level the ${f('towards')} side leans out farther, by the strings the other. One was read the wrong way round. Take both again.`
        : `More than ${f('limit')} apart: one of the two was read wrong. Take both again.`,
  ),
  'wall-spread': words(
    f => `Wall thickness varies by ${f('spread')}`,
    f =>
      `Limit ${f('limit')}: from ${f('thinnest')} to ${f('thickest')}. The jamb will stand proud or shy.${closeCall(f)}`,
  ),
  'subfloor-rotten': words(
    () => 'The subfloor is rotten',
    'Nothing set on it will stay true. Replace it before anything else.',
  ),
  'subfloor-not-seen': words(
    () => 'The subfloor was not seen',
    'It must be solid, dry and sound. Look under the sill before ordering the day.',
  ),
  'ways-agree': words(
    f => `${cap(way(f, 'first'))} and ${way(f, 'second')} agree`,
    f => `Widths within ${f('width')}, heights within ${f('height')}; limit ${f('limit')}.`,
  ),
  'ways-disagree': words(
    f => `${cap(way(f, 'first'))} and ${way(f, 'second')} lead to different units`,
    f =>
      `Widths apart by ${f('width')}, heights by ${f('height')}; limit ${f('limit')}. One of the two holds a slip.${f('drop') ? ` A sill ${f('drop')} below the finished floor would explain the heights.` : ''}`,
  ),
  'floor-too-close': words(
    f => `Leaf clears the floor by ${f('clearance')} only`,
    f => `At least ${f('least')} is needed. A pad of ${f('pad')} under the sill, or a shorter leaf.`,
  ),
  'trim-narrower': words(
    f => `Trim ${f('width')} over its outer edges`,
    f => `The frame inside it is ${f('inside')} wide. One of the two is a slip.`,
  ),
  'floor-lower': words(
    f => `Highest floor ${f('floor')}, below the floor at the door`,
    f => `At the door it was read ${f('finished')} over the sub-sill. One of the two is a slip.`,
  ),
  'floor-pad': words(
    f => `Pad the sill by ${f('pad')}`,
    f => `The leaf would clear the highest floor by ${f('clearance')}.`,
  ),
  'hand-conventions': words(
    () => 'The hand’s name depends on who reads it',
    f =>
      `Out-swing: ${f('outsideView')} from outside, ${f('backToHinges')} back to the hinges, ${f('din107')} by DIN 107. Send the words and the plan first.`,
  ),
  'not-settled': words(
    f => `${cap(WISH_NAMES[f('wish')] ?? f('wish'))} is not settled`,
    'It blocks the order, not the survey.',
  ),
  'step-outside': words(
    f => `Step down outside is ${f('step')}`,
    f => `Guidance for ${f('swing')}-swing: at most ${f('limit')}. The local authority decides.`,
  ),
  'jamb-shy': words(
    f => `A ${f('jamb')} jamb is shy of the wall`,
    'Back-bevel the casing so that it closes the joint.',
  ),
  'jamb-solid': words(
    () => 'No standard jamb reaches',
    f => `Order a solid jamb of ${f('jamb')}; an extension that deep levers and splits.`,
  ),
  'flush-face': words(
    f => `Flush with ${FACES[f('face')] ?? f('face')}`,
    f =>
      f('stands') === 'unread'
        ? 'How far it lies outside the sheathing was not read: no figure is said.'
        : f('stands') === 'flush'
          ? `The ${f('other')} face is flush, too.`
          : `The jamb then stands ${f('by')} ${f('stands')} at the ${f('other')} face.`,
  ),
  'garage-door': words(
    () => 'Door between garage and house',
    f =>
      `Solid wood or steel of ${f('solid')}, or ${f('minutes')} minutes, and self-closing, is the usual code rule. The local authority decides.`,
  ),
  'plumb-smaller': words(
    f => `Only ${f('size')} of ${f('along')} stands plumb and level in here`,
    f =>
      f('along') === 'width'
        ? `The smallest width would allow ${f('wanted')}, but the sides lean: a ${f('unit')} unit wants more room. Order narrower, or correct the sides.`
        : `The smallest height would allow ${f('wanted')}, but sill or head falls: a unit ${f('unit')} high wants more room. Order lower, or level them first.`,
  ),
  'plumb-large-enough': words(
    f => `Plumb rectangle ${f('size')} ${f('along') === 'width' ? 'wide' : 'high'}`,
    f => `A ${f('unit')} unit wants ${f('wanted')}: it stands plumb with its usual room.`,
  ),
  'unit-not-accepted': words(
    () => 'Do not remove the old door yet',
    'The new unit is ordered, and nobody has looked at it and accepted it.',
  ),
  'parts-owed': words(
    f => `Owed since ${f('since')}: ${owedWords(f('parts'), f('note'))}`,
    'Look at the delivery again when it is here. The claim note says what is owed.',
  ),
  'unit-held': words(
    () => 'Do not remove the old door',
    'The new unit is on hold or was refused. The claim note says what to tell the supplier.',
  ),
  'reading-contradicts': words(
    f => `${f('place')} contradicts the others`,
    f =>
      `Little else checks ${f('read')}, and it does not go with what was read (test value ${f('test')}). Take it again. ${f('checkedBy')} would check it.`,
  ),
  'reading-impossible': words(
    f => `${f('place')}: “${f('text')}” can’t be`,
    f => `It can be from ${f('least')} to ${f('most')}. It counts for nothing; take it again.`,
  ),
  'test-part-failed': words(
    f => `${TEST_NAMES[f('test')]?.[0] ?? f('test')}: not at ${pointWords(f('point'))}`,
    f => `${foundAtWords(f('point'), f('found'))} ${f('text')} Correct it and test again.`,
  ),
  'test-out-of-range': words(
    f => `${pointName(f('point'))}: ${f('read')}`,
    f => `Wanted from ${f('least')} to ${f('most')}. Correct it and read it again.`,
  ),
  'contact-not-even': words(
    f => `The strip touches ${f('spread')} more at one height than at another`,
    f => `At most ${f('limit')}: the leaf is twisted against its stops. Correct it and read again.`,
  ),
  'test-against-limit': words(
    f =>
      `Test failed: ${[TEST_NAMES[f('test')]?.[0] ?? f('test'), f('point') && pointWords(f('point'))].filter(Boolean).join(', ')}: ${f('read')}`,
    f => `${f('holds') === 'at-most' ? 'At most' : 'At least'} ${f('limit')}. ${f('text')} Correct it and test again.`,
  ),
  'asked-here': words(
    () => 'Only bedded, its joint sealed, and draining',
    f =>
      f('missing')
        ? 'On an outside leaf it holds water where one of these is missing. Tick all three once they are sure.'
        : 'All three are ticked: it goes on where it is chosen by hand.',
  ),
  'test-failed': words(
    f => `Test failed: ${TEST_NAMES[f('test')]?.[0] ?? f('test')}`,
    f => `${f('text') || 'No note.'} Correct it and test again.`,
  ),
}

const FACES: Readonly<Record<string, string>> = FLUSH_NAMES

const cap = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

export const isFindingCode = (code: string): code is FindingCode => Object.hasOwn(WORDS, code)

export type FindingWords = { readonly title: string; readonly why: string; readonly cures: readonly string[] }

/** A finding in words, its lengths in the job's unit. */
export function findingWords(
  finding: Omit<Finding<FindingCode>, 'severity' | 'rule'>,
  step: DisplayStep,
): FindingWords {
  const say: Say = name => {
    if (name === 'place') return placeName(finding.place)
    if (name === 'assumed') return assumedWords(finding.place)
    return name === 'unitPlace' ? finding.place : factText(name, finding.facts[name], step)
  }
  const { title, why } = WORDS[finding.code]
  return { title: title(say), why: why(say), cures: finding.cures.map(one => cureWords(one, step)) }
}
