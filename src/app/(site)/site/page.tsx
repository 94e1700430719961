import { SiteApp } from '@/ui/site/SiteApp'

/** The one page that shows any address from what was taken along, where there is no signal. It holds nothing of anybody. */
export default function Page() {
  return <SiteApp />
}
