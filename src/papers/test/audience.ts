import type { OrderSheetExtras } from '../order-sheet'

const firm = {
  name: 'Larkspur',
  address: 'Sandmartin Quay 1',
  counting: { currency: 'USD', numbers: 'point' },
} as const
export const TO_MAKER: OrderSheetExtras = { audience: 'maker', firm }
export const OWN: OrderSheetExtras = { audience: 'firm', firm }
