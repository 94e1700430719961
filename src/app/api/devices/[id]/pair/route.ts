import { knownDevices, pairDevice } from '@/server/devices'
import { handle, notFound, refuse } from '@/server/handle'

export const POST = handle('look', async ({ acting, id }) => {
  const address = knownDevices().get(id)
  if (!address) return notFound()
  const paired = await pairDevice(address, acting.name)
  if (paired) return Response.json(paired)
  return refuse(502, { code: 'device-away', message: 'The device does not answer. Switch it on and try again.' })
})
