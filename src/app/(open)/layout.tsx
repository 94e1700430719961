import type { ReactNode } from 'react'
import { GlobalStyle } from '@/ui/theme/GlobalStyle'

/** What is shown to whoever has a link: nothing of the firm's own pages round it. */
export default function Layout({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <GlobalStyle />
      {children}
    </>
  )
}
