// @ts-check
import { createHash } from 'node:crypto'
import swc from '@swc/jest'

/** In the contexts tests run in each look at a global name is a call out of compiled code, and the core's arithmetic is made of them: a
 *  module takes them once. On its first line, so that lines stay what they are. */
const TAKEN = 'const { Array, JSON, Map, Math, Number, Object, Set } = globalThis; '

/** @swc/jest, with the names of the language taken once by each module. */
export default {
  /** @param {import('@swc/core').Options} options */
  createTransformer: options => {
    const inner = swc.createTransformer(options)
    const taken = (/** @type {string} */ source) => TAKEN + source
    return {
      ...inner,
      process: (/** @type {string} */ source, /** @type {[string, any]} */ ...rest) =>
        inner.process?.(taken(source), ...rest),
      processAsync: (/** @type {string} */ source, /** @type {[string, any]} */ ...rest) =>
        inner.processAsync?.(taken(source), ...rest),
      getCacheKey: (/** @type {string} */ source, /** @type {[string, any]} */ ...rest) =>
        createHash('sha256')
          .update(TAKEN)
          .update(String(inner.getCacheKey?.(source, ...rest)))
          .digest('hex'),
    }
  },
}
