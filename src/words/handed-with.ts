import type { HandedWithId } from '@/core/handover/handed-with'

export const HANDED_WITH_NAMES: Readonly<Record<HandedWithId, readonly [name: string, example: string]>> = {
  keys: ['Keys', '3 keys, card kept by the customer'],
  parts: ['Spare parts left', 'two corner pads, touch-up paint'],
  papers: ['Papers left', 'maker’s sheet, warranty card, label certificate'],
}
