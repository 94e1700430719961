import { DOORS } from '../../src/core/doors/doors'
import type { Way } from '../../src/core/survey/ways'

/** What is read of a nearly true opening of 40 by 82 in, by any way, and of what stands on and around it. */
export function readings(way: Way): Readonly<Record<string, string>> {
  const network = {
    'widths.bottom': '40 1/16',
    'widths.middle': '40',
    'widths.top': 'forty and a sixteenth',
    'heights.left': '82',
    'heights.centre': `6' 10"`,
    'heights.right': '82 1/16',
    'diagonals.risingRight': '91 1/4',
    'diagonals.risingLeft': '91.25',
    'lean.left': '0',
    'lean.right': '1/32',
    'bow.left': '0',
    'bow.right': '-1/32',
    'fall.sill': '0',
    'fall.head': '1/32',
    'crown.sill': '0',
    'crown.head': '0',
  }
  return {
    ...Object.fromEntries(Object.entries(network).map(([name, text]) => [`${way}/${name}`, text])),
    ...{
      'wall.left': '4 1/2',
      'wall.head': '4 1/2',
      'wall.right': '114 mm',
      'strings.gap': '1/32',
      'step.outside': '5',
    },
    ...{ 'through.left': '0', 'through.right': '1/32', 'fall.threshold': '1/32' },
    ...{
      'sill.depth': '5 9/16',
      'floor.finished': '1/4',
      'floor.highest': '3/8',
      'floor.covering': '0',
      'floor.rug': '1/8',
      'floor.drop': '1/4',
      'siding.plane': '1 1/4',
    },
    ...{ 'mould.face': '1 7/8', 'mould.proud': '1 1/8', 'handle.height': '36', 'handle.proud': '2 1/2' },
    ...{ 'lock.height': '44', 'lock.proud': '1 1/4', 'doors.space': '3', 'leaf.active': '20', 'leaf.passive': '20' },
    ...{ 'leaf.width': '36', 'leaf.thickness': '1 3/4', 'sidelight.left': '12', 'sidelight.right': '12' },
    ...{ 'hinge.1': '7', 'hinge.2': '37', 'hinge.3': '67', 'hinge.4': '74', 'hinge.height': '4 1/2' },
    ...{ 'bore.top': '40', backset: '2 3/4', 'case.depth': '3' },
    ...{ throat: '4 3/4', return: '1/2', 'contact.top': '1/4', 'contact.middle': '1/4', 'contact.bottom': '3/16' },
    ...Object.fromEntries(GAPS.map(slot => [slot, '1/8'])),
  }
}
const GAPS = DOORS['seal-only'].survey.further.filter(slot => slot.startsWith('gap.'))
