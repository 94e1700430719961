'use client'
import type { ReactNode } from 'react'
import type { Verb } from '@/core/access/access'
import { whoMay } from '@/words/roles'
import { useMay } from '../store/rights'
import { Quiet } from './controls'

type Props = { readonly verb: Verb; readonly children: ReactNode }

/** What only those see who may do it. */
export const Only = ({ verb, children }: Props) => (useMay(verb) ? children : null)

/** What everybody sees, and only those can act on who may: others read whose it is. */
export function Locked({ verb, children }: Props) {
  if (useMay(verb)) return children
  return (
    <>
      <Quiet>{whoMay(verb)}</Quiet>
      <fieldset disabled style={{ display: 'contents' }}>
        {children}
      </fieldset>
    </>
  )
}
