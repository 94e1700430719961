'use client'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import { Worded } from './Worded'

const Label = styled.label`
  display: grid; gap: 4px; font-size: 0.9375rem; color: var(--quiet); min-width: 0;
  input, select, textarea { min-height: 44px; min-width: 0; width: 100%; padding: 0 8px; font-size: 1rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); }
  textarea { padding: 8px; min-height: 88px; font-family: inherit; }
`

/** A field under its name. */
export const Labelled = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <Label>
    <span>
      <Worded text={label} isLabel />
    </span>
    {children}
  </Label>
)
