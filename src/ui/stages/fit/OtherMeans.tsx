'use client'
import type { LeafPlan } from '@/core/fit/tune-leaves'
import { AIMS } from '@/core/fit/tune-margins'
import { minutesOf } from '@/core/tuning/move-minutes'
import { ALIKE } from '@/core/tuning/tune-measures'
import { type DisplayStep, formatRead, workStep } from '@/core/units/format-length'
import { MOVE_MINUTES } from '@/trade/moves'
import { AIM_NAMES, MEANS_NAMES } from '@/words/tuning'
import { Choice, Facts } from '../../parts/controls'
import type { Tuning } from './use-tuning'

type Props = { readonly leaf: LeafPlan; readonly tuning: Tuning; readonly step: DisplayStep }

/** What it is aimed at and by which means, with what each would take. */
export function OtherMeans({ leaf: { means, others }, tuning: { aim, setAim, setMeans }, step }: Props) {
  return (
    <>
      <Choice label="Aim" value={aim} options={AIMS.map(one => [one, AIM_NAMES[one]])} onChange={setAim} />
      <Choice
        label="By means of"
        value={means}
        options={others.map(([one]) => [one, MEANS_NAMES[one]])}
        onChange={setMeans}
      />
      <Facts>
        {others.flatMap(([one, { tuned }]) => [
          <dt key={one}>{MEANS_NAMES[one]}</dt>,
          <dd key={`${one}.takes`} data-means={one}>
            {tuned === null
              ? 'does not do'
              : `${tuned.moves.length === 1 ? '1 move' : `${tuned.moves.length} moves`}, about ${minutesOf(tuned.moves, MOVE_MINUTES, one === 'screws')} min${
                  tuned.worstMiss >= ALIKE ? `, still out by ${formatRead(tuned.worstMiss, workStep(step))}` : ''
                }`}
          </dd>,
        ])}
      </Facts>
    </>
  )
}
