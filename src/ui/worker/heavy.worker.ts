import { type Answered, type Asked, HEAVY } from './heavy'

/** Answers one question after the other. */
self.onmessage = ({ data: { id, name, given } }: MessageEvent<Asked>) => {
  const answer = (): Answered => {
    try {
      return { id, value: HEAVY[name](given as never) }
    } catch (failed) {
      return { id, failed: failed instanceof Error ? failed.message : String(failed) }
    }
  }
  self.postMessage(answer())
}
