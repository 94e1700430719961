import { Live } from '@/ui/theme/Live'
import { NotFound } from '@/ui/theme/NotFound'

/** Where no page is. It goes with every page, also with the one that is kept for when there is no signal: it names nobody. */
export default function NoPage() {
  return (
    <Live visitor={null}>
      <NotFound />
    </Live>
  )
}
