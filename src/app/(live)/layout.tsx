import type { ReactNode } from 'react'
import { Frame } from '../Frame'

export default function Layout({ children }: { readonly children: ReactNode }) {
  return <Frame>{children}</Frame>
}
