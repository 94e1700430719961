import { knownDevices } from '@/devices/known'
import { pairDevice, rememberToken } from '@/server/devices'
import { handle, notFound, refuse } from '@/server/handle'

export const POST = handle('look', async ({ acting, id }) => {
  const address = knownDevices().get(id)
  if (!address) return notFound()
  const paired = await pairDevice(address, acting.name)
  if (!paired)
    return refuse(502, { code: 'device-away', message: 'The device does not answer. Switch it on and try again.' })
  rememberToken(acting.memberId, id, paired.token)
  return Response.json({ device: paired.device })
})
