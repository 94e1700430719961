import { isUnitKind } from '../base/kinds'
import { memberOf, UNIT_MEMBER_NAMES } from '../catalogue/unit-members'
import { isNeededOn, standsOn } from '../catalogue/unit-parts'
import { renamedCode, renamedDetails } from './renamed'
import { isMembers, type Members } from './version'

/** The sheets a unit of version 1 had: what each of their members is called since. */
const FORMER_SHEETS = {
  frame: { form: 'frameForm', throat: 'throat' },
  storm: {
    kind: 'stormKind',
    widthLeast: 'widthLeast',
    widthMost: 'widthMost',
    heightLeast: 'heightLeast',
    heightMost: 'heightMost',
    hanging: 'hanging',
    deduction: 'deduction',
    headGap: 'headGap',
    bottomGap: 'bottomGap',
    reversible: 'reversible',
    handleAt: 'handleAt',
    handleHalf: 'handleHalf',
    handleProud: 'handleProud',
    closerPin: 'closerPin',
    closerPlace: 'closerPlace',
    faceLeast: 'faceLeast',
    proudLeast: 'proudLeast',
    keyInside: 'keyInside',
  },
  leaf: {
    thickness: 'leafThickness',
    hinges: 'hingeTops',
    hingeHeight: 'hingeHeight',
    boreTop: 'boreTop',
    backset: 'backset',
  },
  lock: {
    kind: 'lockKind',
    function: 'lockFunction',
    backset: 'lockBackset',
    case: 'lockCase',
    thicknessLeast: 'thicknessLeast',
    thicknessMost: 'thicknessMost',
  },
} as const

/** Where a unit of version 1 had what is a member of its own since. */
const FROM_SHEETS: ReadonlyMap<string, readonly [sheet: string, member: string]> = new Map(
  Object.entries(FORMER_SHEETS).flatMap(([sheet, members]) =>
    Object.entries(members).map(([was, is]) => [is, [sheet, was]] as const),
  ),
)

/** Version 2 of a unit: a record of its own kind, in which nothing said is `null`. Before, a length of 0 stood for nothing said or none
 *  there, and a leaf as large as its frame for one the list was silent on. */
export function raiseUnit(old: Members): Members {
  const kind = old.lock != null ? 'lock-set' : String(old.family)
  if (!isUnitKind(kind)) return old
  const formerOf = (name: string): unknown => {
    const from = FROM_SHEETS.get(name)
    const sheet = from ? old[from[0]] : old
    const value = isMembers(sheet) ? renamedCode(sheet[from ? from[1] : name]) : undefined
    const isSilent =
      value === undefined ||
      (value === 0 && !memberOf(name as never).mayBeZero && memberOf(name as never).of === 'length')
    return isSilent || isAsFrame(name, value, old) ? null : value
  }
  const members = UNIT_MEMBER_NAMES.filter(name => standsOn(name, kind)).map(name => {
    const value = formerOf(name)
    return [name, value === null && isNeededOn(name, kind) && name === 'lacks' ? [] : value] as const
  })
  return { id: old.id, kind, details: renamedDetails(old.details), ...Object.fromEntries(members) }
}

/** Versions 3 to 6 of a unit: a sheet is silent on whatever of its kind was no member yet. */
export const silentOnNew = (old: Members): Members => {
  const { kind } = old
  if (typeof kind !== 'string' || !isUnitKind(kind)) return old
  const silent = UNIT_MEMBER_NAMES.filter(name => standsOn(name, kind) && !isNeededOn(name, kind))
  return { ...Object.fromEntries(silent.map(name => [name, null])), ...old }
}

const isAsFrame = (name: string, value: unknown, old: Members): boolean =>
  (name === 'leafWidth' && value === old.width) || (name === 'leafHeight' && value === old.height)
