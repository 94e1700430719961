'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { Button } from './controls'
import { Disclosure } from './Disclosure'
import { toClipboard } from './to-clipboard'

const Shown = styled.div`
  textarea { width: 100%; min-height: 180px; font: inherit; color: var(--ink); line-height: 1.4; padding: 8px 10px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
  .acts { display: flex; gap: 12px; align-items: center; min-height: 44px; }
`
type Props = {
  readonly title: string
  /** The text, or where it is to be had once it is asked for. */
  readonly text: string | (() => Promise<string | null>)
}

/** A text to be copied into a letter. It stands there to be selected by hand, too, where a browser lets nobody at its clipboard. */
export function CopyText({ title, text }: Props) {
  const [loaded, setLoaded] = useState<string | null>(null)
  const [said, setSaid] = useState('')
  const shown = typeof text === 'string' ? text : loaded
  const open = async () => {
    setSaid('')
    if (typeof text === 'string' || loaded !== null) return
    const answer = await text()
    setLoaded(answer)
    if (answer === null) setSaid('The server does not answer. Close and open this to try again.')
  }
  const copy = async () => {
    const done = await toClipboard(shown ?? '')
    setSaid(done ? 'Copied.' : 'This browser keeps its clipboard: select the text and copy it by hand.')
  }
  return (
    <Disclosure title={title} onOpen={() => void open()}>
      <Shown>
        <textarea aria-label={title} readOnly value={shown ?? ''} />
        <div className="acts">
          <Button $plain isDisabled={!shown} onPress={() => void copy()}>
            Copy
          </Button>
          <span role="status">{said}</span>
        </div>
      </Shown>
    </Disclosure>
  )
}
