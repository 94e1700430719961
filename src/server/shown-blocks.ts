import type { ShownBlock } from '@/core/sharing/share'
import type { Block } from '@/papers/paper'

/** A paper's blocks as they are kept with what is shown: pictures as text. */
export const shownBlocks = (blocks: readonly Block[]): readonly ShownBlock[] =>
  blocks.map((block): ShownBlock => {
    if (block.kind === 'picture') {
      const { jpeg, ...rest } = block
      return { ...rest, base64: Buffer.from(jpeg).toString('base64') }
    }
    if (block.kind === 'drawing') {
      const { scene, heightMm, caption } = block
      return { kind: 'drawing', scene, heightMm, caption }
    }
    return block
  })

/** The same back, as a paper is written. */
export const paperBlocks = (blocks: readonly ShownBlock[]): readonly Block[] =>
  blocks.map((block): Block => {
    if (block.kind !== 'picture') return block
    const { base64, ...rest } = block
    return { ...rest, jpeg: Buffer.from(base64, 'base64') }
  })
