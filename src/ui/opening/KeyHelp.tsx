'use client'
import dynamic from 'next/dynamic'
import { Button } from 'react-aria-components/Button'
import { styled } from 'styled-components'

const KeyDialog = dynamic(() => import('./KeyDialog'), { ssr: false })

const Opener = styled(Button)`
  min-width: 44px; min-height: 44px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: none; cursor: pointer; font-weight: 700;
  @media (max-width: 43.75em) { display: none; }
`

type Props = {
  readonly open: boolean
  readonly setOpen: (open: boolean) => void
  readonly on: boolean
  readonly turn: (on: boolean) => void
}

/** Opens the list of keys. */
export function KeyHelp({ open, setOpen, on, turn }: Props) {
  return (
    <>
      <Opener aria-label="Keys" onPress={() => setOpen(true)}>
        ?
      </Opener>
      {open && <KeyDialog onClose={() => setOpen(false)} on={on} turn={turn} />}
    </>
  )
}
