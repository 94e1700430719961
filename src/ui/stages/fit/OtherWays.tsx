'use client'
import type { PlannedStep } from '@/core/fit/setting-step'
import type { LogResult } from '@/core/log/log-values'
import type { LedStep } from '@/core/seal/seal-steps'
import { Button } from '../../parts/controls'
import { Otherwise } from '../../parts/Otherwise'
import { ReasonLine } from '../../parts/ReasonLine'
import { isOpen, type StepNote } from './use-step'

type Props = { readonly step: LedStep; readonly name: string; readonly onNote: StepNote }

/** A step that waits for others can be taken out of turn with a reason, unless it can't be undone or the unit is not there. */
const isOutOfTurn = ({ state, irreversible, missing }: PlannedStep): boolean =>
  state === 'blocked' && !irreversible && !missing.includes('unit-accepted')

/** That a seal is in can't be left out: no seal is chosen there instead. */
const isRecord = ({ seal }: LedStep): boolean => seal !== undefined && seal.nth === seal.of

/** What becomes of a step besides being done: begun, not right, left out, done out of turn; and one that can't be undone looked at once more. */
export function OtherWays({ step, name, onNote }: Props) {
  const isFinal = step.state === 'done' && step.irreversible
  if (!isFinal && !isOpen(step) && !isOutOfTurn(step)) return null
  return (
    <Otherwise of={name}>
      {close => {
        const act = (result: LogResult) => (text: string) => {
          onNote(result, text)
          close()
        }
        if (isFinal)
          return (
            <ReasonLine label="Why it is opened again" act={`Reopen: ${name}`} onAct={act('reopened')}>
              Open again
            </ReasonLine>
          )
        if (!isOpen(step))
          return (
            <ReasonLine label="Why it is done out of turn" act={`Done out of turn: ${name}`} onAct={act('done')}>
              Done all the same
            </ReasonLine>
          )
        return (
          <>
            {step.state === 'ready' && (
              <Button $plain onPress={() => act('started')('')} aria-label={`Begin: ${name}`}>
                Begin
              </Button>
            )}
            <ReasonLine label="What is not right" act={`Not right: ${name}`} onAct={act('failed')}>
              Not right
            </ReasonLine>
            {!isRecord(step) && (
              <ReasonLine label="Why it is left out" act={`Left out: ${name}`} onAct={act('waived')}>
                Leave out
              </ReasonLine>
            )}
          </>
        )
      }}
    </Otherwise>
  )
}
