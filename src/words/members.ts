import { isUnitMember, memberOf } from '@/core/catalogue/unit-members'
import { DETAILS, type Detail } from '@/core/specification/wish-values'
import { columnName } from './columns'

/** What the members of an order's line, of an acknowledgement and of a revision are called, by their path, where they are no member of a
 *  unit's sheet. */
const OWN: Readonly<Record<string, string>> = {
  line: 'Line',
  tag: 'Tag',
  quantity: 'Quantity',
  kind: 'Kind of door',
  family: 'Kind of door',
  hinges: 'Hinge side, seen from outside',
  swing: 'Swing',
  hingeCount: 'Hinges a leaf',
  hingeClass: 'Hinges carry, at least',
  hingeTops: 'Hinges, from the top down',
  activeLeaf: 'Active leaf, seen from outside',
  'code.convention': 'Hand’s convention',
  'code.hand': 'Hand by the convention',
  'code.isKnown': 'Whether the convention is the maker’s',
  code: 'Hand by the convention',
  jambExtension: 'Jamb extension',
  lacks: 'Comes without',
  cut: 'Packing and cuts',
  'cut.pack': 'Pack behind the legs',
  'cut.rail': 'Hinge rail',
  'cut.headGap': 'Gap at the head',
  'cut.bottomGap': 'Gap under the rail',
  'cut.closer': 'Closer',
  'cut.closerPin': 'Closer pin behind the inside face',
  details: 'Details',
  agreed: 'Agreed with the maker',
  'agreed.question': 'Asked of the maker',
  'agreed.answer': 'Agreed with the maker',
  spares: 'Spare parts',
  'spares.long-screws': 'Long screws',
  'spares.plugs': 'Plugs',
  'spares.hinge-cards': 'Hinge cards',
  'spares.corner-pads': 'Corner pads',
  roughOpening: 'Rough opening',
  'roughOpening.width': 'Rough opening width',
  'roughOpening.height': 'Rough opening height',
  derived: 'Derived size',
  'derived.width': 'Derived width',
  'derived.height': 'Derived height',
  tolerance: 'Tolerance',
  pad: 'Pad under the sill',
  padOf: 'Pad is of',
  release: 'Order',
  sill: 'Under the sill',
  cavity: 'Gap round the frame',
  outsideTrim: 'Outside casing',
  flushFace: 'Flush face',
  labelWanted: 'Label wanted, minutes',
  reason: 'Why it was chosen',
  measuredBy: 'Measured by',
  measuredAt: 'Measured on',
  way: 'Way of measuring',
  'opening.tag': 'Tag',
  'opening.name': 'Opening',
  wall: 'Wall',
  verdict: 'How it fits',
  'frame.verdict': 'How the frame fits',
  findings: 'Findings',
  // members of orders from before a unit was a record of its kind
  frame: 'Steel frame',
  'frame.form': 'Frame',
  'frame.throat': 'Throat',
  lock: 'Lock set',
  'lock.backset': 'Backset',
  'lock.function': 'Lock function',
}

/** Details whose own name does not say it. */
const DETAIL_NAMES: { readonly [detail in Detail]?: string } = {
  'colour-outside': 'Colour outside',
  'colour-inside': 'Colour inside',
  'frame-material': 'Frame of',
  'bore-backset': 'Backset of the bore',
  glazing: 'Glass, size and build',
  energy: 'Energy figure',
  'frame-kind': 'Frame is',
  'closer-prep': 'Prepared for a closer',
  'exit-device': 'Prepared for an exit device',
  'hinge-finish': 'Finish of hinges and hardware',
  'hinge-pins': 'Hinge pins, as the old ones',
  'pet-flap': 'Flap for a pet',
}

function detailName(name: string): string | undefined {
  const detail = DETAILS.find(one => one === name)
  return detail && (DETAIL_NAMES[detail] ?? columnName(detail.replaceAll('-', ' ')))
}

/** A member's name; one that is not known is shown by its path, so that nothing a supplier adds stays unseen. */
export function memberName(path: string): string {
  const plain = path.replace(/^unit\./, '').replace(/\[\d+\]/g, '')
  if (plain.startsWith('details.')) return detailName(plain.slice('details.'.length)) ?? `“${path}”`
  return OWN[plain] ?? (isUnitMember(plain) ? columnName(memberOf(plain).column) : `“${path}”`)
}
