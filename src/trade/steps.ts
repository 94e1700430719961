import type { StepList } from '@/core/fit/fit-of'
import type { SettingStep } from '@/core/fit/plan-steps'

const step = (id: string, needs: readonly string[], minutes: number, more: Partial<SettingStep> = {}): SettingStep => ({
  id,
  needs,
  minutes,
  when: 'always',
  irreversible: false,
  waitHours: 0,
  caution: null,
  wantsUnit: false,
  ...more,
})

/** Setting a prehung outside unit, in working order. Source: common trade practice for prehung timber; a maker's sheet overrides it. */
export const STEPS: Readonly<Record<StepList, readonly SettingStep[]>> = {
  'prehung-outside': [
    step('check-unit', [], 15),
    step('clear-way', [], 15, { when: 'obstacles' }),
    step('bell-wire', [], 5, { when: 'bell-wire' }),
    step('save-hardware', [], 10, { when: 'hardware' }),
    step('casing-nails', ['check-unit'], 20, { when: 'inside-casing' }),
    step('old-screws', ['check-unit'], 15, { when: 'old-screws' }),
    step('old-nails', ['check-unit'], 20, { when: 'old-nails' }),
    step(
      'take-out',
      ['check-unit', 'clear-way', 'bell-wire', 'save-hardware', 'casing-nails', 'old-screws', 'old-nails'],
      60,
      {
        when: 'old-door',
        irreversible: true,
        caution: 'old-paint',
        wantsUnit: true,
      },
    ),
    step('measure-hole', ['take-out'], 15, { when: 'hole-unread' }),
    step('sill-ready', ['check-unit', 'take-out', 'measure-hole'], 30),
    step('dry-fit', ['sill-ready'], 15, { caution: 'lift' }),
    step('pad', ['dry-fit'], 15, { when: 'pad' }),
    step('sill-pan', ['dry-fit', 'pad'], 25, { when: 'pan', caution: 'vapour' }),
    step('sill-membrane', ['dry-fit', 'pad'], 25, { when: 'membrane', caution: 'vapour' }),
    step('sill-beads', ['dry-fit', 'pad'], 15, { when: 'beads', caution: 'vapour' }),
    step('tip-in', ['sill-pan', 'sill-membrane', 'sill-beads'], 15, {
      irreversible: true,
      caution: 'lift',
      wantsUnit: true,
    }),
    step('tack-closed', ['tip-in'], 10, { when: 'out-swing' }),
    step('hinge-plumb', ['tip-in', 'tack-closed'], 15),
    step('hinge-shims', ['hinge-plumb'], 20),
    step('hinge-screws', ['hinge-shims'], 15),
    step('strike-shims', ['hinge-screws'], 20),
    step('first-opening', ['strike-shims'], 5, { caution: 'clip' }),
    step('margins-even', ['first-opening'], 15),
    step('long-screws', ['margins-even'], 10),
    step('strike-adjust', ['long-screws'], 10),
    step('operation-test', ['strike-adjust'], 10),
    step('threshold-cap', ['operation-test'], 10, { when: 'cap' }),
    step('corner-pads', ['operation-test', 'threshold-cap'], 10, { when: 'in-swing' }),
    step('foam', ['operation-test'], 20, { when: 'foam', irreversible: true, waitHours: 16, caution: 'vapour' }),
    step('foam-trim', ['foam'], 15, { when: 'foam' }),
    step('fibre', ['operation-test'], 20, { when: 'fibre' }),
    step('backer-rod', ['operation-test'], 30, { when: 'backer-rod', caution: 'vapour' }),
    step('outside-seal', ['foam-trim', 'fibre', 'backer-rod'], 30, { caution: 'ladder' }),
  ],
}
