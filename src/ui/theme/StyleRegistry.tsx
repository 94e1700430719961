'use client'
import { useServerInsertedHTML } from 'next/navigation'
import { type ReactNode, useState } from 'react'
import { ServerStyleSheet, StyleSheetManager } from 'styled-components'

/** Sends the styles of what the server rendered along with it, so that nothing jumps when scripts arrive. `nonce` is the page’s own secret: a style without it is none. */
export function StyleRegistry({ nonce, children }: { readonly nonce: string; readonly children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet({ nonce }))
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement()
    sheet.instance.clearTag()
    return styles
  })
  if (typeof window !== 'undefined') return children
  return <StyleSheetManager sheet={sheet.instance}>{children}</StyleSheetManager>
}
