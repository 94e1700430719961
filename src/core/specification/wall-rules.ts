import { cure } from '../base/cures'
import { step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import { nearestLockFamily } from '../survey/lock-family'
import { readingLeaf, readValue, type Survey } from '../survey/survey'
import { type Length, magnitude, minus } from '../units/length'
import { fillThickness } from './fill-thickness'
import { type FurtherRule, note } from './further'
import { type WrapRules, wrapFrame } from './wrap-frame'

const WALLS = ['wall.left', 'wall.head', 'wall.right'] as const

/** The thickest wall that was read, with where from; `null` until one was. */
export function thickestWall(survey: Survey) {
  const walls = WALLS.flatMap(slot => readingLeaf(survey, slot) ?? [])
  return walls.length ? step('jamb.thickest-wall', 'largest', walls) : null
}

export const wrapRules = (survey: Survey, lengths: TradeLengths): WrapRules => ({
  step: lengths['wrap-step'].value,
  least: lengths['wrap-least'].value,
  most: lengths['wrap-most'].value,
  stripThickness: lengths['wrap-strip'].value,
  return: readValue(survey, 'return') ?? lengths['wrap-return'].value,
  room: lengths['wrap-room'].value,
  fitsUpTo: lengths['wrap-fits'].value,
  packsUpTo: lengths['wrap-packs'].value,
})

const CODES = { fits: 'throat-fits', pack: 'throat-packed', none: 'throat-none' } as const
const SEVERITIES = { fits: 'fine', pack: 'watch', none: 'stop' } as const

/** Which usual frame goes round the wall. */
export const wrapsWall: FurtherRule = ({ survey, lengths }) => {
  const wall = thickestWall(survey)
  if (!wall) return { found: {}, findings: [] }
  const wrap = { wall, ...wrapFrame(wall.value, wrapRules(survey, lengths)) }
  const facts = {
    wall: { length: wall.value },
    throat: { length: wrap.throat },
    overall: { length: wrap.overall },
    over: { length: wrap.over },
    strips: wrap.strips,
  }
  const isFinished = survey.facts.get('fact.wall-state')?.code === 'finished'
  return {
    found: { wrap },
    findings: [
      ...underWall(survey, wall.value),
      note(CODES[wrap.verdict], 'wall.left', SEVERITIES[wrap.verdict], facts, 'wrap-fits'),
      ...(isFinished ? [note('no-welded-frame', 'fact.wall-state', 'watch', {}, 'wrap')] : []),
    ],
  }
}

/** An old frame that goes round its wall has a throat at least as wide: else frame or wall was read wrong. */
function underWall(survey: Survey, wall: Length) {
  const throat = readValue(survey, 'throat')
  if (throat === null || throat >= wall) return []
  const facts = { throat: { length: throat }, wall: { length: wall } }
  return [note('throat-under-wall', 'throat', 'correct', facts, 'wrap', [cure('reading.take-again')])]
}

/** Which panel moves, as it was said. */
export function panelsSaid(survey: Survey): 'OX' | 'XO' | null {
  const moving = survey.facts.get('fact.moving-panel')?.code
  return moving === undefined ? null : moving === 'left' ? 'OX' : 'XO'
}

/** A slider's panels, what pads it out to the siding, and whether its sill is level enough for panels to stay where they are left. */
export const slides: FurtherRule = ({ survey, opening, lengths, trade }) => {
  const siding = readValue(survey, 'siding.plane')
  const found = {
    panels: panelsSaid(survey),
    siding: siding !== null && siding > 0 ? fillThickness(siding, trade.fillers) : null,
  }
  const fall: Length | null = opening && magnitude(minus(opening.points.R0.y, opening.points.L0.y))
  const limit = lengths['slider-sill']
  if (fall === null || fall <= limit.value) return { found, findings: [] }
  const facts = { fall: { length: fall }, limit: { length: limit.value } }
  return {
    found,
    findings: [note('slider-sill', 'fall.sill', 'correct', facts, limit.id, [cure('level.raise-low-end')])],
  }
}

/** The lock family a backset belongs to; and a leaf with only a latch that shall lock needs a case chopped in, or a bolt added. */
export const locks: FurtherRule = ({ survey, lengths, trade }) => {
  const read = readValue(survey, 'backset')
  const near = read === null ? null : nearestLockFamily(read, trade.locks, lengths['backset-near'].value)
  const [kind, wanted] = [survey.facts.get('fact.lock-case')?.code, survey.facts.get('fact.lock-function')?.code]
  const depth = readValue(survey, 'case.depth')
  const usual = near?.isNear ? near.nearest.case : null
  const isLatchOnly = kind === 'tubular-latch' && wanted !== undefined && wanted !== 'passage'
  return {
    found: { lock: near?.isNear ? near.nearest : null },
    findings: [
      ...(isLatchOnly
        ? [
            note('latch-to-case', 'fact.lock-case', 'watch', { wanted }, 'lock', [
              cure('lock.chop-case'),
              cure('lock.add-bolt'),
            ]),
          ]
        : []),
      ...(kind === 'mortise-case' && depth !== null && usual !== null ? otherCase(depth, usual, lengths) : []),
    ],
  }
}

/** A case of another depth than its backset goes with: one of the two was read wrong, or the mortise is deepened or filled. */
function otherCase(depth: Length, usual: Length, lengths: TradeLengths) {
  const limit = lengths['backset-near']
  if (magnitude(minus(depth, usual)) <= limit.value) return []
  const facts = { read: { length: depth }, usual: { length: usual }, limit: { length: limit.value } }
  return [note('case-odd', 'case.depth', 'watch', facts, limit.id, [cure('reading.take-again')])]
}
