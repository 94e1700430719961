import type { FactSlot } from '@/core/survey/facts'
import type { SiteSlot } from '@/core/survey/slots'

// Readings and facts that are the same whatever way the size is taken by: name, where and how, why.

const WALL = (where: string): Told => [
  `Wall, ${where}`,
  `Inside finished face to outside sheathing face, ${where}; or its layers, added with +.`,
  'The thickest wall decides the jamb.',
]
const THROUGH = (side: string): Told => [
  `Lean through the wall, ${side}`,
  'Turn the level across the wall, on the side’s face. Read the gap at its end.',
  'A twist keeps the leaf off its stops.',
]
const MOULD_WIDTH = (level: string): Told => [
  `Trim width, ${level}`,
  `Outside, from the outer edge of the left trim to the outer edge of the right, at the ${level}.`,
  'New trim must cover the gap in siding, brick or stucco; the smallest governs.',
]
const HINGE = (which: string): Told => [
  `Hinge ${which}`,
  `On the leaf’s hinge edge: hook on the top of the leaf, read at the top of hinge ${which}.`,
  'A metal frame’s cut-outs can’t be moved: each hinge must line up.',
]
const BILL = (screw: number): Told => [
  `Bill at threshold screw ${screw}`,
  `Shut a bill in over screw ${screw}, counted from the left outside, and pull it.`,
  'It should drag and not tear; skip a screw that is not there.',
]
const AIR = (where: string): Told => [
  `Air ${where}`,
  'Hold smoke to the joint, or a hand on a windy day.',
  'Where air comes is read and sealed first.',
]
const CONTACT = (level: string): Told => [
  `Weatherstrip contact, ${level}`,
  `Door shut: how much of the strip the leaf touches, at the ${level}.`,
  'Contact differs where the leaf is twisted against its stops.',
]

export type Told = readonly [name: string, how: string, why: string]

export const SITE_WORDS: Readonly<Record<SiteSlot, Told>> = {
  'wall.left': WALL('left'),
  'wall.head': WALL('head'),
  'wall.right': WALL('right'),
  'through.left': THROUGH('left'),
  'through.right': THROUGH('right'),
  'strings.gap': [
    'Crossed strings',
    'Strings corner to corner on the wall’s face: the gap where they cross, and which one is in front. Swap them to see it.',
    'Out of plane is twice this gap.',
  ],
  'sill.depth': [
    'Sill depth',
    'From the inside finished face to the outer edge of the sill.',
    'It decides the threshold.',
  ],
  'floor.finished': [
    'Finished floor at the door',
    'From the sub-sill up to the finished floor just inside the frame.',
    'The threshold’s back meets it.',
  ],
  'floor.highest': [
    'Highest floor in the swing',
    'Straightedge over the swing, level from the sub-sill: the highest the floor rises under the leaf, bare.',
    'The leaf must clear it.',
  ],
  'floor.covering': [
    'Covering still to come',
    'Thickness of boards, tile or carpet that will be laid on this floor afterwards; 0 for none.',
    'Door and packing allow for it now.',
  ],
  'floor.rug': [
    'Rug or mat in the swing',
    'Thickness of the rug or mat that lies, or will lie, under the leaf; 0 for none.',
    'It counts for the clearance alone.',
  ],
  'floor.drop': [
    'Hidden drop of the old sill',
    'How far the old sill sits below the finished floor.',
    'A height read from the floor misses it.',
  ],
  'step.outside': [
    'Step outside',
    'From the sill down to the landing or the ground.',
    'Trip and weather; codes limit it.',
  ],
  'mould.width.bottom': MOULD_WIDTH('bottom'),
  'mould.width.middle': MOULD_WIDTH('middle'),
  'mould.width.top': MOULD_WIDTH('top'),
  'mould.height': [
    'Trim height',
    'From the underside of the sill to the top edge of the head trim.',
    'New trim must cover the gap above the head.',
  ],
  'mould.face': [
    'Trim face',
    'How wide the trim’s flat face is where the leg will land.',
    'A leg needs a flat face to land on.',
  ],
  'mould.proud': [
    'Trim proud',
    'How far the trim stands out from the entry door’s jamb.',
    'A leg needs trim that stands out far enough: less is packed out, or another door is taken.',
  ],
  'handle.height': [
    'Entry handle, height',
    'From the sill up to the middle of the entry door’s handle.',
    'The two handles must not meet.',
  ],
  'handle.proud': [
    'Entry handle, projection',
    'From the entry door’s face to the furthest point of its handle.',
    'The two handles must not meet.',
  ],
  'lock.height': [
    'Deadbolt, height',
    'From the sill up to the middle of the deadbolt.',
    'A closer never goes at this height.',
  ],
  'lock.proud': [
    'Deadbolt, projection',
    'From the entry door’s face to the furthest point of the deadbolt.',
    'The two locks must not meet.',
  ],
  'doors.space': [
    'Space between the doors',
    'Entry door shut: from its face out to the outer face of the trim.',
    'Both handles and a quarter inch must fit into it.',
  ],
  'siding.plane': [
    'Siding plane',
    'From the sheathing out to the face of the siding; a minus where the siding lies behind.',
    'A frame flush with the siding is padded out by this.',
  ],
  'leaf.active': [
    'Active leaf, width',
    'The leaf that opens first, edge to edge, seen from outside.',
    'The active leaf decides the clear width.',
  ],
  'leaf.passive': [
    'Passive leaf, width',
    'The leaf that is bolted, edge to edge, seen from outside.',
    'Both leaves and the meeting gap make the width.',
  ],
  'leaf.width': ['Leaf, width', 'The leaf between the sidelights, edge to edge.', 'It decides the clear width.'],
  'leaf.thickness': [
    'Leaf, thickness',
    'Door open: across the edge, a rule or caliper on the lock edge.',
    'Locks, hinges and seals are made for a thickness.',
  ],
  'sidelight.left': [
    'Sidelight, left',
    'From the left jamb to the mullion, seen from outside. Skip it when there is none.',
    'Each panel is ordered by its own width.',
  ],
  'sidelight.right': [
    'Sidelight, right',
    'From the mullion to the right jamb, seen from outside. Skip it when there is none.',
    'Each panel is ordered by its own width.',
  ],
  'hinge.1': HINGE('1'),
  'hinge.2': HINGE('2'),
  'hinge.3': HINGE('3'),
  'hinge.4': HINGE('4'),
  'hinge.height': [
    'Hinge, height',
    'A hinge plate from its top to its bottom.',
    'The new leaf’s cut-outs have this height.',
  ],
  'bore.top': [
    'Lock bore from the top',
    'From the top of the leaf down to the centre of the bore or spindle.',
    'The strike stays where it is.',
  ],
  backset: [
    'Backset',
    'From the lock edge of the leaf to the centre of the bore or spindle.',
    'Locks come in few backsets; a near miss is measured again.',
  ],
  'case.depth': [
    'Lock case, depth',
    'Lock out: from the face of its forend to the back of the case.',
    'Replacing a latch by a case means chopping.',
  ],
  'glass.width': ['Glass, width', 'Between the glazing beads, across.', 'A light is ordered by its visible size.'],
  'glass.height': ['Glass, height', 'Between the glazing beads, up.', 'A light is ordered by its visible size.'],
  throat: [
    'Throat',
    'The slot of the old frame that takes the wall, between its returns.',
    'A throat less than the wall can’t go on; much over twists.',
  ],
  return: ['Return', 'How far the frame’s lip turns back onto the wall.', 'Jamb depth is the throat and two returns.'],
  'contact.top': CONTACT('top'),
  'contact.middle': CONTACT('middle'),
  'contact.bottom': CONTACT('bottom'),
  'fall.threshold': [
    'Fall of the threshold',
    'Level along the threshold. Read the gap at its end.',
    'A drop seal leaks at one end of a threshold that falls.',
  ],
}

export const FACT_WORDS: Readonly<Record<FactSlot, Told>> = {
  'fact.condition': ['Condition', 'Prod the frame’s feet and the sill.', 'Rot or rust comes before everything else.'],
  'fact.mould-face': ['Trim, shape', 'Is the face flat where the legs will land?', 'A leg can’t sit on a moulding.'],
  'fact.active-leaf': [
    'Active leaf',
    'Which leaf opens first, seen from outside?',
    'The order names it; nobody may guess.',
  ],
  'fact.moving-panel': [
    'Moving panel',
    'Which panel moves, seen from outside?',
    'The order names it; nobody may guess.',
  ],
  'fact.frame-kind': [
    'Frame, kind',
    'A flange behind the siding, or a block frame in the hole?',
    'It decides how the new one is held.',
  ],
  'fact.old-door': [
    'Old door',
    'Does the old door still stand in the opening, is it out, or is this a new wall?',
    'Taking it out is a step of its own, and waits for the new unit.',
  ],
  'fact.pins': ['Hinge pins', 'Do the pins come out?', 'The new leaf gets the same hinges.'],
  'fact.bore': ['Bore', 'Bores in the leaf: none, one, or a second for a deadbolt.', 'The new leaf is bored the same.'],
  'fact.label': ['Fire label, minutes', 'Read the label on the leaf’s hinge edge.', 'Never less than was there.'],
  'fact.label-legible': [
    'Label, state',
    'Can the label be read?',
    'A label that can’t be read is as good as none: its agency decides.',
  ],
  'fact.closer': ['Closer', 'How is the closer mounted?', 'Hole patterns must match, or reinforcement be ordered.'],
  'fact.exit-device': ['Exit device', 'Is there a push bar, and of which kind?', 'Its hole pattern goes on the order.'],
  'fact.wall-state': ['Wall, state', 'Is the wall finished already?', 'A welded frame can’t go round a finished wall.'],
  'fact.wall-kind': ['Wall, kind', 'What stands behind the finish?', 'Anchors go by the wall.'],
  'fact.lock-case': [
    'Lock, kind',
    'Door open: a round latch, or a case let into the edge?',
    'Changing it is carpentry.',
  ],
  'fact.lock-function': ['Lock, function', 'What must the lock do?', 'A pack is made for one function.'],
  'fact.weight': ['Leaf, weight in kg', 'From a scale, if it is off.', 'A weighed value overrides the computed one.'],
  'fact.kerf': ['Kerf', 'Is there a slot in the stop for a push-in strip?', 'Without one a strip goes on the surface.'],
  'fact.floor': ['Floor', 'What lies under the leaf’s swing?', 'A fin wears on pebbles and catches carpet.'],
  'fact.threshold': ['Threshold', 'Which kind is there?', 'An adjustable cap closes the gap by itself.'],
  'fact.airflow': [
    'Air under the door',
    'Does the room need air from under this door?',
    'A room’s return air must not be shut off.',
  ],
  'fact.bill-1': BILL(1),
  'fact.bill-2': BILL(2),
  'fact.bill-3': BILL(3),
  'fact.bill-4': BILL(4),
  'fact.bill-5': BILL(5),
  'fact.air-head': AIR('at the head'),
  'fact.air-left': AIR('at the left side'),
  'fact.air-right': AIR('at the right side'),
  'fact.air-middle': AIR('where two meet'),
  'fact.air-bottom': AIR('at the bottom'),
  'fact.seal-why': ['Why seal', 'What is it to keep out?', 'Purposes pull against each other.'],
}
