'use client'
import { styled } from 'styled-components'
import { KEEP, type Shown, SIGNATURE, type Signed } from '@/core/sharing/share'
import { momentHere } from '@/words/moments'
import { Panel } from '../parts/controls'

const Drawn = styled.svg`max-width: 320px; width: 100%; background: var(--sheet); border-bottom: 1.5px solid var(--ink); display: block;`

/** What was signed, by whom and when; it stands. */
export function SignedNote({ shown, signed }: { readonly shown: Shown; readonly signed: Signed }) {
  const { name, choice, colour, reason, strokes, at, witness } = signed
  const chosen = shown.kind === 'offer' ? shown.choices.find(one => one.id === choice) : undefined
  const what =
    choice === KEEP ? 'The old door is kept.' : chosen ? `${chosen.article} ${chosen.name}` : 'The door was taken over.'
  return (
    <Panel role="status" data-signed>
      <h2>Signed</h2>
      <p>
        <strong>{[what, colour].filter(Boolean).join(', ')}</strong>
      </p>
      {reason && <p>“{reason}”</p>}
      {strokes.length > 0 && (
        <Drawn viewBox={`0 0 ${SIGNATURE.width} ${SIGNATURE.height}`} role="img" aria-label={`Signature of ${name}`}>
          {strokes.map(stroke => (
            <polyline
              key={stroke.join(' ')}
              points={stroke.map(one => one.join(',')).join(' ')}
              fill="none"
              stroke="currentColor"
              strokeWidth="6"
              strokeLinejoin="round"
            />
          ))}
        </Drawn>
      )}
      <p>
        {name}, {momentHere(at)}
        {witness ? `, beside ${witness}` : ''}
      </p>
    </Panel>
  )
}
