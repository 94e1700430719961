import { may } from '@/core/access/access'
import { withoutMoney } from '@/core/access/without-money'
import type { Stage } from '@/core/base/stages'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import type { Scene } from '@/core/drawing/scene'
import { type Glance, glanceOf } from '@/core/glance'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import { freshUntil } from '@/core/summary'
import type { Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { lookAtOpening, type OpeningLook, type StoredOpening } from '@/store/openings'
import { holdsUntil, onceAnAnswer } from './answer-note'
import { basisOf } from './basis'
import { catalogueAt } from './catalogue'
import { type Held, keeping } from './kept'
import { sheetOf, workOf } from './load-opening'

/** A sheet with what is seen of its work before the work is worked out in the browser. */
export type SeenSheet = {
  readonly sheet: Omit<OpeningSheet, keyof SheetBeside>
  readonly glance: Glance
  /** The door from outside, as its stage shows it. */
  readonly scene: Scene
}

/** What of a sheet stands beside what was worked out. */
export type SheetBeside = Pick<OpeningSheet, 'neighbours' | 'members' | 'memberName'>

/** A sheet as a page brings it. */
export type BroughtSheet = {
  readonly opening: StoredOpening['opening']
  /** A `SeenSheet` as JSON: written once and sent as it is to whoever looks. */
  readonly seen: string
  readonly beside: SheetBeside
}

type Kept = Pick<BroughtSheet, 'opening' | 'seen'>

/** The sheets that were looked at last, each as it was worked out. */
const kept = keeping<Kept>(200)

/** How an opening stands now, looked up once for an answer. */
const lookAt = (db: Db, who: Known, id: string): Promise<OpeningLook | null> =>
  onceAnAnswer(`opening/${id}`, () => lookAtOpening(db, who, id))

/** What changes with everything a sheet's page shows of its opening; `null` when this company has none such. */
export async function sheetStanding(db: Db, who: Known, id: string): Promise<string | null> {
  const look = await lookAt(db, who, id)
  return look && JSON.stringify([basisOf(look.standing, who.company), look.neighbours])
}

/** One opening's sheet as a stage shows it, without what things cost where that is not theirs to see; `null` when this company has none such.
 *  What stands as it stood is neither read nor worked out again. */
export async function sheetAt(db: Db, who: Known, id: string, stage: Stage, now: string): Promise<BroughtSheet | null> {
  const look = await lookAt(db, who, id)
  if (!look) return null
  const held = await kept({
    key: [who.companyId, id, stage, may(who.role, 'money')].join('/'),
    basis: basisOf(look.standing, who.company),
    now,
    make: () => workedOut(db, who, look, stage, now),
  })
  if (!held) return null
  holdsUntil(held.freshUntil)
  const { members } = who.company
  return { ...held.value, beside: { neighbours: look.neighbours, members, memberName: who.name } }
}

async function workedOut(db: Db, who: Known, look: OpeningLook, stage: Stage, now: string): Promise<Held<Kept>> {
  const [stored, catalogue] = await Promise.all([look.whole(), catalogueAt(db, who, who.company.catalogueRevision)])
  const whole = sheetOf(stored, catalogue, who)
  const work = workOf(whole, new Date(now))
  const { neighbours, members, memberName, ...sheet } = whole
  const seen: SeenSheet = {
    sheet: may(who.role, 'money') ? sheet : withoutMoney(sheet),
    glance: glanceOf(work, recordsOf(whole)),
    scene: elevation(drawnOf(work, whole.edits.wishes.data), stage),
  }
  return { value: { opening: stored.opening, seen: JSON.stringify(seen) }, freshUntil: freshUntil(work, now) }
}
