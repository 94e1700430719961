import type { StepTool } from '@/core/fit/setting-step'
import type { VanLoad } from '@/core/plan/van-load'
import type { DisplayStep } from '@/core/units/format-length'
import { TOOL_NAMES } from '@/words/steps'
import { barsWords, itemCount, itemName, itemWhere, toolKey } from '@/words/take-off'
import type { Block, Paper } from './paper'

export type VanDay = {
  readonly date: string
  readonly jobs: readonly {
    readonly name: string
    readonly site: string
    readonly openings: readonly { readonly tag: string; readonly name: string; readonly unit: string | null }[]
  }[]
  readonly load: VanLoad
  readonly tools: readonly StepTool[]
  readonly step: DisplayStep
  /** Keys of what is in the van already. */
  readonly loaded: ReadonlySet<string>
}

/** What a day takes along, with boxes to tick: what is to be fetched, what is to be loaded, tools. */
export function vanListPaper({ date, jobs, load, tools, step, loaded }: VanDay): Paper {
  const fetched = load.items.filter(one => one.short > 0)
  const things = [
    ...load.items.map(one => ({
      key: one.key,
      text: `${itemCount(one, step)} ${itemName(one, step)}, for ${itemWhere(one)}`,
    })),
    ...load.cuts.map(one => ({ key: `seal/${one.seal.id}`, text: `${one.seal.name}: ${barsWords(one)}` })),
  ]
  return {
    title: `Van list, ${date}`,
    subtitle: jobs.map(one => (one.site ? `${one.name}, ${one.site}` : one.name)).join('; ') || 'No visit on this day.',
    footer: 'Whole packs, rounded up over the day; what lies under a sill each by itself.',
    step,
    blocks: [
      ...jobs.flatMap(({ name, openings }): readonly Block[] => [
        { kind: 'heading', text: name },
        {
          kind: 'facts',
          rows: openings.map(one => [`${one.tag} ${one.name}`, one.unit ?? 'no unit']),
        },
      ]),
      ...section(
        'To be fetched before the day',
        fetched.map(one => ({
          key: `fetch/${one.key}`,
          text: `${itemCount({ ...one, count: one.short }, step)} ${itemName({ ...one, count: one.short }, step)}`,
        })),
        loaded,
      ),
      ...section('To be loaded', things, loaded),
      ...section(
        'Tools',
        tools.map(one => ({ key: toolKey(one), text: TOOL_NAMES[one] })),
        loaded,
      ),
    ],
  }
}

const section = (
  heading: string,
  items: readonly { readonly key: string; readonly text: string }[],
  loaded: ReadonlySet<string>,
): readonly Block[] =>
  items.length === 0
    ? []
    : [
        { kind: 'heading', text: heading },
        { kind: 'checks', items: items.map(({ key, text }) => ({ text, ticked: loaded.has(key) })) },
      ]
