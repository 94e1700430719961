import { loadToday } from '@/server/page'
import { Today } from '@/ui/pages/Today'

export default async function Page() {
  return <Today {...(await loadToday(new Date()))} />
}
