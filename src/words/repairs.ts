import type { Repair, RepairId } from '@/core/specification/repair'

export const REPAIR_NAMES: Readonly<Record<RepairId, string>> = {
  'new-seals': 'New seals all round, the door tuned to them',
  'sill-flashing': 'Sill taken up, flashed and sealed anew',
  'splice-wood': 'Wood cut back and spliced',
  'new-threshold': 'New threshold',
  'sound-seals': 'Double seals and a drop-down bottom against sound',
  'strike-and-screws': 'Stronger strike, long screws into the stud',
  'treat-rust': 'Rust taken off, treated and painted',
  'fill-crack': 'Crack filled',
  'paint-over': 'Stain sealed and painted over',
  repaint: 'Leaf and frame filled, sanded and painted',
}

export const repairWords = ({ id, count, isCosmetic }: Pick<Repair, 'id' | 'count' | 'isCosmetic'>): string =>
  `${REPAIR_NAMES[id]}${count > 1 ? `, ${count} places` : ''}${isCosmetic ? ' (only looks)' : ''}`
