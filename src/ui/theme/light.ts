// In which light a page is shown: as somebody chose on this device, else as the device itself is set. It is said before anything is painted (`LIGHT_FIRST`),
// so that nothing flashes white in a cellar.

const KEY = 'harvek-light'
const DARK = '(prefers-color-scheme: dark)'
const SHARP = '(prefers-contrast: more)'

/** What stands in every page before its body: a script of its own, since nothing that comes later is there before the first paint. */
export const LIGHT_FIRST = `try{var k=localStorage.getItem('${KEY}')}catch(e){}document.documentElement.dataset.light=k==='paper'||k==='cellar'||k==='sun'?k:matchMedia('${DARK}').matches?'cellar':matchMedia('${SHARP}').matches?'sun':'paper'`

/** The light that was chosen on this device; `device` where none was. */
export function keptLight(): string {
  const kept = localStorage.getItem(KEY)
  return kept === 'paper' || kept === 'cellar' || kept === 'sun' ? kept : 'device'
}

/** The light in which a page is shown now. */
const lightNow = (): string => {
  const kept = keptLight()
  if (kept !== 'device') return kept
  return matchMedia(DARK).matches ? 'cellar' : matchMedia(SHARP).matches ? 'sun' : 'paper'
}

const show = (): void => {
  document.documentElement.dataset.light = lightNow()
}

/** Keeps a choice on this device and shows it; `device` goes by the device again. */
export function keepLight(light: string): void {
  localStorage.setItem(KEY, light)
  show()
}

/** Shows the light as it is now, and follows the device when it changes; returns how one stops. */
export function followDevice(): () => void {
  show()
  const asked = [DARK, SHARP].map(one => matchMedia(one))
  for (const one of asked) one.addEventListener('change', show)
  return () => {
    for (const one of asked) one.removeEventListener('change', show)
  }
}
