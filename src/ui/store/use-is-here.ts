import { useSyncExternalStore } from 'react'

const never = () => () => {}

/** Whether this is a page in a browser, and no longer what the server made of it: what only a browser works out is shown from then on. */
export const useIsHere = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
