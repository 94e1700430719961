import type { PanPieces } from '@/core/fit/fitted'
import type { Length } from '@/core/units/length'
import { type SayFigure, withFigures } from './figures'

/** What to do at each step, the number to meet, and what to check. */
type StepWords = readonly [name: string, how: string, check: string]

/** In `{}` stands a figure of the trade, shown in the job’s unit. */
const STEPS: Readonly<Record<string, StepWords>> = {
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
  'casing-nails': [
    'Cut the nails behind the inside casing',
    'Pry it a blade’s width off and saw its nails; it stays on the wall.',
    'The frame moves free of it.',
  ],
  'old-screws': [
    'Back the old screws out',
    'Look under the weatherstrip and behind the hinges; one that won’t turn is drilled off or sawn behind the leg.',
    'No screw holds the frame.',
  ],
  'old-nails': [
    'Saw the old nails',
    'From the bottom up, between frame and stud; note where shims and scraps were.',
    'The frame moves in its hole.',
  ],
  'take-out': [
    'Take the old one out',
    'Pins out and leaf off; score the paint; cut what still holds it; tip the frame inward; pull every cut nail.',
    'No nail stands proud.',
  ],
  'measure-hole': [
    'Measure stud to stud',
    'Take the readings stud to stud now that the hole shows.',
    'They lead to the same unit within {agree-ways}.',
  ],
  'sill-ready': [
    'Make the sill ready',
    'Clean, level and support it; grind a crown, fill a hollow.',
    'Level within {sill-fine}.',
  ],
  'dry-fit': [
    'Dry fit',
    'Stand the unit in without sealant and look at the room all round.',
    'Gap at every shim point as planned.',
  ],
  pad: ['Pad under the sill', 'Lay the pad full width; no treated lumber against aluminium.', 'Level again.'],
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
  'strike-shims': [
    'Pack the strike side',
    'At the strike, then top and bottom.',
    'Margin {hinge-gap} from top to bottom.',
  ],
  'first-opening': ['Open it for the first time', 'Transport clip off only now.', 'Nothing rubs.'],
  'margins-even': ['Margins even', 'Correct one thing at a time and look again.', '{hinge-gap} ± {test-margins}.'],
  'long-screws': [
    'Long hinge screws',
    'One through each hinge into the stud, longest at the top.',
    'Margin unchanged.',
  ],
  'strike-adjust': ['Adjust the strike', 'Bend the tang or slide it.', 'Latches without a rattle.'],
  'operation-test': ['Operation test', 'Open, close, latch, bolt.', 'All four work freely.'],
  'threshold-cap': [
    'Set the threshold’s cap',
    'Turn its screws until paper drags at each of them.',
    'No light under the leaf.',
  ],
  'corner-pads': ['Corner pads', 'Sealant first, lower edge level with the cap.', 'No light at the corners.'],
  foam: ['Foam', 'Low expansion only, one third full.', 'The door still latches. Wait overnight.'],
  'foam-trim': ['Trim the foam', 'Cut flush when hard.', 'Flush with the jamb.'],
  fibre: ['Fill the gap with fibre', 'Loose, all round; never packed tight.', 'Margins unchanged.'],
  'backer-rod': [
    'Backer rod and sealant inside',
    'Rod half again as thick as the gap, then sealant over it all round.',
    'No break in the bead; margins unchanged.',
  ],
  'outside-seal': [
    'Tape, flashing, sealant, trim',
    'From below upward; upper laps over lower.',
    'Water runs out everywhere.',
  ],
}

/** What a step is called. */
export const stepName = (id: string): string =>
  id === 'unit-accepted' ? 'The new unit received and accepted' : (STEPS[id]?.[0] ?? id)

/** What a sill pan is put together from; `write` gives a length in the job's unit. */
export const panWords = ({ end, cuts }: PanPieces, write: (length: Length) => string): string =>
  cuts.length
    ? `Two ends of ${write(end)}, between them ${cuts.map(write).join(', ')}.`
    : `Two ends of ${write(end)}, lapped over each other; no piece between them.`

/** What to do at a step, the number to meet and what to check, its figures as they hold for the opening. */
export const stepWords = (id: string, say: SayFigure): StepWords => {
  const [name, how, check] = STEPS[id] ?? [id, '', '']
  return [name, withFigures(how, say), withFigures(check, say)]
}

export const CAUTION_WORDS: Readonly<Record<string, string>> = {
  lift: 'Two people, gloves. A unit that tips hurts.',
  'old-paint': 'Paint from before 1978 may hold lead, old sealant asbestos: test first; licensed work. Eye protection.',
  vapour: 'Foam and solvent vapour: ventilate, no flame.',
  clip: 'Keep hands off the hinge edge; the leaf may drop.',
  ladder: 'Stand the ladder on firm ground; someone holds it.',
}
