import type { Severity } from '@/core/base/finding'
import { SEVERITY_WORDS } from '@/words/severities'

const SHAPES: Readonly<Record<Severity, React.ReactNode>> = {
  fine: <circle cx="9" cy="9" r="6" fill="none" strokeWidth="2.4" />,
  watch: <path d="M9 2.5 16.5 15.5H1.5Z" fill="none" strokeWidth="2.2" strokeLinejoin="round" />,
  correct: <path d="M9 1.5 16.5 9 9 16.5 1.5 9Z" strokeWidth="1" />,
  stop: <rect x="2" y="2" width="14" height="14" strokeWidth="1" />,
}

/** A severity by shape, word and colour, so that none depends on colour. */
export function SeverityMark({ severity, word = false }: { readonly severity: Severity; readonly word?: boolean }) {
  return (
    <span
      style={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 6,
        color: `var(--${severity})`,
        whiteSpace: 'nowrap',
      }}
    >
      <svg width="18" height="18" viewBox="0 0 18 18" stroke="currentColor" fill="currentColor" aria-hidden="true">
        {SHAPES[severity]}
      </svg>
      <span className={word ? undefined : 'sr'} style={{ fontWeight: 600, fontSize: '0.875rem' }}>
        {SEVERITY_WORDS[severity]}
      </span>
    </span>
  )
}
