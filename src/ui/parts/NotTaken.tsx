'use client'
import { styled } from 'styled-components'
import { useOutbox, useRefused } from '../store/use-outbox'
import { Button } from './controls'

const Note = styled.div`
  display: flex; flex-wrap: wrap; gap: 8px 12px; align-items: center; background: var(--stop); color: var(--sheet); padding: 6px 16px; font-weight: 600;
  button { border-color: var(--sheet); background: var(--sheet); color: var(--stop); }
  .ways { display: flex; gap: 8px; }
`

/** What of an address the store does not take, with its reason: it counts for nothing, and stays until somebody sends it again or leaves it out. */
export function NotTaken({ of }: { readonly of: string }) {
  const outbox = useOutbox()
  return useRefused(of).map(one => (
    <Note key={one.id} role="alert" aria-label="Not taken">
      <span>
        {one.what} is not taken. {one.refused}
      </span>
      <span className="ways">
        <Button onPress={() => outbox.tryAgain(one.id)}>Send it again</Button>
        <Button onPress={() => outbox.leaveOut(one.id)}>Leave it out</Button>
      </span>
    </Note>
  ))
}
