'use client'
import { edgePlace } from '@/core/seal/proof-photos'
import type { LedStep } from '@/core/seal/seal-steps'
import { PhotoTaker } from '../../parts/PhotoTaker'
import type { StageProps } from '../../sheet/stage-props'

type Props = { readonly step: LedStep; readonly store: StageProps['store'] }

/** A photo that belongs to a step; of a seal to its edge, so that it stands beside those from before. */
export const StepPhoto = ({ step, store }: Props) => (
  <PhotoTaker
    openingId={store.sheet.opening.id}
    place={step.seal ? edgePlace(step.seal.edge) : `step.${step.id}`}
    by={() => store.reader}
  />
)
