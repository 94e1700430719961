import { css } from 'styled-components'
import type { Certainty, Role } from '@/core/drawing/scene'

type Look = { readonly stroke: string; readonly width: number; readonly fill?: string; readonly dash?: string }

const LOOKS: Readonly<Record<Role, Look>> = {
  wall: { stroke: 'var(--ink)', width: 1, fill: 'var(--masonry)' },
  texture: { stroke: 'var(--texture)', width: 1 },
  stud: { stroke: 'var(--strong-rule)', width: 1, fill: 'var(--wood)' },
  hole: { stroke: 'var(--ink)', width: 2 },
  frame: { stroke: 'var(--ink)', width: 1.5, fill: 'var(--sheet)' },
  leaf: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--leaf)' },
  glass: { stroke: 'var(--ink)', width: 1, fill: 'var(--glass)' },
  sill: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--wood)' },
  floor: { stroke: 'var(--ink)', width: 1, fill: 'var(--wood)' },
  ground: { stroke: 'var(--ink)', width: 1.5 },
  trim: { stroke: 'var(--ink)', width: 1, fill: 'var(--wood)' },
  hinge: { stroke: 'var(--ink)', width: 1, fill: 'var(--ink)' },
  handle: { stroke: 'var(--ink)', width: 1, fill: 'var(--quiet)' },
  swing: { stroke: 'var(--strong-rule)', width: 1, dash: '6 5' },
  shim: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--shim)' },
  seal: { stroke: 'var(--fine)', width: 5 },
  gap: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--sheet)' },
  air: { stroke: 'var(--blue)', width: 1, fill: 'var(--air)' },
  dimension: { stroke: 'var(--ink)', width: 1 },
  reading: { stroke: 'var(--blue)', width: 1 },
  point: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--sheet)' },
  hook: { stroke: 'var(--ink)', width: 2, fill: 'var(--vial)' },
  label: { stroke: 'var(--quiet)', width: 1 },
}

export const DOUBTS: Readonly<Partial<Record<Certainty, string>>> = {
  unchecked: 'var(--watch)',
  doubtful: 'var(--correct)',
}
const DASHES: Readonly<Partial<Record<Certainty, string>>> = { unchecked: '14 4', doubtful: '9 3', assumed: '4 4' }

export const widthOf = (role: Role): number => LOOKS[role].width

/** Whether what a line closes in is filled: what is assumed never is. */
export const isFilled = (certainty: Certainty, closed: boolean): boolean => closed && certainty !== 'assumed'

/** The classes of a line: what it is part of, how sure it is, and whether it is filled. */
export const lookOf = (role: Role, certainty: Certainty, filled: boolean): string =>
  `r-${role}${certainty === 'sure' ? '' : ` c-${certainty}`}${filled && LOOKS[role].fill ? ' fill' : ''}`

const roleRules = Object.entries(LOOKS)
  .map(
    ([role, { stroke, width, fill, dash }]) =>
      `.r-${role}{stroke:${stroke};stroke-width:${width}${dash ? `;stroke-dasharray:${dash}` : ''}}${fill ? `.r-${role}.fill{fill:${fill}}` : ''}`,
  )
  .join('')
const doubtRules = Object.entries(DASHES)
  .map(
    ([certainty, dash]) =>
      `.c-${certainty}{stroke-dasharray:${dash}${certainty in DOUBTS ? `;stroke:${DOUBTS[certainty as Certainty]}` : ''}}`,
  )
  .join('')

/** How the lines of a drawing look: said once for a drawing, and not at every line. */
export const DRAWN = css`
  path, line, polyline, polygon, circle { fill: none; }
  ${roleRules}
  ${doubtRules}
  /* What is cut is heavier than what is seen. */
  [data-scene='plan'] :is(.r-wall, .r-stud, .r-frame), [data-scene='section'] :is(.r-wall, .r-sill, .r-floor), [data-scene='foot'] :is(.r-wall, .r-stud, .r-floor) { stroke-width: 2; }
  .tap { stroke: transparent; stroke-width: 24; }
`
