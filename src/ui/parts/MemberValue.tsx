'use client'
import type { DisplayStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { isLengthMember, plainValue } from '@/words/order'
import { Figure } from './Figure'
import { useCounting } from './Money'

type Props = { readonly path: string; readonly value: unknown; readonly step: DisplayStep }

/** What a member of an order says, lengths as figures. */
export function MemberValue({ path, value, step }: Props) {
  const counting = useCounting()
  return isLengthMember(path, value) ? (
    <Figure value={value as Length} step={step} unit />
  ) : (
    plainValue(path, value, counting)
  )
}
