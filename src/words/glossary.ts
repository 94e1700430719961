import type { WordScene } from '@/core/drawing/word-scenes'

/** A word of the trade: how it is written, what it means, and what of which picture shows it. */
export type Word = {
  readonly name: string
  /** Every way it is written, the longest first; matched as whole words, whatever their case. */
  readonly forms: readonly string[]
  readonly says: string
  readonly picture: readonly [scene: WordScene, mark: string]
}

const word = (forms: string, says: string, ...picture: Word['picture']): Word => {
  const all = forms.split(', ')
  return { name: all[0]!, forms: [...all].sort((a, b) => b.length - a.length), says, picture }
}

/** The words a fitter says and a customer may not know, each in a sentence or two. */
export const GLOSSARY: Readonly<Record<string, Word>> = {
  'rough-opening': word(
    'rough opening, rough openings, rough hole',
    'The hole in the wall before a frame stands in it: from stud to stud and from the floor to the header.',
    'front',
    'hole',
  ),
  stud: word(
    'stud, studs',
    'The upright timber at each side of the hole. Hinges and frame are screwed to it.',
    'front',
    'stud',
  ),
  header: word(
    'header, lintel',
    'The beam over the hole. It carries the wall above; a door never does.',
    'front',
    'header',
  ),
  buck: word(
    'buck, bucks',
    'The timber lining of a hole in brick or block: the frame is fastened to it as to a stud.',
    'leg',
    'stud',
  ),
  jamb: word('jamb, jambs', 'An upright part of the frame, and by its depth the whole of it.', 'leg', 'jamb'),
  leg: word(
    'leg, legs',
    'One upright of the frame as it is set: the hinge leg first, then the strike leg.',
    'front',
    'leg',
  ),
  head: word('frame head, head jamb', 'The part of the frame that lies across the top.', 'front', 'head'),
  throat: word(
    'throat, throats',
    'How deep the frame is from the face of the wall inside to its face outside: as thick as the wall, with all that is on it.',
    'leg',
    'throat',
  ),
  extension: word(
    'extension jamb, extension',
    'A strip that makes a jamb deeper where the wall is thicker than the frame.',
    'leg',
    'extension',
  ),
  rebate: word('rebate, rebates', 'The step in the jamb that the leaf shuts into.', 'leg', 'rebate'),
  stop: word('stops, the stop, head stop', 'What the leaf shuts against, on both legs and at the head.', 'leg', 'stop'),
  kerf: word('kerf, kerfs', 'A narrow slot in the stop. A seal with a barb is pushed into it.', 'leg', 'kerf'),
  leaf: word('leaf, leaves', 'The door itself, the part that moves: without its frame.', 'front', 'leaf'),
  margin: word(
    'margin, margins',
    'The gap one sees between leaf and frame all round. It is even when a door is well set.',
    'leg',
    'margin',
  ),
  pack: word(
    'pack, packs, shim, shims',
    'Thin pieces between frame and stud, so that the frame stands true in a hole that is not.',
    'leg',
    'pack',
  ),
  foam: word(
    'low-expansion foam, foam',
    'Fills the hollow round the frame against draft. The kind that swells little, so that it does not push the jamb.',
    'leg',
    'foam',
  ),
  casing: word(
    'casing, casings',
    'The trim round the door inside. It covers the hollow between frame and wall.',
    'leg',
    'casing',
  ),
  mould: word('outside trim', 'The trim round the door outside, fastened to the frame.', 'leg', 'mould'),
  siding: word('siding', 'The boards or sheets on the outside of the wall.', 'leg', 'siding'),
  sealant: word(
    'sealant',
    'What is put into a joint from a tube and stays soft: it closes and moves with what it joins.',
    'leg',
    'sealant',
  ),
  'backer-rod': word(
    'backer rod',
    'A soft round cord pushed into a joint first, so that sealant is not deeper than it should be.',
    'leg',
    'rod',
  ),
  weatherstrip: word('weatherstrip, weatherstrips', 'The seal between leaf and stop.', 'leg', 'seal'),
  hinge: word('hinge, hinges', 'What the leaf turns on. The top one carries most.', 'front', 'hinge'),
  strike: word('strike, strikes, strike plate', 'The plate in the jamb that latch and bolt go into.', 'lock', 'strike'),
  closer: word('closer, closers', 'Shuts the leaf by itself, and slows it before it shuts.', 'front', 'closer'),
  threshold: word(
    'threshold, thresholds',
    'The part of the frame at the floor that one steps over.',
    'foot',
    'threshold',
  ),
  'sub-sill': word(
    'sub-sill',
    'What the threshold lies on. Where it falls or is rotten, the door does too.',
    'foot',
    'sub-sill',
  ),
  pan: word(
    'sill pan, pan, pans',
    'A tray under the threshold, turned up at the back and the ends: water that gets in runs out again.',
    'foot',
    'pan',
  ),
  cap: word(
    'threshold cap, cap',
    'The strip on the threshold that the seal under the leaf meets. Some are raised by screws.',
    'foot',
    'cap',
  ),
  sweep: word('sweep, sweeps', 'The seal under the leaf.', 'foot', 'sweep'),
  pad: word(
    'corner pad, corner pads, pad, pads',
    'A small wedge of foam where leaf, jamb and threshold meet: the corner no strip closes.',
    'foot',
    'pad',
  ),
  drip: word(
    'drip cap, drip edge, drip',
    'A small nose that throws rain off before it runs to the joint below.',
    'foot',
    'drip',
  ),
  covering: word(
    'covering, coverings',
    'What lies on the floor: boards, tile or carpet, with its height.',
    'foot',
    'covering',
  ),
  pair: word('active leaf, active', 'Of two leaves, the one that is opened first and has the lock.', 'pair', 'active'),
  passive: word(
    'passive leaf, passive',
    'Of two leaves, the one that is bolted and stays shut as a rule.',
    'pair',
    'passive',
  ),
  astragal: word('astragal', 'The strip where two leaves meet. It covers the gap between them.', 'pair', 'astragal'),
  mullion: word('mullion, mullions', 'The upright between a door and the glass beside it.', 'pair', 'mullion'),
  sidelight: word('sidelight, sidelights', 'The fixed glass beside a door, in the same frame.', 'pair', 'sidelight'),
  backset: word('backset, backsets', 'From the edge of the leaf to the middle of the large bore.', 'lock', 'backset'),
  bore: word('bore, bores', 'The large hole through the leaf that a lock sits in.', 'lock', 'bore'),
  spindle: word('spindle', 'The square bar that turns with the handle.', 'lock', 'spindle'),
  forend: word('forend', 'The plate of a lock that one sees in the edge of the leaf.', 'lock', 'forend'),
  latch: word('latch, latches', 'The bolt that springs out by itself when the leaf shuts.', 'lock', 'latch'),
  deadbolt: word('deadbolt, deadbolts', 'The bolt that only a key or a turn moves.', 'lock', 'deadbolt'),
  plumb: word('plumb', 'Upright, as a weight on a string hangs.', 'plumb', 'plumb'),
  lean: word(
    'lean, leans, leaning',
    'How far a side stands out of plumb, over the length of the level.',
    'lean',
    'lean',
  ),
  bow: word('bow, bows, bowed', 'How far a side is bent between its ends, at the middle.', 'bow', 'bow'),
  crown: word('crown, crowns', 'How far a sill or a head rises in its middle.', 'crown', 'crown'),
  fall: word('fall, falls', 'How much lower one end lies than the other.', 'fall', 'fall'),
  diagonal: word(
    'diagonals, diagonal',
    'From corner to corner. Two that are alike: the corners are square.',
    'diagonal',
    'diagonal',
  ),
  plane: word(
    'crossed strings, in plane, out of plane, strings',
    'Whether all four corners lie in one flat face. Two strings from corner to corner just touch when they do.',
    'plane',
    'strings',
  ),
}

const ID_OF: ReadonlyMap<string, string> = new Map(
  Object.entries(GLOSSARY).flatMap(([id, { forms }]) => forms.map(form => [form.toLowerCase(), id] as const)),
)
const ANY = new RegExp(
  `(?<![\\w-])(${[...ID_OF.keys()].sort((a, b) => b.length - a.length).join('|')})(?![\\w-])`,
  'giu',
)

/** A piece of a sentence: plain, or a word the glossary has, with its id. */
export type Piece = { readonly text: string; readonly id: string | null }

/** A sentence in pieces: each word of the trade by itself, where it stands for the first time. */
export function piecesOf(text: string): readonly Piece[] {
  const said = new Set<string>()
  const pieces: Piece[] = []
  let done = 0
  for (const found of text.matchAll(ANY)) {
    const id = ID_OF.get(found[0].toLowerCase())!
    if (said.has(id)) continue
    said.add(id)
    if (found.index > done) pieces.push({ text: text.slice(done, found.index), id: null })
    pieces.push({ text: found[0], id })
    done = found.index + found[0].length
  }
  if (done < text.length || pieces.length === 0) pieces.push({ text: text.slice(done), id: null })
  return pieces
}

/** The glossary's words that stand in a text, in the order in which they are first said. */
export const wordsIn = (text: string): readonly string[] =>
  piecesOf(text).flatMap(({ id }) => (id === null ? [] : [id]))
