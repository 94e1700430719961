import { relayDevices } from '@/server/devices'
import { handle } from '@/server/handle'

const MOST_DEVICES = 8

/** Every device a browser is paired with, in one stream. */
export const GET = handle('look', async ({ acting, request }) => {
  const headers = {
    'content-type': 'text/event-stream',
    'cache-control': 'no-store, no-transform',
    'x-accel-buffering': 'no',
  }
  // Asked for what it would be, it opens nothing.
  if (request.method === 'HEAD') return new Response(null, { headers })
  const ids = (new URL(request.url).searchParams.get('ids') ?? '').split(',').filter(Boolean).slice(0, MOST_DEVICES)
  return new Response(relayDevices(acting.memberId, ids, request.signal), { headers })
})
