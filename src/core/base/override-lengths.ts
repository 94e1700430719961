import type { Length } from '../units/length'
import { TRADE_LENGTHS, type TradeLengthId, type TradeLengths } from './trade-lengths'

/** The trade's lengths with an opening's own in their place; their source then says whose they are. */
export function overrideLengths(lengths: TradeLengths, own: { readonly [id in TradeLengthId]?: Length }): TradeLengths {
  const changed = TRADE_LENGTHS.filter(id => own[id] !== undefined)
  if (changed.length === 0) return lengths
  const source = { kind: 'default', text: 'set for this opening', checked: true } as const
  return { ...lengths, ...Object.fromEntries(changed.map(id => [id, { id, value: own[id]!, source }])) }
}
