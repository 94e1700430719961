import type { BreakEven } from '@/core/catalogue/break-even'

/** Minutes as hours and minutes. */
const hours = (minutes: number): string =>
  [
    Math.floor(minutes / 60) && `${Math.floor(minutes / 60)} h`,
    (minutes % 60 || minutes === 0) && `${minutes % 60} min`,
  ]
    .filter(Boolean)
    .join(' ')

/** Stock against made to order, in a sentence. */
export function breakEvenWords({ stock, made, minutes, asked }: BreakEven): string {
  const [ours, theirs] = [stock.unit.article, made.unit.article]
  if (minutes === 0) return `${theirs}, made to order, costs less than ${ours} from stock, whatever the work on site.`
  const verdict = asked <= minutes ? 'so stock is cheaper' : `so ${theirs} is cheaper`
  return `From stock, ${ours} may take ${hours(minutes)} of work on site before ${theirs}, made to order, costs less. It asks for ${hours(asked)}, ${verdict}.`
}
