const LABELS: Readonly<Record<string, string>> = {
  outside: 'outside',
  inside: 'inside',
  'open-reading': '·',
  'open-trial': '~',
  still: 'still',
  'smoke-drawn': 'smoke',
  felt: 'air',
  drags: 'drags',
  slides: 'slides',
  held: 'held',
  hook: 'hook here',
  read: 'read here',
  'hinges-here': 'hinges here',
  'hinges-maybe': 'hinges here?',
  'hinges-other': 'or here',
  'swings-in': 'swings in',
  'swings-in-maybe': 'in?',
  'swings-out': 'swings out',
  'swings-out-maybe': 'out?',
  moves: 'moves',
  fixed: 'fixed',
  active: 'active',
  'which-moves': 'moves?',
  'to-left': '◀',
  'to-right': '▶',
  'this-end-up': '▲',
  'gap-mean': 'mean',
  up: '▲',
  down: '▼',
}

/** The words that stand in a drawing. */
export const drawingWord = (code: string): string => LABELS[code] ?? code

const DRAWN: Readonly<Record<string, string>> = {
  'unit.width': 'Unit width',
  'unit.height': 'Unit height',
  'floor.clearance': 'Clear over the floor',
  'wedge.bottom': 'Gap at the bottom, on average',
  'wedge.bottom.left': 'Gap under the left leaf, on average',
  'wedge.bottom.right': 'Gap under the right leaf, on average',
}

/** What a drawn figure that can't be tapped is of, for a reader who does not see it; `null` for a word that says it all. */
export const drawnName = (id: string): string | null => DRAWN[id] ?? null
