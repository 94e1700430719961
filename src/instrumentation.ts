/** Runs once when the server starts: what waits for a supplier or a mail server is carried from here, over every restart. */
export async function register(): Promise<void> {
  const desk = process.env.HARVEK_DESK
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !desk) return
  const [{ COURIER, startCourier }, { store }, { postMail }] = await Promise.all([
    import('./server/courier'),
    import('./store/connection'),
    import('./server/post-mail'),
  ])
  startCourier(store, { ...COURIER, desk, mail: postMail })
}
