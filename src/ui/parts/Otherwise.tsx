'use client'
import { type ReactNode, useState } from 'react'
import { styled } from 'styled-components'
import { Button } from './controls'

const Fold = styled.div`form + &, & + & { margin-top: 6px; }`
const Ways = styled.div`display: grid; gap: 6px; padding-top: 6px;`

type Props = {
  /** What it is another way of: read aloud with the button. */
  readonly of: string
  readonly word?: string
  readonly children: (close: () => void) => ReactNode
}

/** What is seldom done besides the usual: folded away until it is asked for, and again once it is done. */
export function Otherwise({ of, word = 'Otherwise', children }: Props) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Fold>
      <Button $plain aria-expanded={isOpen} onPress={() => setOpen(!isOpen)} aria-label={`${word}: ${of}`}>
        {word} …
      </Button>
      {isOpen && <Ways>{children(() => setOpen(false))}</Ways>}
    </Fold>
  )
}
