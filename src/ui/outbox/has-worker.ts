/** Whether this browser shows Harvek where there is no signal: its worker is there, whether or not this page was loaded by it yet. */
export const hasWorker = async (): Promise<boolean> =>
  (await navigator.serviceWorker?.getRegistration().catch(() => undefined))?.active != null
