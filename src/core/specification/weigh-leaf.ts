import type { Source } from '../base/rule'
import { type Length, metresOf, minus } from '../units/length'

/** How leaves are built, as far as their weight goes. */
export const CONSTRUCTIONS = [
  'hollow-core',
  'solid-35',
  'solid-44',
  'fire-30',
  'fire-60',
  'steel-insulated',
  'hollow-metal',
  'fibreglass',
  'glass-6',
  'glass-24',
] as const
export type Construction = (typeof CONSTRUCTIONS)[number]

/** Mass by area, kg/m², with where the figure comes from. */
export type ArealMass = { readonly kgPerM2: number; readonly source: Source }

/** A class of hinge and the heaviest leaf it carries. */
export type HingeClass = { readonly id: string; readonly mostKg: number; readonly source: Source }

/** A length of the hinge trade, which no firm sets. */
type HingeLength = { readonly id: string; readonly value: Length; readonly source: Source }

/** What the trade knows of leaves and hinges. */
export type HingeTrade = {
  readonly arealMass: Readonly<Record<Construction, ArealMass>>
  /** From the lightest to the strongest. */
  readonly classes: readonly HingeClass[]
  /** Above this pull at the top hinge a long screw goes into the stud, N. */
  readonly longScrewAboveN: number
  /** A leaf up to this height has two hinges. */
  readonly twoUpTo: HingeLength
  /** Each further piece of this height that is begun has one more. */
  readonly oneMorePer: HingeLength
}

export type LeafMass = {
  readonly kg: number
  /** A scale overrides what area and construction give. */
  readonly isWeighed: boolean
}

type Size = { readonly width: Length; readonly height: Length }

/** Area times mass by area, kg. */
export const massByArea = ({ width, height }: Size, kgPerM2: number): number =>
  metresOf(width) * metresOf(height) * kgPerM2

/** Volume times density in kg/m³, kg. */
export const massByVolume = (size: Size, thickness: Length, densityKgM3: number): number =>
  massByArea(size, metresOf(thickness) * densityKgM3)

/** The least of rising classes that carries a mass; a class carries its own figure. -1 when none does. */
export const leastClass = (massKg: number, mostKg: readonly number[]): number =>
  mostKg.findIndex(most => most >= massKg)

/** The mass of a leaf: weighed, else its area times the mass of its construction; `null` while neither is known. */
export function leafMass(
  leaf: { readonly width: Length; readonly height: Length; readonly thickness: Length },
  { construction, densityKgM3 }: { readonly construction: Construction | null; readonly densityKgM3: number | null },
  weighedKg: number | null,
  { arealMass }: HingeTrade,
): LeafMass | null {
  if (weighedKg !== null) return { kg: weighedKg, isWeighed: true }
  if (densityKgM3 !== null) return { kg: massByVolume(leaf, leaf.thickness, densityKgM3), isWeighed: false }
  if (construction === null) return null
  return { kg: massByArea(leaf, arealMass[construction].kgPerM2), isWeighed: false }
}

/** How many hinges: two up to one height, then one more for each further piece of it begun. */
export function hingeCount(
  leafHeight: Length,
  { twoUpTo, oneMorePer }: Pick<HingeTrade, 'twoUpTo' | 'oneMorePer'>,
): number {
  if (leafHeight <= twoUpTo.value) return 2
  return 2 + Math.ceil(minus(leafHeight, twoUpTo.value) / oneMorePer.value)
}
