import { isSigned, type Slot } from '@/core/survey/slots'
import { type Length, negate } from '@/core/units/length'

/** The side a signed reading goes to: as tapped, not as typed. */
export type Direction = 'minus' | 'plus'

/** The id of a direction's word on the drawing. */
export const directionId = (direction: Direction): string => `direction.${direction}`
export const directionOf = (id: string | null): Direction | null =>
  id === 'direction.minus' ? 'minus' : id === 'direction.plus' ? 'plus' : null

type Taken = { readonly value: Length; readonly text: string }

/** A reading with the direction that was tapped, unless one was typed or said; the text says the same as the value. */
export function withDirection(slot: Slot, direction: Direction | null, { value, text }: Taken): Taken {
  const isSaid = value < 0 || /^\s*([-−–+]|minus|negative)/i.test(text)
  if (direction !== 'minus' || value === 0 || isSaid || !isSigned(slot)) return { value, text }
  return { value: negate(value), text: `-${text}` }
}
