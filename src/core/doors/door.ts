import type { UnitKind } from '../base/kinds'
import type { SchoolId } from '../base/schools'
import type { JudgeOf } from '../catalogue/request'
import type { SiteOf } from '../catalogue/site-facts'
import type { UnitOf } from '../catalogue/unit'
import type { PartsOf } from '../drawing/drawn'
import type { Mark } from '../drawing/scene'
import type { HandOrdered } from '../drawing/unit-front'
import type { FitOf, FrameOf, MakerAsks } from '../fit/fit-of'
import type { TestsOf } from '../handover/tests-of'
import type { OrderOf } from '../order/order-of'
import type { SealOf } from '../seal/edge'
import type { LeafSheet } from '../specification/hung-leaf'
import type { SpecifyOf } from '../specification/specify-of'
import type { SurveyOf } from '../survey/survey-of'

/** A kind of door as every room asks of it. A missing answer does not compile. */
export type Door = {
  readonly survey: SurveyOf
  readonly specify: SpecifyOf
  readonly site: SiteOf
  /** The kinds of unit that are ordered for it; empty where nothing is ordered or set. */
  readonly takes: readonly UnitKind[]
  readonly fit: FitOf
  readonly seal: SealOf
  readonly tests: TestsOf
  readonly parts: PartsOf
  /** The practices that bear on it, in the order of the work. */
  readonly practices: readonly SchoolId[]
}

/** A kind of unit as every room asks of it. */
export type UnitDoor<K extends UnitKind> = {
  readonly judge: JudgeOf<UnitOf<K>>
  readonly order: OrderOf
  /** What its sheet says of the leaf it brings; `null` where it brings none. */
  readonly leaf: (unit: UnitOf<K>) => LeafSheet | null
  readonly frame: (unit: UnitOf<K>) => FrameOf
  /** What its maker asks for when it is set, where the sheet says it. */
  readonly asks: (unit: UnitOf<K>) => MakerAsks
  /** How it looks from outside, its lower left corner at 0; empty where its kind has no front. */
  readonly front: (unit: UnitOf<K>, hand: HandOrdered) => readonly Mark[]
  /** Tests in place of those of its opening; `null` where those hold. */
  readonly tests: TestsOf | null
}
