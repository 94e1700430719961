import type { Finding } from '../base/finding'
import type { SchoolAnswer } from '../base/schools'

// What lies under the sill and what fills the gap round the frame: the maker's word first, then the practice.

export type SillSystem = SchoolAnswer<'sill'>
export type Cavity = SchoolAnswer<'cavity'>

/** What a sheet asks for where the unit is set; `null` where it is silent. */
export type SettingSheet = {
  readonly asksPan: boolean | null
  readonly asksBeads: boolean | null
  readonly asksFoam: boolean | null
}
export const SILENT_SETTING: SettingSheet = { asksPan: null, asksBeads: null, asksFoam: null }

/** What lies under the sill. A pan's front stays open, so that a sheet that asks for beads rules a pan out, and one that asks for a pan
 *  rules everything else out. */
export function sillSystem(practice: SillSystem, { asksPan, asksBeads }: SettingSheet): SillSystem {
  if (asksPan === true) return 'pan'
  const takesPan = asksPan !== false && asksBeads !== true
  if (practice === 'pan') return takesPan ? 'pan' : 'membrane'
  return asksBeads === false && takesPan ? 'pan' : practice
}

/** What fills the gap between frame and wall. */
export function cavityFill(practice: Cavity, { asksFoam }: SettingSheet): Cavity {
  if (asksFoam === true) return 'foam'
  return asksFoam === false && practice === 'foam' ? 'fibre' : practice
}

export type BeddingCode = 'pan-and-beads' | 'sill-by-sheet' | 'beads-in-weather' | 'beads-on-ribs' | 'pan-in-rain'

/** What is wrong with the sill's bed: a sheet that contradicts itself, a practice the sheet does not take, beads alone in the weather,
 *  beads under a threshold that bears on its ribs alone. */
export function judgeBedding(
  sheet: SettingSheet,
  {
    practice,
    isCovered,
    isRibbed,
    isInRain,
  }: {
    readonly practice: SillSystem
    readonly isCovered: boolean
    readonly isRibbed: boolean
    readonly isInRain: boolean
  },
): readonly Finding<BeddingCode>[] {
  const make = (code: BeddingCode, severity: Finding['severity'], facts: Finding['facts']): Finding<BeddingCode> => ({
    code,
    place: 'unit',
    severity,
    facts,
    rule: 'sill',
    cures: [],
  })
  if (sheet.asksPan && sheet.asksBeads) return [make('pan-and-beads', 'stop', {})]
  const system = sillSystem(practice, sheet)
  return [
    ...(system === practice ? [] : [make('sill-by-sheet', 'watch', { system, practice })]),
    ...(system === 'beads' && !isCovered ? [make('beads-in-weather', 'correct', {})] : []),
    ...(system === 'membrane' && isInRain ? [make('pan-in-rain', 'watch', {})] : []),
    ...(system !== 'pan' && isRibbed ? [make('beads-on-ribs', 'watch', {})] : []),
  ]
}
