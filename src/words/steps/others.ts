import type { StepTexts } from './texts'

/** What is done while a slider, a steel frame, a storm door, a steel leaf or a lock set is set. */
export const OTHERS: StepTexts = {
  'sill-level': [
    'Level the sill',
    'Pack under the low end, full bearing; read the worst fall.',
    'Level within {sill-fine}.',
  ],
  'side-square': [
    'One side square to the sill',
    'Square in the corner, long level up the leg. Diagonals say nothing of a frame that came bent.',
    'At most {test-plumb} over the leg.',
  ],
  'first-leg': [
    'Pack and screw that side',
    'Latch height first, then above and below; plumb again after each screw. In hollow plastic drill the first wall only, and plug it.',
    'Still plumb after the last screw.',
  ],
  'panel-spacers': [
    'Panel spacers',
    'One near each end, one in the middle.',
    'The fixed panel will stand clear of the track.',
  ],
  riser: ['Riser', 'Screwed down by the sheet’s count.', 'It can’t be lifted.'],
  'fixed-panel': ['Fixed panel in', 'Into the jamb, square, seated its whole height.', 'No gap to the jamb.'],
  'panel-clips': ['Clips', 'All of the sheet’s, before anything is snapped on.', 'The panel can’t move.'],
  interlock: [
    'Snap the interlock on',
    'Only when everything before it is ticked: it can’t be taken off.',
    'Seated from top to bottom.',
  ],
  'sill-pad': ['Sill pad', 'At the foot of the meeting stile.', 'Flat, not under the roller.'],
  'moving-panel': [
    'Hang the moving panel',
    'Head first into its track, then down onto the rollers.',
    'It stands on both rollers.',
  ],
  'rollers-level': [
    'Level the panel on its rollers',
    'Raise the roller where the gap to the lock leg says so; read how far the gap differs from top to bottom.',
    'Alike within {test-margins}.',
  ],
  'second-leg': [
    'Pack and screw the other side',
    'To the panel’s own edge: latch height first, then above and below; plumb again after each screw.',
    'Even gap, top to bottom.',
  ],
  'head-pad': ['Head pad', 'With the panel open.', 'Fills the gap at the meeting stile.'],
  fillers: ['Fillers and bumpers', 'By the sheet’s order.', 'Nothing stands in the panel’s way.'],
  'handle-on': ['Handle', 'Both halves, screws even.', 'Clear of the leg when open and shut.'],
  'keeper-set': ['Keeper', 'Slide it up or down to the hook, then tighten.', 'Locks without lifting the panel.'],
  'frame-order': [
    'Lay the frame’s parts out',
    'Try the head, then one leg; the head’s wide side faces the door.',
    'Tabs and slots meet.',
  ],
  'head-in': [
    'Head onto the wall',
    'Wide side to the door, pushed up above its place.',
    'It stays while a leg goes in.',
  ],
  'hinge-leg-in': ['Hinge leg in', 'Its tabs over the head’s ends, foot swung in last.', 'Corner closed by hand.'],
  'strike-leg-in': [
    'Strike leg in, at an angle',
    'The side play takes its foot; then straighten it.',
    'Both corners closed by hand.',
  ],
  'frame-stands': [
    'Stand the frame',
    'Welded in one piece, before the wall is finished; head level on its feet.',
    'Throat even all round.',
  ],
  'head-level': ['Head level', 'By packing the low foot.', 'Within {sill-fine} over the width.'],
  'tension-screws': [
    'Tension screws',
    'Small turns, left and right in turn. An open corner means still loose.',
    'Both corners tight, legs still plumb.',
  ],
  'clear-width': [
    'Clear width at the foot',
    'Between the legs, at foot, middle and head.',
    'At least the nominal, and alike.',
  ],
  'few-anchors': [
    'A few anchors first',
    'One at each leg, opposite the middle hinge.',
    'The frame can still be tuned.',
  ],
  'hang-leaf': ['Hang the leaf', 'Two screws in each hinge; don’t let it fall on its edge.', 'It swings.'],
  'all-anchors': ['All anchors', 'Open the leaf after each; back one out that moved a margin.', 'Margins unchanged.'],
  'all-hinge-screws': ['All hinge screws', 'Every hole filled.', 'Margins unchanged.'],
  'strips-on': ['Silencers and strips', 'On a clean, dry rebate, a warm one where they stick.', 'Touch all round.'],
  'label-clean': ['Label legible', 'Leaf and frame; no paint on it.', 'Both can be read.'],
  'move-hardware': [
    'Move the hardware over',
    'Closer, device, viewer, by the old leaf’s places; drill only where the label allows it.',
    'Everything is on the new leaf.',
  ],
  'closer-set': ['Set the closer', 'Arm, then the valves by small turns.', 'Shuts by itself, slowly.'],
  'drip-cap': ['Drip cap or head rail', 'Centred, level, loosely.', 'Level over its length.'],
  'rail-screwed': [
    'Screw the hinge rail',
    'Rail with the door tight to the head as planned; top screw first, plumb, then the rest. Read its lean.',
    'At most {test-plumb} over the rail.',
  ],
  'channel-screwed': [
    'Screw the channel',
    'Channel plumb, screws through its slots; read its lean.',
    'At most {test-plumb} over its length.',
  ],
  'hooks-screwed': [
    'Screw the hooks',
    'Heights from its sheet, one below the other; read how far they are off plumb.',
    'At most {test-plumb} between top and bottom.',
  ],
  'legs-let-down': [
    'Let the legs down',
    'Frame in, legs let down to the sill, screwed top to bottom; read the lean.',
    'At most {test-plumb} over the leg.',
  ],
  'hang-storm': [
    'Hang the door',
    'On its rail, hooks or legs; one holds, one fixes.',
    'It swings by itself to neither side.',
  ],
  'latch-rail': ['Latch rail', 'To an even gap along the door’s edge.', 'Even from top to bottom.'],
  'storm-handle': [
    'Drill for the handle',
    'By the template, in the free height; both handles’ swing looked at before.',
    'It clears the entry’s handle.',
  ],
  'storm-strike': [
    'Storm strike',
    'From the latch, on the rail; packed out where it rattles.',
    'Latches with a light push.',
  ],
  'storm-sweep': ['Sweep', 'Down to the sill, even, then its screws.', 'Touches the whole width and does not drag.'],
  'storm-closer': [
    'Closer',
    'At its place, never at the lock’s height; pin, washer, speed screw.',
    'Shuts and latches by itself.',
  ],
  'rail-sealed': [
    'Seal the rails',
    'At their outer edge, head and both sides; the sill stays open.',
    'Water runs out below.',
  ],
  'mortise-cut': [
    'Cut the mortise',
    'Marked from both faces, drilled inside the line, pared square.',
    'The case slides in by hand.',
  ],
  'bore-cut': ['Bore for the lock', 'From both faces to the middle; then the edge.', 'Backset as ordered.'],
  'latch-turned': ['Turn the latch', 'Its bevel to the side the door shuts against.', 'It rides up the strike.'],
  'bolt-in': [
    'Bolt in',
    'Below the latch, face plate flush; turn inside, release outside.',
    'Throws and draws freely.',
  ],
  'latch-in': ['Latch in', 'Face plate flush.', 'Springs freely.'],
  'knobs-on': ['Handles on', 'Spindle through, screws even, by hand.', 'No binding at either side.'],
  'dust-box': [
    'Dust box',
    'Marked from the latch’s bevel, cut deep enough for its whole throw.',
    'The latch goes all the way in.',
  ],
  'keep-on': [
    'Keep on',
    'Slid to where the door does not rattle, then its second screw.',
    'Shuts without a push, no rattle.',
  ],
  'hinges-tight': [
    'Tighten the hinges',
    'Every screw; a stripped hole plugged and drilled again.',
    'The leaf does not sag when lifted at its edge.',
  ],
  'passive-firm': [
    'Passive leaf stands firm',
    'Both bolts shot home; a worn keeper is set anew or filed.',
    'Locked, it does not rattle when pushed.',
  ],
  'track-clean': [
    'Clean the track',
    'Brush the track and the weep holes out; turn each roller by hand.',
    'Nothing grinds, water runs off.',
  ],
}
