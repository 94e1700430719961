import { inches, type Length, ZERO } from '../units/length'
import type { Cents } from '../units/quantity'
import type { EdgeRole, Listing, Seal, SealKind, SealPurpose, Span } from './seal'

/** A seal as a firm enters it from its sheet; `null` where the sheet is silent. */
export type OwnSeal = {
  readonly article: string
  readonly name: string
  readonly kind: SealKind
  readonly on: readonly EdgeRole[]
  readonly moves: Seal['moves'] | null
  readonly closes: Seal['closes']
  readonly gapLeast: Length
  readonly gapMost: Length
  readonly against: readonly SealPurpose[]
  readonly forceNPerMetre: number
  readonly leakM3hPerMetreAt50: number
  readonly soundDb: number | null
  readonly listing: Listing | null
  readonly standsWeather: boolean | null
  readonly leastLeaf: Length | null
  readonly needsKerf: boolean | null
  readonly notOnThresholds: readonly string[] | null
  readonly notOnFloors: readonly string[] | null
  readonly span: Span | null
  readonly stock: Length
  readonly firstHole: Length | null
  readonly holePitch: Length | null
  readonly holeCount: number | null
  readonly isCutFromFreeEnd: boolean | null
  readonly overlength: Length | null
  readonly centsPerMetre: Cents | null
  readonly centsPerPiece: Cents | null
  readonly years: number
  readonly minutes: number
  /** Parted by commas. */
  readonly tools: string | null
  readonly difficulty: number | null
  readonly never: readonly string[] | null
  readonly askedOn: readonly string[] | null
}

const SOURCE = { kind: 'maker', text: 'the firm’s own list', checked: true } as const
/** Where a strip's length comes from while its sheet is silent, by kind. */
const USUAL_SPAN: { readonly [kind in SealKind]?: Span } = {
  'push-in': 'rebate',
  foam: 'rebate',
  bulb: 'stops',
  'threshold-cap': 'jambs',
  'bottom-stop': 'jambs',
}
/** A seal that is let into the leaf's bottom takes a leaf at least so thick while its sheet is silent; every other takes any. */
const USUAL_LEAF = inches(1, 3, 4)

/** The seal a sheet tells of, on the safe side where it is silent: not listed, not for the weather, for leaves that swing. */
export const sealOf = (own: OwnSeal): Seal => ({
  id: own.article,
  name: own.name,
  kind: own.kind,
  on: own.on,
  moves: own.moves ?? ['swings'],
  closes: own.closes,
  gap: [own.gapLeast, own.gapMost],
  against: own.against,
  forceNPerMetre: own.forceNPerMetre,
  leakM3hPerMetreAt50: own.leakM3hPerMetreAt50,
  soundDb: own.soundDb,
  listing: own.listing ?? 'none',
  standsWeather: own.standsWeather ?? false,
  leastLeaf: own.leastLeaf ?? (own.kind === 'drop' || own.kind === 'u-shoe' ? USUAL_LEAF : ZERO),
  needsKerf: own.needsKerf ?? own.kind === 'push-in',
  notOn: { thresholds: own.notOnThresholds ?? [], floors: own.notOnFloors ?? [] },
  span: own.span ?? USUAL_SPAN[own.kind] ?? 'leaf',
  stock: own.stock,
  holes:
    own.firstHole === null || own.holePitch === null || own.holeCount === null
      ? null
      : { first: own.firstHole, pitch: own.holePitch, count: own.holeCount },
  isCutFromFreeEnd: own.isCutFromFreeEnd ?? own.kind === 'drop',
  overlength: own.overlength ?? ZERO,
  centsPerMetre: own.centsPerMetre ?? 0,
  centsPerPiece: own.centsPerPiece ?? 0,
  years: own.years,
  minutes: own.minutes,
  tools: own.tools?.split(/\s*,\s*/).filter(Boolean) ?? [],
  difficulty: (own.difficulty ?? 2) as Seal['difficulty'],
  never: (own.never ?? []).map(material => ({ material, reason: 'by-its-sheet' })),
  askedOn: own.askedOn ?? [],
  source: SOURCE,
})

/** The sheet that tells of a seal: what `sealOf` makes the same seal of. */
export const sheetOf = (seal: Seal): OwnSeal => ({
  article: seal.id,
  name: seal.name,
  kind: seal.kind,
  on: seal.on,
  moves: seal.moves,
  closes: seal.closes,
  gapLeast: seal.gap[0],
  gapMost: seal.gap[1],
  against: seal.against,
  forceNPerMetre: seal.forceNPerMetre,
  leakM3hPerMetreAt50: seal.leakM3hPerMetreAt50,
  soundDb: seal.soundDb,
  listing: seal.listing,
  standsWeather: seal.standsWeather,
  leastLeaf: seal.leastLeaf,
  needsKerf: seal.needsKerf,
  notOnThresholds: seal.notOn.thresholds,
  notOnFloors: seal.notOn.floors,
  span: seal.span,
  stock: seal.stock,
  firstHole: seal.holes?.first ?? null,
  holePitch: seal.holes?.pitch ?? null,
  holeCount: seal.holes?.count ?? null,
  isCutFromFreeEnd: seal.isCutFromFreeEnd,
  overlength: seal.overlength,
  centsPerMetre: seal.centsPerMetre,
  centsPerPiece: seal.centsPerPiece,
  years: seal.years,
  minutes: seal.minutes,
  tools: seal.tools.join(', ') || null,
  difficulty: seal.difficulty,
  never: seal.never.map(one => one.material),
  askedOn: seal.askedOn,
})

/** A firm's seals, and whether those that ship are chosen among too. */
export type OwnSeals = { readonly own: readonly OwnSeal[]; readonly withShipped: boolean }

export const MOST_OWN_SEALS = 150
/** The seals to choose among: the firm's own, and of those that ship what it has no article of its own for. */
export function sealsToChoose(shipped: readonly Seal[], { own, withShipped }: OwnSeals): readonly Seal[] {
  if (own.length === 0 && withShipped) return shipped
  const named = new Set(own.map(one => one.article))
  return [...own.map(sealOf), ...(withShipped ? shipped.filter(one => !named.has(one.id)) : [])]
}
