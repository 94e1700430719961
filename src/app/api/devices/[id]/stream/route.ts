import { knownDevices, relayDevice } from '@/server/devices'
import { handle, notFound } from '@/server/handle'

export const GET = handle('look', async ({ request, id }) => {
  const address = knownDevices().get(id)
  if (!address) return notFound()
  // Asked for what it would be, it opens nothing.
  if (request.method === 'HEAD') return new Response(null, { headers: { 'content-type': 'text/event-stream' } })
  const token = new URL(request.url).searchParams.get('token') ?? ''
  return new Response(relayDevice(address, token, request.signal), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  })
})
