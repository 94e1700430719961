'use client'
import { createContext, type ReactNode, useContext } from 'react'
import { may, type Role, type Verb } from '@/core/access/access'

const Acting = createContext<Role>('trainee')

/** Whose rights hold below: the same table that the server asks. */
export const RightsOf = ({ role, children }: { readonly role: Role; readonly children: ReactNode }) => (
  <Acting value={role}>{children}</Acting>
)

export const useMay = (verb: Verb): boolean => may(useContext(Acting), verb)
