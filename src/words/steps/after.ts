import type { StepTexts } from './texts'

/** What is done once a door works: filling, flashing, trim, finish; and what was priced with the unit. */
export const AFTER: StepTexts = {
  'threshold-cap': [
    'Set the threshold’s cap',
    'Turn its screws until paper drags at each of them.',
    'No light under the leaf.',
  ],
  'corner-pads': ['Corner pads', 'Sealant first, lower edge level with the cap.', 'No light at the corners.'],
  foam: [
    'Foam',
    'Low expansion only, one third full. Note how cold it is: below 10 °C it takes twice as long.',
    'No more than a third of the gap.',
  ],
  'foam-latch': ['Latch again after the foam', 'Open, shut, latch.', 'Latches as before.'],
  'foam-trim': ['Trim the foam', 'Cut flush when hard.', 'Flush with the jamb.'],
  fibre: ['Fill the gap with fibre', 'Loose, all round; never packed tight.', 'Margins unchanged.'],
  'backer-rod': [
    'Backer rod and sealant inside',
    'Rod half again as thick as the gap, then sealant over it all round.',
    'No break in the bead; margins unchanged.',
  ],
  'flange-fast': [
    'Nail the flange',
    'Sealant behind it at head and sides, none at the sill; nails by the sheet.',
    'Flat everywhere.',
  ],
  'side-flashing': [
    'Flash the sides',
    'Over the flange or the jamb’s edge, over the sill’s layer.',
    'Laps over what is below.',
  ],
  'head-flashing': [
    'Flash the head',
    'Tape over the sides, then the cap over the tape, siding’s paper over the cap.',
    'Each layer laps over the one below.',
  ],
  'casing-sealed': [
    'Seal behind the kept casing',
    'Between casing and new jamb, both sides and head.',
    'No break in the bead.',
  ],
  'outside-seal': [
    'Outside sealant and trim',
    'From below upward; upper laps over lower; the sill’s front stays open.',
    'Water runs out everywhere.',
  ],
  'mould-screws': [
    'Screws through the outside trim',
    'Screws, not nails, where a storm door will hang; heads filled.',
    'The margins did not move.',
  ],
  'inside-trim': [
    'Inside casing',
    'An even step back from the jamb’s edge; back-bevelled where the wall leaves it.',
    'Joints closed.',
  ],
  'finish-edges': ['Finish every edge', 'Top and bottom edge too; bare wood within two weeks.', 'No bare wood.'],
  'edges-clean': [
    'Clean the edges',
    'Old strip, glue and paint off where a seal will lie.',
    'Dry, and free of grease.',
  ],
  'prepare-pack-sides': [
    'Pack the sides out',
    'Flat filler, full height of the leg, fixed by itself.',
    'As thick as it says, plumb.',
  ],
  'prepare-build-down-head': ['Build the head down', 'Layers as planned, full width.', 'Level.'],
  'prepare-extend-jamb': ['Extend the jamb', 'On the unit, before it is set.', 'Flush with the wall’s face.'],
  'prepare-solid-jamb': ['Fit the solid jamb', 'On the unit, before it is set.', 'Flush with the wall’s face.'],
  'prepare-plane-jamb': ['Plane the jamb', 'Down to the wall’s face, a bevel to the back.', 'Casing closes.'],
  'prepare-relieve-pinch': [
    'Relieve the pinch',
    'Plane a stud’s bump or cut back board and sheathing; never a jack stud’s strength.',
    'The unit’s width passes.',
  ],
  'prepare-rip-bucks': [
    'Rip the bucks',
    'To the widths planned, anchored to the block.',
    'Plumb, and as far apart as planned.',
  ],
  'prepare-grind-crown': [
    'Grind the crown off',
    'From the middle outwards, the straightedge along it again and again.',
    'No light under the straightedge in the middle.',
  ],
  'prepare-move-wall': [
    'Move the wall’s foot',
    'The side that leans is freed at its foot, knocked over as far as planned, and fixed again.',
    'Strings from corner to corner touch where they cross.',
  ],
  'prepare-level-sill': [
    'Level the sill',
    'Scrape, fill or pack, and caulk under the packs.',
    'Level within {sill-fine}.',
  ],
  'prepare-patch-siding': ['Patch the siding', 'Course by course, lines met.', 'Laps over the head’s flashing.'],
  'prepare-pad-siding': ['Pad the siding out', 'Behind the flange or outside trim, full height.', 'In one plane.'],
  'prepare-strip-throat': [
    'Strips in the throat',
    'Along both legs and the head, as thick as planned.',
    'The frame grips the wall.',
  ],
  'prepare-pack-legs': ['Pack the legs out', 'Along the trim, as thick as planned.', 'In one plane.'],
  'prepare-rework-trim': ['Rework the trim', 'Take it back or add to it, as planned.', 'Meets its neighbours.'],
  'prepare-change-handle': ['Change the entry’s handle', 'For one that stands less proud.', 'Clears the second door.'],
  'prepare-chop-case': ['Chop the case in', 'Marked from both faces, pared square.', 'The case slides in by hand.'],
  'prepare-bore-bolt': [
    'Bore for the bolt',
    'Below the latch, at the same backset; edge and both faces marked first.',
    'The bolt slides in by hand.',
  ],
  'prepare-fill-edge': ['Fill the edge', 'Glue a piece in, flush; cut anew.', 'Sound wood all round.'],
  'prepare-cut-down-leaf': ['Cut the leaf down', 'From the foot, scored first; seal the edge.', 'As long as planned.'],
  'prepare-lower-floor': ['Lower the floor there', 'Covering cut back under the swing.', 'The leaf clears it.'],
}
