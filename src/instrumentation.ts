/** Runs once when the server starts: what waits for a supplier is carried from here, over every restart. */
export async function register(): Promise<void> {
  const desk = process.env.HARVEK_DESK
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !desk) return
  const [{ COURIER, startCourier }, { store }] = await Promise.all([
    import('./server/courier'),
    import('./store/connection'),
  ])
  startCourier(store, { ...COURIER, desk })
}
