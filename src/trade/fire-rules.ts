import type { FireRules } from '@/core/seal/fire'
import { inches, mm } from '@/core/units/length'

const ROUND = ['head', 'hinge', 'latch', 'meeting'] as const
const METAL = ['steel', 'aluminium'] as const
const OTHERS = ['timber', 'fibreglass', 'pvc'] as const

const inchRules = (id: string, name: string, edition: string, bottom: number): FireRules => ({
  id,
  name,
  source: {
    kind: 'code',
    text: 'NFPA 80, clearances of labelled doors, as commonly adopted; the label’s agency and the authority decide',
    checked: false,
    edition,
  },
  edges: [
    { materials: METAL, roles: ROUND, gap: [inches(0, 1, 16), inches(0, 3, 16)] },
    { materials: OTHERS, roles: ROUND, gap: [null, inches(0, 1, 8)] },
    { materials: [], roles: ['bottom'], gap: [null, inches(0, bottom, 8)] },
  ],
})

/** Rules a firm or a job may choose for labelled doors. */
export const FIRE_RULES: readonly FireRules[] = [
  inchRules('inch', 'Inch rules, 2013 and later', '2013 and later', 6),
  inchRules('inch-raised', 'Inch rules before 2013, over a raised sill', 'before 2013', 3),
  {
    id: 'metric',
    name: 'Metric rules',
    source: {
      kind: 'code',
      text: 'in the manner of BS 8214, gaps round a timber door; the label’s agency and the authority decide',
      checked: false,
      edition: '2016',
    },
    edges: [
      { materials: [], roles: ROUND, gap: [mm(2), mm(4)] },
      { materials: [], roles: ['bottom'], gap: [null, mm(10)], withSmokeSeal: [null, mm(3)] },
    ],
  },
]
