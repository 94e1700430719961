/** What to do at each step, the number to meet, and what to check. */
export const STEP_WORDS: Readonly<Record<string, readonly [name: string, how: string, check: string]>> = {
  'check-unit': [
    'Check the new unit',
    'Measure its frame, hand, swing and jamb against the order before the old door is touched.',
    'Within 1/16 in of the order.',
  ],
  'take-out': [
    'Take the old one out',
    'Pins out and leaf off; score the paint; saw the nails; tip the frame inward; pull every cut nail.',
    'No nail stands proud.',
  ],
  'measure-hole': [
    'Measure stud to stud',
    'Take the trim-off readings now that the hole shows.',
    'They lead to the same unit within 1/4 in.',
  ],
  'sill-ready': [
    'Make the sill ready',
    'Clean, level and support it; grind a crown, fill a hollow.',
    'Level within 1/16 in.',
  ],
  'dry-fit': [
    'Dry fit',
    'Stand the unit in without sealant and look at the room all round.',
    'Gap at every shim point as planned.',
  ],
  pad: ['Pad under the sill', 'Lay the pad full width; no treated lumber against aluminium.', 'Level again.'],
  'sill-pan': [
    'Sill pan or beads',
    'Pan bedded in sealant with nothing between pan and sill, or beads where the threshold bears.',
    'Never a bead in front of a pan.',
  ],
  'tip-in': [
    'Tip the unit in',
    'Sill down first, head leaning back, then upright; don’t slide it through the sealant.',
    'Sits on the sill along its whole width.',
  ],
  'tack-closed': [
    'Tack it from inside',
    'Finish nails in the jamb’s thin edge, hinge side first.',
    'The unit can be let go.',
  ],
  'hinge-plumb': ['Hinge leg plumb both ways', 'Long level on face and edge.', 'No gap at either end.'],
  'hinge-shims': [
    'Pack behind every hinge',
    'Packs as planned, opposed wedges, faces parallel.',
    'Still plumb, no twist.',
  ],
  'hinge-screws': [
    'Screw the hinge leg',
    'Middle, top, bottom, behind the weatherstrip.',
    'Back a screw out if the margin moved.',
  ],
  'strike-shims': ['Pack the strike side', 'At the strike, then top and bottom.', 'Margin 1/8 in from top to bottom.'],
  'first-opening': ['Open it for the first time', 'Transport clip off only now.', 'Nothing rubs.'],
  'margins-even': ['Margins even', 'Correct one thing at a time and look again.', '1/8 ± 1/32 in.'],
  'long-screws': [
    'Long hinge screws',
    'One through each hinge into the stud, longest at the top.',
    'Margin unchanged.',
  ],
  'strike-adjust': ['Adjust the strike', 'Bend the tang or slide it.', 'Latches without a rattle.'],
  'operation-test': ['Operation test', 'Open, close, latch, bolt.', 'All four work freely.'],
  'corner-pads': ['Corner pads', 'Sealant first, lower edge level with the cap.', 'No light at the corners.'],
  foam: ['Foam', 'Low expansion only, one third full.', 'The door still latches. Wait overnight.'],
  'foam-trim': ['Trim the foam', 'Cut flush when hard.', 'Flush with the jamb.'],
  'outside-seal': [
    'Tape, flashing, sealant, trim',
    'From below upward; upper laps over lower.',
    'Water runs out everywhere.',
  ],
}

export const CAUTION_WORDS: Readonly<Record<string, string>> = {
  lift: 'Two people, gloves. A unit that tips hurts.',
  'old-paint': 'Paint from before 1978 may hold lead, old sealant asbestos: test first; licensed work. Eye protection.',
  vapour: 'Foam and solvent vapour: ventilate, no flame.',
  clip: 'Keep hands off the hinge edge; the leaf may drop.',
  ladder: 'Stand the ladder on firm ground; someone holds it.',
}
