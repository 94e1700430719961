import type { Counting } from '../catalogue/firm'
import type { PreparationId } from '../catalogue/preparation'
import type { Scene } from '../drawing/scene'
import type { RepairId } from '../specification/repair'
import type { DisplayStep } from '../units/format-length'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'

// What is shown to a customer by a link of their own, and what they sign. It is frozen when it is shared: later readings, prices and choices
// don't change it.

export const SHARE_KINDS = ['offer', 'record'] as const
export type ShareKind = (typeof SHARE_KINDS)[number]

/** The firm as its customer sees it. */
export type FirmShown = {
  readonly name: string
  readonly address: string
  readonly phone: string
  readonly email: string
}

/** One way to go: a unit, drawn in the customer's own opening. */
export type OfferedChoice = {
  /** The unit's id. */
  readonly id: string
  readonly maker: string
  readonly article: string
  readonly name: string
  readonly width: Length
  readonly height: Length
  readonly cents: Cents
  readonly days: number
  /** The first day on which it can be fitted, `YYYY-MM-DD`. */
  readonly earliest: string
  readonly minutes: number
  /** Work on the opening it asks for, each with how much of it. */
  readonly work: readonly { readonly id: PreparationId; readonly amount: Length }[]
  /** How it looks, in its maker's words; several colours are chosen among. */
  readonly style: string
  readonly glass: string
  readonly colours: readonly string[]
  readonly metal: string
  readonly scene: Scene
}

/** What it takes to keep the old door, against a new one. */
export type OfferedRepair = {
  readonly cents: Cents
  readonly items: readonly { readonly id: RepairId; readonly count: number; readonly isCosmetic: boolean }[]
}

export type OfferShown = {
  readonly kind: 'offer'
  readonly firm: FirmShown
  readonly customer: string
  readonly opening: { readonly tag: string; readonly name: string }
  readonly job: string
  readonly step: DisplayStep
  readonly counting: Pick<Counting, 'currency' | 'numbers'>
  readonly choices: readonly OfferedChoice[]
  readonly repair: OfferedRepair | null
  /** What the firm says besides. */
  readonly note: string
}

/** A part of a hand-over record as it is read: without a picture's bytes, which stand as base64. */
export type ShownBlock =
  | { readonly kind: 'heading' | 'text'; readonly text: string }
  | { readonly kind: 'facts'; readonly rows: readonly (readonly [name: string, value: string])[] }
  | {
      readonly kind: 'table'
      readonly head: readonly string[]
      readonly rows: readonly (readonly string[])[]
      readonly widths: readonly number[]
    }
  | { readonly kind: 'drawing'; readonly scene: Scene; readonly heightMm: number; readonly caption: string }
  | { readonly kind: 'picture'; readonly base64: string; readonly ratio: number; readonly caption: string }
  | { readonly kind: 'checks'; readonly items: readonly { readonly text: string; readonly ticked: boolean }[] }

export type RecordShown = {
  readonly kind: 'record'
  readonly firm: FirmShown
  readonly customer: string
  readonly opening: { readonly tag: string; readonly name: string }
  readonly job: string
  readonly title: string
  readonly subtitle: string
  readonly footer: string
  readonly step: DisplayStep
  readonly blocks: readonly ShownBlock[]
}

export type Shown = OfferShown | RecordShown

/** A line drawn by hand: points in thousandths of the field's width. */
export type Stroke = readonly (readonly [x: number, y: number])[]
export const SIGNATURE = { width: 1000, height: 300 } as const

/** To keep the old door, in place of a unit. */
export const KEEP = 'repair'
/** What is signed of a record: that it was handed over. */
export const TAKEN = 'record'

/** What somebody chose and signed. */
export type Signing = {
  readonly name: string
  /** The unit's id, `repair`, or `record` where there was nothing to choose. */
  readonly choice: string
  /** One of the choice's colours; empty where there was none to choose. */
  readonly colour: string
  readonly reason: string
  /** Drawn by hand; empty where the typed name stands for it. */
  readonly strokes: readonly Stroke[]
}

/** A signing as it stands, with when, and beside whom it was signed; `witness` is `null` where it was by the link alone. */
export type Signed = Signing & { readonly at: string; readonly witness: string | null }

/** How a shared thing stands, as its firm sees it. */
export type ShareLine = {
  readonly id: string
  readonly kind: ShareKind
  readonly by: string
  readonly at: string
  readonly expiresAt: string
  readonly endedAt: string | null
  readonly endedBy: string | null
  readonly signed: Signed | null
  /** What there was to choose among: each with its article and name. */
  readonly choices: readonly (readonly [id: string, name: string])[]
}

/** For how long a link holds, days. */
export const HOLDS_DAYS = { offer: 30, record: 90 } as const satisfies Readonly<Record<ShareKind, number>>

/** Why a signing of something can't be taken; `null` where it can. */
export type SigningIssue = 'name' | 'choice' | 'colour' | 'reason' | 'signature'

/** What is missing of a signing: a name, one of the choices and of its colours, why where it is not the first, and a hand or the word that the
 *  typed name stands for it. */
export function signingIssue(shown: Shown, signing: Signing, typedStands: boolean): SigningIssue | null {
  if (signing.name.trim().length < 2) return 'name'
  if (!typedStands && !signing.strokes.some(one => one.length > 1)) return 'signature'
  if (shown.kind === 'record') return signing.choice === TAKEN ? null : 'choice'
  if (signing.choice === KEEP) return shown.repair ? null : 'choice'
  const chosen = shown.choices.find(one => one.id === signing.choice)
  if (!chosen) return 'choice'
  const isColourRight = chosen.colours.length > 1 ? chosen.colours.includes(signing.colour) : signing.colour === ''
  return isColourRight ? null : 'colour'
}
