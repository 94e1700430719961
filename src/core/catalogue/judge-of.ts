import type { JudgeOf, Judges } from './request'
import type { CatalogueUnit } from './unit'

/** How one unit is judged, by its kind. */
export const judgeOf = (judges: Judges, unit: CatalogueUnit): JudgeOf<CatalogueUnit> =>
  judges[unit.kind] as unknown as JudgeOf<CatalogueUnit>
