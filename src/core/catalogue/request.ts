import type { Finding } from '../base/finding'
import type { UnitKind } from '../base/kinds'
import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import type { FloorHeights } from '../specification/floor-read'
import type { Wishes } from '../specification/wishes'
import type { Length } from '../units/length'
import type { HardCode, Judged } from './offer'
import type { Rates } from './preparation'
import type { SiteFacts } from './site'
import type { UnitOf } from './unit'

/** The opening, what was found and what is wished, as the judge needs them. */
export type Request = {
  /** The hole to stand a frame in; `null` where the size is not known yet or only a leaf or a lock is replaced. */
  readonly points: OpeningPoints | null
  /** Whether those are blocks, between which a frame stands in bucks. */
  readonly hasBucks: boolean
  /** How each kind of unit is judged. */
  readonly judges: Judges
  readonly fillers: readonly Length[]
  /** How far the unit is moved off the middle, + to the right. */
  readonly shift: Length
  readonly wishes: Wishes
  /** The jamb wanted, `null` while no wall was read or the frame has none. */
  readonly wall: Length | null
  /** The floor inside above the sub-sill: at the door, and the highest a leaf swings over; `null` while it was not read. */
  readonly floor: FloorHeights | null
  /** What will be laid on the floor its legs stand on, where they do. */
  readonly covering: Length
  readonly jambStandards: readonly Length[]
  readonly lengths: TradeLengths
  readonly rates: Rates
  readonly schools: Schools
  /** A door between garage and house shows so many minutes, unless it is of steel. */
  readonly garageMinutes: number
  readonly site: SiteFacts
  /** How far the wall's two sides are out of one plane over the opening's height; `null` where it was not read. */
  readonly twist: Length | null
}

/** What judging asks of a kind of unit. */
export type JudgeOf<U> = {
  /** Whether it goes in, and the work that takes. */
  readonly judge: (unit: U, request: Request) => Judged
  /** What it misses whatever its size; empty when nothing. */
  readonly requires: (unit: U, request: Request) => readonly Finding<HardCode>[]
  /** Whether only the hole decides its size: then one far too large or small is set aside unplaced. */
  readonly isByHole: boolean
}

/** How every kind of unit is judged. */
export type Judges = { readonly [K in UnitKind]: JudgeOf<UnitOf<K>> }
