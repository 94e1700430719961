'use client'
import { styled } from 'styled-components'

export const Form = styled.form`display: grid; gap: 12px; max-width: 560px;`
export const Field = styled.label`
  display: grid; gap: 4px; font-size: 0.9375rem; color: var(--quiet);
  input, select { height: 48px; padding: 0 12px; font-size: 1.125rem; color: var(--ink); border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
`
export const Said = styled.div`color: var(--stop); font-size: 1rem; ul { color: var(--ink); } code { font-size: 0.9375rem; }`
