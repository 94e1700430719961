import type { OrderLine } from './order'

/** Whether two lines say the same, in whatever order their members stand. */
export const isSameLine = (a: OrderLine, b: OrderLine): boolean => canonical(a) === canonical(b)

const canonical = (line: OrderLine): string =>
  JSON.stringify(line, (_, value) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
      : value,
  )
