import type { StepTexts } from './texts'

/** What is done before a unit stands: taking out, putting right, bedding. */
export const BEFORE: StepTexts = {
  'check-unit': [
    'Check the new unit',
    'Measure its frame, hand, swing and jamb against the order before the old door is touched.',
    'Within {receipt-accepts} of the order.',
  ],
  'clear-way': [
    'Clear the way',
    'Take out of the way what was noted at the first look; a radiator or a wired contact by who may.',
    'The leaf’s whole swing is free.',
  ],
  'protect-floor': [
    'Cover the floor',
    'Sheets from the door to the van; the old leaf’s pins are greasy and go nowhere near a carpet.',
    'Nothing bare within two steps of the opening.',
  ],
  'bell-wire': [
    'Free the bell’s wire',
    'Note how it is joined, free it, and tape its end to the wall beside the opening.',
    'It can’t slip into the wall.',
  ],
  'save-hardware': [
    'Save the old hardware',
    'Take off what stays in use and bag it with its screws.',
    'Bagged and named.',
  ],
  'structure-done': [
    'The wall altered by who may',
    'Header, jack studs and wires are a licensed person’s. Read stud to stud again once it is done.',
    'Their work is done and signed for.',
  ],
  'leaf-off': [
    'Leaf off',
    'Wedge it, pins out from the bottom up, then lift it away.',
    'The leaf lies outside the way.',
  ],
  'score-paint': [
    'Score the paint lines',
    'Along casing, wall and floor, so that nothing tears.',
    'Cut through everywhere.',
  ],
  'siding-marked': [
    'Mark the siding’s courses',
    'Every few rows, on both sides of the opening, so that they go back in line.',
    'Marks on both sides, level with each other.',
  ],
  'floor-edge': [
    'Mark where the floor ends',
    'How far it runs under the old sill; cut back only what the new one covers.',
    'The line is inside the new sill’s depth.',
  ],
  'casing-nails': [
    'Cut the nails behind the inside casing',
    'Pry it a blade’s width off and saw its nails; it stays on the wall.',
    'The frame moves free of it.',
  ],
  'casing-off': ['Casing off', 'Trim off, inside and outside, a board at a time.', 'The studs show all round.'],
  'old-screws': [
    'Back the old screws out',
    'Look under the weatherstrip and behind the hinges; one that won’t turn is drilled off or sawn behind the leg.',
    'No screw holds the frame.',
  ],
  'old-nails': [
    'Saw the old nails',
    'From the bottom up, between frame and stud; note where packs and scraps were.',
    'The frame moves in its hole.',
  ],
  'free-casing': [
    'Free the frame from its outside casing',
    'Threshold screws off; pry jamb and casing apart a blade’s width only, then saw the casing’s nails from the bottom up.',
    'The casing stands by itself, straight.',
  ],
  'take-out': [
    'Take the old one out',
    'Cut what still holds it; tip the frame inward; pull every cut nail.',
    'No nail stands proud.',
  ],
  'measure-hole': [
    'Measure stud to stud',
    'Take the readings stud to stud now that the hole shows.',
    'They lead to the same unit within {agree-ways}.',
  ],
  'sill-ready': [
    'Make the sill ready',
    'Clean, level and support it; grind a crown, fill a hollow. Read its worst fall.',
    'Level within {sill-fine}.',
  ],
  'dry-fit': [
    'Dry fit',
    'Stand the unit in without sealant and look at the room all round.',
    'Gap at every pack as planned.',
  ],
  pad: ['Pad under the sill', 'Lay the pad full width; no treated lumber against aluminium.', 'Level again.'],
  'sill-flashing': [
    'Flash the sill',
    'Over the whole sub-sill, down its front edge and up the sides.',
    'Water poured on it runs out in front.',
  ],
  'sill-pan': [
    'Sill pan',
    'Dry-fit it; heavy beads on the subfloor under it, joints lapped {pan-overlap} and sealed over, one bead on its lower inner edge.',
    'Nothing between pan and sill; its front is open.',
  ],
  'sill-membrane': [
    'Membrane and beads',
    'Membrane over the whole sub-sill, turned up at the sides; three beads, full width, only where the threshold bears.',
    'No bead in a hollow of the threshold.',
  ],
  'sill-beads': [
    'Beads under the sill',
    'Look under the threshold first; three beads, full width, only where it bears.',
    'At least two beads run from side to side without a break.',
  ],
  'floor-read': [
    'Read the floor under both legs',
    'A level across; where the covering comes later, from its top.',
    'The low end is known, and by how much.',
  ],
  'legs-cut': [
    'Cut the legs to the floor',
    'The leg on the high end shorter by the fall, square; mark, cut, try.',
    'Both legs stand, and the head is level.',
  ],
  'legs-packed': [
    'Stand both legs on packs',
    'As thick as the covering that comes later, so that it runs under both legs.',
    'A piece of the covering slides under.',
  ],
  'frame-read': [
    'Read the frame that stays',
    'Width at three heights, both diagonals, hinge and strike places against the new leaf.',
    'As the leaf was ordered by.',
  ],
  'frame-joined': [
    'Join the frame',
    'Sealant in the corners, screws by the sheet’s counts, on a flat floor.',
    'Diagonals alike within {square-fine}.',
  ],
  'old-storm-off': [
    'Old storm door off',
    'Closer first, then pins or rail; fill the screw holes that show.',
    'Trim bare and whole.',
  ],
  'trim-ready': [
    'Make the trim true',
    'Faces in line, corners square; pad out what is low.',
    'The rail will lie flat from end to end.',
  ],
  'hinge-side-set': [
    'Set it for its hinge side',
    'Handle, hinges and sweep for this side, by its sheet; once drilled it can’t be turned.',
    'The handle comes opposite the hinges.',
  ],
  'rail-cut': [
    'Cut the hinge rail',
    'To the length on the cut list, from the end its sheet says; burrs off.',
    'Stands in the opening with the gap planned at its head.',
  ],
  'old-lock-off': ['Old lock off', 'Outside first, then the latch; keep the screws.', 'Edge and bores are clean.'],
}
