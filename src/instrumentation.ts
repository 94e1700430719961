import type { Instrumentation } from 'next'

/** Runs once when the server starts: what waits for a supplier or a mail server is carried from here, over every restart; what listens is told how
 *  to see that a page stands as it stood. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { quietFaults } = await import('./server/quiet-faults')
  quietFaults()
  const [{ tellStanding }, { pageStanding }] = await Promise.all([
    import('./server/answer-note'),
    import('./server/page-standing'),
  ])
  tellStanding(pageStanding)
  const desk = process.env.HARVEK_DESK
  if (!desk) return
  const [{ COURIER, startCourier }, { store }, { postMail }] = await Promise.all([
    import('./server/courier'),
    import('./store/connection'),
    import('./server/post-mail'),
  ])
  startCourier(store, { ...COURIER, desk, mail: postMail })
}

/** A page that could not be made is noted with what of its fault may be kept. */
export const onRequestError: Instrumentation.onRequestError = async (error, request, { routePath }) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { faultIn, log } = await import('./server/log')
  log().error({ method: request.method, route: routePath, status: 500, fault: faultIn(error) })
}
