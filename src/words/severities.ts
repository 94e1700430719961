import type { Severity } from '@/core/base/finding'

export const SEVERITY_WORDS: Readonly<Record<Severity, string>> = {
  fine: 'fine',
  watch: 'watch',
  correct: 'correct first',
  stop: 'stop',
}
