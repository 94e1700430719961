'use client'
import type { PlannedStep } from '@/core/fit/setting-step'
import { PhotoTaker } from '../../parts/PhotoTaker'
import type { StageProps } from '../../sheet/stage-props'

type Props = { readonly step: PlannedStep; readonly store: StageProps['store'] }

/** A photo that belongs to a step. */
export const StepPhoto = ({ step, store }: Props) => (
  <PhotoTaker
    openingId={store.sheet.opening.id}
    place={`step.${step.id}`}
    by={() => store.reader}
    onTaken={store.showPhoto}
  />
)
