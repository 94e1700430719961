import type { Members } from './version'
import { isMembers } from './version'

/** Codes that were prose with spaces, and what they are called since. */
const RENAMED: Readonly<Record<string, string>> = {
  'painted over': 'painted-over',
  'vertical rods': 'vertical-rods',
  'wood studs': 'wood-studs',
  'steel studs': 'steel-studs',
  'tubular latch': 'tubular-latch',
  'mortise case': 'mortise-case',
  'pebbles and dirt': 'pebbles-and-dirt',
  'adjustable cap': 'adjustable-cap',
  'not needed': 'not-needed',
  'appliance behind it': 'appliance-behind-it',
  'stud straps': 'stud-straps',
  'floor clips': 'floor-clips',
  'exposed screws': 'exposed-screws',
  'none, the outside casing stays': 'none-casing-stays',
}

/** A code as it is called now. */
export const renamedCode = (code: unknown): unknown => (typeof code === 'string' ? (RENAMED[code] ?? code) : code)

/** Lists from before a lock set was a kind of its own name it as what stands inside a house, with a kind of lock. */
export const kindNow = (kind: string, hasLock: boolean): string => (kind === 'interior' && hasLock ? 'lock-set' : kind)

/** Details whose values are codes or lists of them parted by `|`. */
const CODED = ['anchors', 'closer-prep', 'exit-device', 'frame-kind', 'brickmould']

export function renamedDetails(details: unknown): Members {
  if (!isMembers(details)) return {}
  const renamed = CODED.flatMap(name => {
    const value = details[name]
    if (typeof value !== 'string') return []
    return [
      [
        name,
        value
          .split('|')
          .map(one => renamedCode(one.trim()))
          .join('|'),
      ] as const,
    ]
  })
  return { ...details, ...Object.fromEntries(renamed) }
}
