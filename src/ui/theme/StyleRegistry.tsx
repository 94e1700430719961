'use client'
import { useServerInsertedHTML } from 'next/navigation'
import { type ReactNode, useContext, useMemo, useState } from 'react'
import { ServerStyleSheet, StyleSheetContext, StyleSheetManager } from 'styled-components'
import { compiledOnce } from './compiled'

/** Sends the styles of what the server rendered along with it, so that nothing jumps when scripts arrive. `nonce` is the page’s own secret: a style without it is none. */
export function StyleRegistry({ nonce, children }: { readonly nonce: string; readonly children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet({ nonce }))
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement()
    sheet.instance.clearTag()
    return styles
  })
  if (typeof window !== 'undefined') return children
  return (
    <StyleSheetManager sheet={sheet.instance}>
      <CompiledOnce>{children}</CompiledOnce>
    </StyleSheetManager>
  )
}

/** Lets what lies within take its styles as they were compiled for an earlier page. */
function CompiledOnce({ children }: { readonly children: ReactNode }) {
  const above = useContext(StyleSheetContext)
  const value = useMemo(() => ({ ...above, stylis: compiledOnce(above.stylis) }), [above])
  return <StyleSheetContext.Provider value={value}>{children}</StyleSheetContext.Provider>
}
