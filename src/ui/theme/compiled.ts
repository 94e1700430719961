import type { IStyleSheetContext } from 'styled-components'

type Compile = IStyleSheetContext['stylis']

/** Of rules whose values vary from page to page no more are kept than this. */
const MOST_KEPT = 4000
const kept = new Map<string, string[]>()

/** The same compiler, which compiles each style once for the whole server and not once for each page. */
export const compiledOnce = (compile: Compile): Compile =>
  Object.assign(
    (css: string, selector = '', prefix = '', componentId = '') => {
      const key = [compile.hash, selector, prefix, componentId, css].join('\n')
      const there = kept.get(key)
      if (there) return there
      const rules = compile(css, selector, prefix || undefined, componentId || undefined)
      if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value as string)
      kept.set(key, rules)
      return rules
    },
    { hash: compile.hash },
  )
