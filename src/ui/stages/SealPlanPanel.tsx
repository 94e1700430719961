'use client'
import { Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Locked } from '../parts/Rights'
import { SealSettings } from '../sheet/SealSettings'
import type { StageProps } from '../sheet/stage-props'
import { StageFindings } from './StageFindings'
import { DraftPanel } from './seal/DraftPanel'
import { EdgesPanel } from './seal/EdgesPanel'
import { FirePanel } from './seal/FirePanel'
import { PlansPanel } from './seal/PlansPanel'
import { ProofPanel } from './seal/ProofPanel'
import SealPhotos from './seal/SealPhotos'
import { SealWants } from './seal/SealWants'
import { SoundPanel } from './seal/SoundPanel'

/** What the survey of the closed door leads to: the seals, what they stop, save and keep out, what the label allows, and the proof. */
export function SealFindings(stage: StageProps) {
  const { store } = stage
  const { value, findings } = store.work.seal
  const { plan, edges, proof, fire } = value
  return (
    <>
      <Locked verb="settle">
        <SealWants store={store} />
      </Locked>
      {plan ? (
        <>
          <EdgesPanel {...stage} plan={plan} />
          {edges.length > plan.edges.length && <Quiet>Edges without a gap reading are not planned.</Quiet>}
          <DraftPanel store={store} plan={plan} />
          <Locked verb="settle">
            <PlansPanel store={store} plan={plan} />
          </Locked>
          <SoundPanel store={store} />
        </>
      ) : (
        <Panel>
          <Quiet>Read the gaps of the closed door: the smallest and largest gap of each edge decide its seal.</Quiet>
        </Panel>
      )}
      {fire && <FirePanel store={store} fire={fire} />}
      {proof.edges.length > 0 && <ProofPanel store={store} proof={proof} />}
      {edges.length > 0 && <SealPhotos store={store} />}
      <StageFindings {...stage} findings={findings} />
      <Panel>
        <Disclosure title="Climate, price of heat">
          <Locked verb="settle">
            <SealSettings store={store} />
          </Locked>
        </Disclosure>
      </Panel>
    </>
  )
}
