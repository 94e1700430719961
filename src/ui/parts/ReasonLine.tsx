'use client'
import { type ReactNode, useState } from 'react'
import { styled } from 'styled-components'
import { Button } from './controls'

const Line = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 6px; align-items: end;
  input { min-width: 0; height: 44px; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
`

type Props = {
  readonly label: string
  readonly act: string
  readonly children: ReactNode
  readonly onAct: (reason: string) => void
}

/** Something that is only done with a typed reason, which is kept and printed. */
export function ReasonLine({ label, act, children, onAct }: Props) {
  const [reason, setReason] = useState('')
  const take = () => {
    onAct(reason.trim())
    setReason('')
  }
  return (
    <Line>
      <input
        aria-label={label}
        placeholder={label}
        value={reason}
        maxLength={500}
        onChange={event => setReason(event.target.value)}
      />
      <Button $plain isDisabled={reason.trim() === ''} onPress={take} aria-label={act}>
        {children}
      </Button>
    </Line>
  )
}
