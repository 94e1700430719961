import type { Finding } from '../base/finding'
import { magnitude, minus } from '../units/length'
import { because, type HardCode } from './offer'
import type { Request } from './request'
import type { CatalogueUnit } from './unit'

/** What a unit misses whatever its size; empty when nothing. */
export function hardRequirements(unit: CatalogueUnit, request: Request): readonly Finding<HardCode>[] {
  const { wishes, garageMinutes } = request
  const failed: Finding<HardCode>[] = []
  const fail = (code: HardCode, facts: Finding['facts'], rule: string) =>
    failed.push(because(code, 'stop', facts, rule))
  if (!unit.lock) judgeHand(unit, request, fail)
  if (wishes.use === 'garage-to-house' && unit.material !== 'steel' && unit.labelMinutes < garageMinutes)
    fail('label-too-low', { label: unit.labelMinutes, wanted: garageMinutes }, 'garage')
  else if (unit.labelMinutes < request.site.labelMinutes && !unit.lock)
    fail('label-too-low', { label: unit.labelMinutes, wanted: request.site.labelMinutes }, 'fire-label')
  if (wishes.material && unit.material !== wishes.material && !unit.lock)
    fail('material-other', { made: unit.material, wanted: wishes.material }, 'wish.material')
  if (wishes.bore && unit.bore !== wishes.bore && !unit.lock && !unit.storm)
    fail('bore-other', { made: unit.bore, wanted: wishes.bore }, 'wish.bore')
  if (wishes.settings.includes('glass-near') && unit.glass === 'plain') fail('glass-not-safe', {}, 'glass-near')
  if (wishes.settings.includes('wind-zone') && unit.glass !== 'none' && unit.glass !== 'impact')
    fail('glass-not-impact', { made: unit.glass }, 'wind-zone')
  if (wishes.settings.includes('escape') && unit.storm?.keyInside) fail('key-inside', {}, 'escape')
  if (unit.frame?.form === 'welded' && request.site.isWallFinished) fail('welded-for-finished-wall', {}, 'wrap')
  if (unit.lock) judgeLock(unit.lock, request, fail)
  return failed
}

type Fail = (code: HardCode, facts: Finding['facts'], rule: string) => void

function judgeHand(unit: CatalogueUnit, { wishes, site }: Request, fail: Fail): void {
  if (unit.panels) {
    if (site.panels && unit.panels !== 'both' && unit.panels !== site.panels)
      fail('panels-other', { made: unit.panels, wanted: site.panels }, 'fact.moving-panel')
    return
  }
  const isReversible = unit.hinges === 'both' || unit.storm?.reversible === true
  if (wishes.hinges && !isReversible && unit.hinges !== wishes.hinges)
    fail('hand-not-made', { made: unit.hinges, wanted: wishes.hinges }, 'wish.hinges')
  if (wishes.swing && unit.swing !== 'both' && unit.swing !== wishes.swing)
    fail('swing-not-made', { made: unit.swing, wanted: wishes.swing }, 'wish.swing')
}

function judgeLock(lock: NonNullable<CatalogueUnit['lock']>, { site, lengths }: Request, fail: Fail): void {
  const read = site.lock
  if (!read) return
  if (read.function && lock.function !== read.function)
    fail('lock-function', { made: lock.function, wanted: read.function }, 'fact.lock-function')
  if (magnitude(minus(lock.backset, read.backset)) > lengths['backset-near'].value)
    fail(
      'lock-backset',
      {
        made: { length: lock.backset },
        read: { length: read.backset },
        limit: { length: lengths['backset-near'].value },
      },
      'backset-near',
    )
  if (read.thickness < lock.thicknessLeast || read.thickness > lock.thicknessMost)
    fail(
      'lock-thickness',
      {
        least: { length: lock.thicknessLeast },
        most: { length: lock.thicknessMost },
        read: { length: read.thickness },
      },
      'lock',
    )
}
