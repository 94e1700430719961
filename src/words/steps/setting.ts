import type { StepTexts } from './texts'

/** What is done while a frame with a leaf on hinges is set. */
export const SETTING: StepTexts = {
  'tip-in': [
    'Tip the unit in',
    'Sill down first, head leaning back, then upright; don’t slide it through the sealant.',
    'Sits on its bed along its whole width.',
  ],
  'tack-closed': [
    'Tack it from inside',
    'Finish nails in the jamb’s thin edge, hinge side first: it carries the weight.',
    'The unit can be let go.',
  ],
  'open-at-once': [
    'Open it and make it safe',
    'Clip off, leaf held by the second person, wedged under its lock edge.',
    'It can’t fall and can’t close by itself.',
  ],
  'hinge-plumb': [
    'Hinge leg plumb both ways',
    'Long level on face and edge. Read the worst gap.',
    'At most {test-plumb} over the leg.',
  ],
  'loose-screws': [
    'Frame screws in, loosely',
    'Just beside each place of a pack, a turn short: the packs will rest on them.',
    'The leg can still be moved.',
  ],
  'lock-lines': [
    'Pencil the lock’s height',
    'On leaf and jamb, at latch and bolt: they show how the strike leg stands.',
    'Both pairs of lines meet.',
  ],
  'top-screws': [
    'Two screws at the top',
    'Behind the weatherstrip; the leg hangs from them.',
    'The leg still moves at its foot.',
  ],
  'hinge-shims': [
    'Pack behind every hinge',
    'Packs as planned, opposed wedges, faces parallel.',
    'Still plumb, no twist.',
  ],
  'hinge-screws': [
    'Screw the hinge leg',
    'In the order shown, behind the weatherstrip; look at the margin after each.',
    'Back a screw out if the margin moved; never force it.',
  ],
  'stands-true': [
    'Stands true, unfixed',
    'Let go of it. Level on both legs, gauge round the leaf; the margins within twice what is allowed in the end. Read the worst lean.',
    'At most {test-plumb} over the leg.',
  ],
  'contact-even': [
    'Weatherstrip touches evenly',
    'Leaf shut, contact at top, middle and bottom; move the strike leg through the wall by what is missing. Read the smallest.',
    '{contact-least} to {contact-most}, alike within {contact-even}.',
  ],
  'strike-shims': [
    'Pack the strike side',
    'At the strike, then top and bottom.',
    'Margin {hinge-gap} from top to bottom.',
  ],
  'strike-screws': [
    'Screw the strike leg',
    'In the order shown; open and shut between screws.',
    'Margin unchanged after each.',
  ],
  'first-opening': ['Open it for the first time', 'Transport clip off only now.', 'Nothing rubs.'],
  'margins-even': [
    'Margins even',
    'Read them round the leaf, correct one thing at a time, read again. Note the worst miss.',
    '{hinge-gap} ± {test-margins}.',
  ],
  'long-screws': [
    'Long hinge screws',
    'One through each hinge into the stud, longest at the top.',
    'Margin unchanged.',
  ],
  'head-screws': [
    'Head screws, as the sheet asks',
    'Beside a pack that is as thick as the gap; the pack stays or goes as the sheet says.',
    'The head is still level.',
  ],
  'strike-adjust': ['Adjust the strike', 'Bend the tang or slide the plate.', 'Latches without a rattle.'],
  'operation-test': [
    'Operation test',
    'Open, close, latch, bolt. Read the push that latches it.',
    'Works freely; at most {latch-force}.',
  ],
  'passive-plumb': [
    'Passive leg plumb both ways',
    'The passive leaf goes first; long level on face and edge.',
    'At most {test-plumb} over the leg.',
  ],
  'passive-shims': [
    'Pack behind the passive leaf’s hinges',
    'Packs as planned, opposed wedges.',
    'Still plumb, no twist.',
  ],
  'passive-screws': [
    'Screw the passive leg',
    'In the order shown, behind the weatherstrip.',
    'The passive leaf hangs square to the sill.',
  ],
  'bolt-prints': [
    'Print the bolts',
    'A dab of sealant on each bolt’s end; shoot both, draw them back.',
    'Two prints, at head and sill.',
  ],
  'bolt-holes': [
    'Drill for the bolts',
    'On the prints, no deeper than the throw.',
    'Both bolts shoot their whole length.',
  ],
  'bolt-keepers': [
    'Head keeper and sill plug',
    'Keeper over the head’s hole, plug in the sill’s.',
    'The passive leaf is locked and stands still.',
  ],
  'active-plumb': [
    'Active leg plumb both ways',
    'Long level on face and edge, the passive leaf locked.',
    'At most {test-plumb} over the leg.',
  ],
  'active-shims': [
    'Pack behind the active leaf’s hinges',
    'To an even margin at the meeting edge, tops flush.',
    'Margin even from top to bottom.',
  ],
  'active-screws': [
    'Screw the active leg',
    'In the order shown, behind the weatherstrip.',
    'Margin unchanged after each.',
  ],
  'meeting-shim': [
    'Temporary pack at the meeting point',
    'Over the meeting point, as thick as the gap: it holds the head while it is screwed.',
    'Head straight across both leaves.',
  ],
  'meeting-screw': [
    'One screw at the meeting point',
    'Beside the temporary pack, never without it.',
    'The head did not move.',
  ],
  'meeting-shim-out': [
    'Temporary pack out',
    'Where its sheet says so; the header may sag without touching the frame.',
    'Head still straight.',
  ],
  'astragal-strike': ['Strike on the astragal', 'Mark from the latch, cut in, screw.', 'Latches without a push.'],
  'fixed-plumb': [
    'Fixed side plumb both ways',
    'The leg beside the fixed light first.',
    'At most {test-plumb} over the leg.',
  ],
  'fixed-shims': [
    'Pack the fixed side',
    'Packs as planned, opposed wedges, at all three heights.',
    'Still plumb, no twist.',
  ],
  'fixed-screws': ['Screw the fixed side', 'In the order shown.', 'The light’s frame is not racked.'],
  'mullion-shims': [
    'Pack over every mullion',
    'As thick as the gap there; the mullion plumb both ways.',
    'No bow in the head.',
  ],
  'mullion-screws': ['Screw over every mullion', 'Beside its pack, never through it alone.', 'The head did not move.'],
  'leg-shims': [
    'Pack the other leg',
    'Packs as planned; margins of the leaf watched.',
    'Margin {hinge-gap} from top to bottom.',
  ],
  'leg-screws': ['Screw the other leg', 'In the order shown; look at the margin after each.', 'Margin unchanged.'],
}
