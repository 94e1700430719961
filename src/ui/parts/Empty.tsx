import type { ReactNode } from 'react'
import { styled } from 'styled-components'

const Box = styled.div`
  display: grid; gap: 10px; justify-items: start; padding: 18px; background: var(--sheet); border: 1.5px dashed var(--strong-rule);
  p { max-width: 60ch; }
  a { font-weight: 600; }
`

type Props = { readonly says: string; readonly children?: ReactNode }

/** Where nothing is yet: what the place is for, in a sentence, and the first act. */
export const Empty = ({ says, children }: Props) => (
  <Box>
    <p>{says}</p>
    {children}
  </Box>
)
