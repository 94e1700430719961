import type { Member } from './member'
import { SLIDER_FORMS } from './unit-values'

const PANELLED = ['panelled'] as const

/** What the sheet of a unit whose panels slide says. */
export const PANEL_MEMBERS = {
  panels: {
    of: 'text',
    choices: ['both', 'OX', 'XO'],
    column: 'panels',
    in: PANELLED,
    needed: PANELLED,
    ordered: false,
    alsoCalled: ['panel order', 'operating panel'],
  },
  sliderForm: { of: 'text', choices: SLIDER_FORMS, column: 'slider form', in: PANELLED, ordered: true },
} as const satisfies Readonly<Record<string, Member>>
