import type { MethodProfile } from '@/core/base/method-profiles'
import type { SchoolId, SchoolLevel } from '@/core/base/schools'
import { type SayFigure, withFigures } from './figures'

type SchoolWords = {
  readonly question: string
  readonly why: string
  readonly answers: { readonly [answer: string]: readonly [name: string, when: string] }
}

/** Questions on which good tradespeople disagree, what each practice does, and when it is the better one. */
export const SCHOOL_WORDS: Readonly<Record<SchoolId, SchoolWords>> = {
  'hand-naming': {
    question: 'Naming the hand',
    why: 'Only the two facts are stored; the code is a translation, by the supplier’s convention where it is known.',
    answers: {
      outsideView: ['Seen from outside', 'the hinge side names it'],
      backToHinges: ['Back to the hinges', 'the side the door opens to names it'],
      pushSide: ['Push side', 'where it goes when pushed names it'],
      din107: ['DIN 107', 'the hinge side seen where one pulls names it'],
    },
  },
  'unit-width': {
    question: 'Unit width from an old frame',
    why: 'Rebate to rebate is there to be seen; stud to stud on the day checks it.',
    answers: {
      pocket: ['Rebate to rebate', 'the trim stays on'],
      'pencil-mark': ['Marked frame edges', 'the trim shows the edge of the jamb'],
      'outside-face': ['Stop to stop, outside', 'no access inside'],
      'trim-off': ['Stud to stud', 'the trim is off: the surest'],
    },
  },
  'head-allowance': {
    question: 'Head thickness when unknown',
    why: 'The smaller figure leaves room rather than taking it.',
    answers: {
      'one-and-a-quarter': ['{head-stop-thickness}', 'leaves room at the head'],
      'one-and-a-half': ['{head-stop-thickness}', 'heavier old frames'],
    },
  },
  'height-start': {
    question: 'Heights start at',
    why: 'In a furnished house it is the clearance that fails.',
    answers: {
      'finished-floor': ['The finished floor', 'furnished houses; the hidden drop is added'],
      'underside-of-sill': ['The underside of the sill', 'outside, to repeat an old unit; no drop is added'],
    },
  },
  'rough-opening': {
    question: 'Rough opening over the unit',
    why: 'A little takes a usual lean; masonry wants more.',
    answers: {
      half: ['+ {room-width}', 'framed walls'],
      'three-quarters': ['+ {room-width}', 'old walls out of true'],
      masonry: ['+ {room-width}', 'block and brick without bucks'],
    },
  },
  bucks: {
    question: 'Frame between bucks',
    why: 'A gap all round takes a lean and is filled; tight bucks hold without filling and want true walls.',
    answers: {
      gap: ['A gap all round, {room-width} in all', 'usual'],
      tight: ['Tight, {room-width} in all', 'true block walls, nothing to fill'],
    },
  },
  extension: {
    question: 'Jamb too narrow',
    why: 'A deep extension levers and splits.',
    answers: {
      'field-mould': ['Extension up to {jamb-extension}', 'standard jambs stay possible'],
      'solid-only': ['Solid jamb only', 'no seam to open'],
    },
  },
  'sill-lumber': {
    question: 'Pad under a sill of',
    why: 'It never rots, and nothing corrodes on it.',
    answers: {
      pvc: ['PVC or vinyl', 'always'],
      'untreated-wrapped': ['Untreated lumber, wrapped', 'where PVC is not at hand'],
      treated: ['Treated lumber', 'never against aluminium'],
    },
  },
  'storm-head-gap': {
    question: 'Storm door, gap at the head',
    why: 'The product’s sheet knows how it is hung.',
    answers: {
      sheet: ['From its sheet', 'always when there is one'],
      even: ['Even all round', 'fixed legs and hook-on hinges'],
      tight: ['Hinge leg tight to the head', 'doors that drop into place by themselves'],
    },
  },
  'closer-place': {
    question: 'Closer goes',
    why: 'The product’s sheet knows where its stile is solid.',
    answers: {
      sheet: ['From its sheet', 'always when there is one'],
      top: ['At the top', 'out of the way of feet'],
      foot: ['At the foot', 'full glass'],
      'under-glass': ['A hand under the glass', 'half glass'],
    },
  },
  'outside-trim': {
    question: 'Outside casing',
    why: 'Sound casing that suits the unit is left, and its nails cut behind it.',
    answers: {
      keep: ['Stays', 'sound, and the new unit matches its opening'],
      strip: ['Comes off', 'rotten, or the size changes'],
    },
  },
  'flush-face': {
    question: 'Flush with',
    why: 'Only one face can be; the others follow.',
    answers: {
      ask: ['Ask', 'nobody has said'],
      inside: ['The inside wall', 'casing inside closes'],
      sheathing: ['The sheathing', 'flange and flashing lie flat'],
      siding: ['The siding', 'flush outside'],
      casing: ['The kept casing', 'the old trim stays'],
    },
  },
  'storm-judged-by': {
    question: 'Storm opening judged by',
    why: 'Range decides the purchase, square the gaps, plumb whether it swings by itself. Range is judged at the order whatever is chosen.',
    answers: {
      all: ['Range, square and plumb', 'always'],
      range: ['Range only', 'light screens'],
      square: ['Square', 'the gaps must be even'],
      plumb: ['Plumb', 'it must not swing by itself'],
    },
  },
  'throat-too-big': {
    question: 'Throat too big for the wall',
    why: 'A little over, strips keep the frame from twisting.',
    answers: {
      pack: ['Pack with strips', 'where it is a little over'],
      reject: ['Take another frame', 'where it is more than strips take'],
    },
  },
  sill: {
    question: 'Under the sill',
    why: 'Water that gets in must get out in front: a pan takes it there, a membrane keeps it off the wood. A maker’s sheet stands before the practice.',
    answers: {
      pan: ['Pan', 'doors in the weather; never with a bead in front'],
      membrane: ['Membrane and beads', 'where no pan goes in'],
      beads: ['Beads only', 'covered doors, or where neither goes in'],
    },
  },
  cavity: {
    question: 'Gap round the frame',
    why: 'Foam seals and insulates at once. A maker’s sheet stands before the practice.',
    answers: {
      foam: ['Low-expansion foam', 'always where the maker does not forbid it'],
      fibre: ['Loose fibre', 'where the maker asks for it'],
      'backer-rod': ['Backer rod and sealant inside', 'gaps that are read again later'],
    },
  },
  'fresh-unit': {
    question: 'A unit that has just been stood in',
    why: 'Closed in its clip it keeps its shape until both legs are set. A maker’s sheet that asks for the clip stands before the practice.',
    answers: {
      clipped: ['Stays in its clip', 'new units'],
      opened: ['Is opened at once', 'where it must be made safe to work round'],
    },
  },
  fastening: {
    question: 'Fastening goes by',
    why: 'A new unit is true in its clip; an old leg, or mortises that are off, show only with the door working.',
    answers: {
      'clip-on': ['The clip: legs first', 'new units that came true'],
      'by-margins': ['The margins, door working', 'legs or mortises that are off'],
      'dry-fit': ['Margins first, screws last', 'where nothing may be forced'],
    },
  },
  'screw-order': {
    question: 'Screws in a leg',
    why: 'The middle first leaves both ends free to be set.',
    answers: {
      'middle-first': ['Middle, top, bottom', 'most units'],
      'top-first': ['From the top down', 'heavy leaves that hang from it'],
    },
  },
  twist: {
    question: 'A wall that is twisted a little',
    why: 'Plumb legs let the leaf stay where it is put. Split, both legs are parallel, the casing hides more, and the leaf swings by itself.',
    answers: {
      plumb: ['Legs stay plumb', 'usual; casing back-bevelled'],
      split: ['Split between both legs', 'where the casing decides'],
    },
  },
  'shims-and-screws': {
    question: 'Packs and frame screws',
    why: 'Resting on a screw, a pack can’t slide down while it is set.',
    answers: {
      'rest-on-screws': ['Packs rest on loose screws', 'prehung timber'],
      'screw-through': ['Pack, then screw through', 'thin legs, bucks'],
    },
  },
  header: {
    question: 'Screws into the header',
    why: 'Never on an ordinary single unit. Over a mullion or a meeting point, beside a pack; its sheet stands before the practice.',
    answers: {
      doubles: ['Over mullions and meeting points', 'pairs, sidelights'],
      never: ['Never', 'headers that move'],
    },
  },
  'foam-trim': {
    question: 'Foam is trimmed',
    why: 'Cut too early it tears and shrinks.',
    answers: {
      'next-day': ['Next morning', 'always where there is one'],
      'same-day': ['The same day, once hard', 'one visit only'],
    },
  },
  'mould-screw': {
    question: 'Screws through the outside trim',
    why: 'Early they hold what is still being set; a storm door hangs on screws, not nails.',
    answers: {
      late: ['Last', 'most units'],
      early: ['As soon as the door works', 'wind, or nobody to hold it'],
      never: ['No screws', 'trim glued on, sealed behind'],
    },
  },
}

export const METHOD_PROFILE_NAMES: Readonly<Record<MethodProfile, string>> = {
  'timber-prehung': 'Timber prehung in a framed wall',
  'masonry-bucks': 'Masonry with bucks',
  'nail-flange': 'Nail flange, new work',
  'casing-kept': 'Outside casing kept',
  'makers-sheet': 'By the maker’s sheet',
  'knock-down-steel': 'Steel frame in pieces, wall finished',
}

export const SCHOOL_LEVEL_NAMES: Readonly<Record<SchoolLevel, string>> = {
  default: 'as Harvek ships',
  company: 'the company’s',
  job: 'this job’s',
  opening: 'this opening’s',
}

/** What an answer is called, the lengths it sets said by `say`. */
export const answerName = (id: SchoolId, answer: string, say: SayFigure): string =>
  withFigures(SCHOOL_WORDS[id].answers[answer]?.[0] ?? answer, say)
