const LABELS: Readonly<Record<string, string>> = {
  outside: 'outside',
  inside: 'inside',
  'open-reading': '·',
  hook: 'hook here',
  read: 'read here',
  moves: 'moves',
  fixed: 'fixed',
  'which-moves': 'moves?',
  'to-left': '‹ left',
  'to-right': 'right ›',
  'left-higher': 'left up',
  'right-higher': 'right up',
  hollow: 'hollow',
  up: 'up',
  outward: 'out',
  inward: 'in',
}

/** The words that stand in a drawing. */
export const drawingWord = (code: string): string => LABELS[code] ?? code
