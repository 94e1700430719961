'use client'
import { type ReactNode, useState } from 'react'
import { styled } from 'styled-components'

const Details = styled.details`
  > summary { min-height: 44px; display: flex; align-items: center; gap: 6px; cursor: pointer; list-style: none; color: var(--blue); font-weight: 600; }
  > summary::-webkit-details-marker { display: none; }
  > summary::before { content: '▸' / ''; width: 14px; flex: none; }
  &[open] > summary::before { content: '▾' / ''; }
  > div { display: grid; gap: 12px; padding: 4px 0 12px; }
`
type Props = {
  readonly title: string
  readonly children: ReactNode
  readonly isOpenFirst?: boolean
  readonly onOpen?: () => void
}

/** What is needed now and then: its title; the rest is there once it was opened. */
export function Disclosure({ title, children, isOpenFirst = false, onOpen }: Props) {
  // How it stood at first: what changes later neither opens nor shuts it.
  const [isFirst] = useState(isOpenFirst)
  const [wasOpened, setOpened] = useState(isFirst)
  return (
    <Details
      open={isFirst || undefined}
      onToggle={event => {
        if (!event.currentTarget.open) return
        setOpened(true)
        onOpen?.()
      }}
    >
      <summary>{title}</summary>
      {wasOpened && <div>{children}</div>}
    </Details>
  )
}
