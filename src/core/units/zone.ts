/** Every clock there is, IANA. */
export const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone')

/** Whether a clock of this name is known. */
export function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}
