'use client'
import { Button } from 'react-aria-components/Button'
import { Dialog } from 'react-aria-components/Dialog'
import { Heading } from 'react-aria-components/Heading'
import { Modal, ModalOverlay } from 'react-aria-components/Modal'
import { styled } from 'styled-components'

const KEYS = [
  ['1 – 7', 'stages'],
  ['n', 'next open reading'],
  ['[  ]', 'previous and next opening'],
  ['Enter', 'take the reading, go to the next'],
  ['↓  ↑', 'next reading and the one before, in the field'],
  ['Ctrl Z', 'undo what was done last'],
  ['/', 'find an opening'],
  ['+  −', 'strong and light, after a figure'],
  ['?', 'this list'],
] as const

const Veil = styled(
  ModalOverlay,
)`position: fixed; inset: 0; background: rgb(0 0 0 / 0.35); display: grid; place-items: center; z-index: 10;`
const Box = styled(Modal)`
  background: var(--sheet); color: var(--ink); border: 2px solid var(--ink); padding: 24px 28px; max-width: 440px;
  dl { display: grid; grid-template-columns: auto 1fr; gap: 8px 24px; margin: 14px 0; }
  dt { font-weight: 700; }
  dl dd { text-align: left; }
  label { display: flex; gap: 10px; align-items: center; min-height: 44px; }
  input { width: 22px; height: 22px; }
  .close { min-height: 44px; padding: 0 16px; border: 1.5px solid var(--blue); color: var(--blue); background: none; border-radius: 4px; cursor: pointer; font-weight: 600; }
`

type Props = { readonly onClose: () => void; readonly on: boolean; readonly turn: (on: boolean) => void }

/** The list of keys. Loaded when it is first asked for. */
export default function KeyDialog({ onClose, on, turn }: Props) {
  return (
    <Veil isOpen isDismissable onOpenChange={open => !open && onClose()}>
      <Box>
        <Dialog>
          <Heading slot="title">Keys</Heading>
          <dl>
            {KEYS.map(([key, what]) => (
              <div key={key} style={{ display: 'contents' }}>
                <dt>{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <label>
            <input type="checkbox" checked={on} onChange={event => turn(event.target.checked)} /> Single keys act
          </label>
          <Button className="close" onPress={onClose}>
            Close
          </Button>
        </Dialog>
      </Box>
    </Veil>
  )
}
