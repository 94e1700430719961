import { hasPart, type UnitKind } from '../base/kinds'
import { memberOf, type UnitMember } from './unit-members'

/** Whether the sheet of a kind speaks of a member, and whether it may be silent on it. */
export const standsOn = (name: UnitMember, kind: UnitKind): boolean =>
  memberOf(name).in.some(part => hasPart(kind, part))
export const isNeededOn = (name: UnitMember, kind: UnitKind): boolean =>
  (memberOf(name).needed ?? []).some(part => hasPart(kind, part))
