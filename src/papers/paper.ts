import type { Scene } from '@/core/drawing/scene'
import type { DisplayStep } from '@/core/units/format-length'

/** A paper as blocks from top to bottom; the writer decides where pages end. */
export type Block =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'facts'; readonly rows: readonly (readonly [name: string, value: string])[] }
  | {
      readonly kind: 'table'
      readonly head: readonly string[]
      readonly rows: readonly (readonly string[])[]
      readonly widths: readonly number[]
      /** Type size in points where it is to be read from afar. */
      readonly points?: number
    }
  | {
      readonly kind: 'drawing'
      readonly scene: Scene
      readonly heightMm: number
      readonly caption: string
      /** Numbers that stand in the place of readings, by their ids. */
      readonly numbers?: ReadonlyMap<string, number>
    }
  /** A picture with its height over its width. */
  | { readonly kind: 'picture'; readonly jpeg: Uint8Array; readonly ratio: number; readonly caption: string }
  | { readonly kind: 'checks'; readonly items: readonly { readonly text: string; readonly ticked: boolean }[] }

export type Paper = {
  readonly title: string
  readonly subtitle: string
  /** Stands at the foot of every page. */
  readonly footer: string
  readonly step: DisplayStep
  readonly blocks: readonly Block[]
}

/** Which job a paper belongs to, under its title: its name, where it is, and whose house. */
export const jobLine = (
  {
    name,
    site,
    customer,
  }: { readonly name: string; readonly site: string; readonly customer: { readonly name: string } },
  ...more: readonly string[]
): string => [name, site, customer.name, ...more].filter(Boolean).join(' · ')
