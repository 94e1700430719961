'use client'
import { type ReactNode, useEffect, useState } from 'react'
import { styled } from 'styled-components'

const Label = styled.label`
  display: flex; gap: 10px; align-items: center; min-height: 44px;
  input { width: 24px; height: 24px; flex: none; }
`
const PATIENCE_MS = 1000

type Props = {
  readonly isOn: boolean
  readonly onChange: (isOn: boolean) => void
  readonly isDisabled?: boolean
  /** What is ticked. */
  readonly children: ReactNode
}

/** A tick that stands where it was put at once, also where what it says is drawn a moment later; back where it was, where nothing follows. */
export function Tick({ isOn, onChange, isDisabled = false, children }: Props) {
  const [put, setPut] = useState<boolean | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what followed is shown as it is
  useEffect(() => setPut(null), [isOn])
  useEffect(() => {
    if (put === null) return
    const timer = setTimeout(() => setPut(null), PATIENCE_MS)
    return () => clearTimeout(timer)
  }, [put])
  return (
    <Label>
      <input
        type="checkbox"
        disabled={isDisabled}
        checked={put ?? isOn}
        onChange={event => {
          setPut(event.target.checked)
          onChange(event.target.checked)
        }}
      />
      {children}
    </Label>
  )
}
