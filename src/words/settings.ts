import type { Construction } from '@/core/specification/weigh-leaf'
import type { Setting } from '@/core/specification/wish-values'

/** What a door's place asks of it: the rule in a line, and what it says. All of it is guidance. */
export const SETTING_WORDS: Readonly<Record<Setting, readonly [title: string, rule: string, question: string]>> = {
  escape: [
    'Escape door',
    'It opens from inside without a key or knowledge, and leaves its clear width. The local authority decides.',
    'On an escape route',
  ],
  'fire-label': [
    'Fire door',
    'Leaf, frame, hinges and seals are of one listing; nothing is cut or planed beyond it. The label and the authority decide.',
    'In a fire wall',
  ],
  'glass-near': [
    'Glass in or near the door',
    'Safety glass near the door, and in it. The local authority decides.',
    'Glass within {glass-near}',
  ],
  'wind-zone': [
    'Wind zone',
    'Impact glass or a tested shutter, and anchors as close as the approval of the unit says. The local authority decides.',
    'In a wind or hurricane zone',
  ],
  'near-sea': [
    'Near the sea',
    'Hinges, screws and lock of stainless steel or brass, and a finish on all six sides.',
    'Near the sea',
  ],
  exposed: [
    'Driving rain',
    'A sill pan under the threshold, and the head flashed; an out-swing door keeps more water out.',
    'Open to driving rain',
  ],
  covered: ['Under a roof', 'Beads under the threshold do where no water stands.', 'Under a roof'],
  rented: ['Rented', 'The owner agrees in writing before anything is ordered.', 'Rented: the owner must agree'],
  listed: [
    'Listed front',
    'Shape, material and colour are agreed with the authority before anything is ordered.',
    'Listed front, or a street that is protected',
  ],
  'before-1978': [
    'Old paint',
    'It may hold lead, and old sealant asbestos: test before it is scraped, sawn or sanded.',
    'Built before 1978',
  ],
  accessible: [
    'Accessible route',
    'Clear width at a right angle, a low threshold, and little force to open an inside door. The local authority decides.',
    'Accessible route',
  ],
}

type UnitOf = 'in' | 'mm'

/** A name with a nominal size, in the unit one works in. */
const sized = (name: string, inch: string, metric: string) => (unit: UnitOf) =>
  `${name}, ${unit === 'in' ? `${inch} in` : `${metric} mm`}`
const plain = (name: string) => () => name

const CONSTRUCTION_NAMES: Readonly<Record<Construction, (unit: UnitOf) => string>> = {
  'hollow-core': plain('Hollow core'),
  'solid-35': sized('Solid', '1 3/8', '35'),
  'solid-44': sized('Solid', '1 3/4', '44'),
  'fire-30': sized('Fire door', '1 3/4', '44'),
  'fire-60': sized('Fire door', '2 1/8', '54'),
  'steel-insulated': plain('Steel, insulated'),
  'hollow-metal': plain('Hollow metal'),
  fibreglass: plain('Fibreglass'),
  'glass-6': sized('Glass', '1/4', '6'),
  'glass-24': sized('Insulating glass', '15/16', '24'),
}
export const constructionName = (one: Construction, unit: UnitOf): string => CONSTRUCTION_NAMES[one](unit)

const HINGE_NAMES: Readonly<Record<string, (unit: UnitOf) => string>> = {
  'plain-76': sized('plain', '3', '76'),
  'ball-76': sized('ball bearing', '3', '76'),
  'ball-100': sized('ball bearing', '4', '100'),
}
/** Every class with both its sizes, for whoever reads in either unit. */
export const HINGE_CLASS_WORDS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(HINGE_NAMES).map(([id, nameIn]) => [id, `${nameIn('in')} (${nameIn('mm').split(', ')[1]})`]),
)
export const hingeName = (id: string, unit: UnitOf): string => HINGE_NAMES[id]?.(unit) ?? id
