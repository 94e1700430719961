'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { toClipboard } from './to-clipboard'

const Bare = styled.button`
  border: 0; background: none; padding: 0 4px; min-height: 32px; color: var(--blue); font-weight: 600; text-decoration: underline; text-underline-offset: 3px; cursor: pointer;
  @media (pointer: coarse) { min-height: 44px; }
`
/** Copies an address as any map takes it; says so where the browser lets nobody at its clipboard. */
export function CopyButton({ text, of }: { readonly text: string; readonly of: string }) {
  const [said, setSaid] = useState('Copy the address')
  const copy = async () => {
    const done = await toClipboard(text)
    setSaid(done ? 'Copied' : text)
  }
  return (
    <Bare type="button" aria-label={`Copy the address of ${of}`} onClick={() => void copy()}>
      <span role="status">{said}</span>
    </Bare>
  )
}
