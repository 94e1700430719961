const LABELS: Readonly<Record<string, string>> = { outside: 'outside', inside: 'inside', 'open-reading': '·' }

/** The words that stand in a drawing. */
export const drawingWord = (code: string): string => LABELS[code] ?? code
