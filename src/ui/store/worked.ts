'use client'
import { whatDecides } from '@/core/ask-work'
import { type Figure, type FigureRef, figureOf, type TradeNumbers } from '@/core/base/figure'
import { remembered, rememberedParts, settled } from '@/core/base/stage'
import type { TradeLengths } from '@/core/base/trade-lengths'
import { drawnOf } from '@/core/draw'
import type { Drawn } from '@/core/drawing/drawn'
import { type Glance, glanceOf } from '@/core/glance'
import { zoneOf } from '@/core/sheet'
import { waySlot } from '@/core/survey/slots'
import type { Question } from '@/core/survey/survey-of'
import type { Trade } from '@/core/terms'
import type { Length } from '@/core/units/length'
import { type Work, workbench } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { figuresIn, type SayFigure } from '@/words/figures'
import type { SheetStore } from './use-sheet'

// The second half of the sheet: loaded behind what is needed to read and type.

/** What the core says of the sheet as it stands. */
export type Worked = {
  readonly trade: Trade
  readonly work: Work
  readonly drawn: Drawn
  /** Figures of the trade as they hold here, in the job's unit. */
  readonly say: SayFigure
  /** The same with what each is and where it comes from. */
  readonly figure: (id: FigureRef) => Figure
  readonly glance: Glance
}

/** The sheet's store with the work on it. */
export type WorkedStore = SheetStore & Worked

function bench() {
  const to = {
    trade: remembered(tradeWith),
    work: remembered(workbench()),
    drawn: remembered(drawnOf),
    say: remembered(figuresIn),
    figure: remembered(
      (lengths: TradeLengths, numbers: TradeNumbers) =>
        (id: FigureRef): Figure =>
          figureOf(id, lengths, numbers),
    ),
    glance: settled(glanceOf),
    all: rememberedParts((parts: Worked) => parts),
    own: remembered(
      (firm: SheetStore['sheet']['firm'], jobSchools: SheetStore['sheet']['jobSchools'], zone: string) => ({
        firm,
        jobSchools: jobSchools.data,
        zone,
      }),
    ),
  }
  const worked = ({ sheet, records, now }: SheetStore): Worked => {
    const trade = to.trade(sheet.units, to.own(sheet.firm, sheet.jobSchools, zoneOf(sheet.job, sheet.firm)))
    const work = to.work(records, trade, now)
    const say = to.say(work.terms.lengths, trade.numbers, sheet.job.step)
    const figure = to.figure(work.terms.lengths, trade.numbers)
    return to.all({ trade, work, drawn: to.drawn(work, records.wishes), say, figure, glance: to.glance(work, records) })
  }
  return { worked, swings: remembered(swingsOf) }
}

function swingsOf(work: Work): ReadonlyMap<Question, Length> {
  const { survey, model } = work.measure.value
  return new Map(whatDecides(work).map(one => [waySlot(model?.way ?? survey.way, one.name), one.swing]))
}

const benches = new WeakMap<object, ReturnType<typeof bench>>()

function benchOf({ key }: SheetStore): ReturnType<typeof bench> {
  const own = benches.get(key) ?? bench()
  benches.set(key, own)
  return own
}

/** The work on a sheet, worked out again only as far as a change reaches: every pane of one sheet asks the same bench. */
export const workedOn = (store: SheetStore): Worked => benchOf(store).worked(store)

/** By how much each open reading could still change the verdict; empty while nothing stands to be decided. */
export const swingsOn = (store: SheetStore): ReadonlyMap<Question, Length> =>
  benchOf(store).swings(workedOn(store).work)
