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

export const CONSTRUCTION_NAMES: Readonly<Record<Construction, string>> = {
  'hollow-core': 'Hollow core',
  'solid-35': 'Solid, 35 mm',
  'solid-44': 'Solid, 44 mm',
  'fire-30': 'Fire door, 44 mm',
  'fire-60': 'Fire door, 54 mm',
  'steel-insulated': 'Steel, insulated',
  'hollow-metal': 'Hollow metal',
  fibreglass: 'Fibreglass',
  'glass-6': 'Glass, 6 mm',
  'glass-24': 'Insulating glass, 24 mm',
}

export const HINGE_NAMES: Readonly<Record<string, string>> = {
  'plain-76': 'plain, 76 mm',
  'ball-76': 'ball bearing, 76 mm',
  'ball-100': 'ball bearing, 100 mm',
}
