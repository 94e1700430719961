// Runs before anything of a page does. A page that could not be made is drawn in the browser alone, without the head that says the page's secret:
// what makes styles there finds it all the same, on the scripts that came with it.
const SAID = 'meta[property="csp-nonce"]'
const { nonce } = document.querySelector<HTMLScriptElement>('script[nonce]') ?? {}
if (nonce && !document.head.querySelector(SAID)) {
  const meta = document.createElement('meta')
  meta.setAttribute('property', 'csp-nonce')
  meta.nonce = nonce
  document.head.append(meta)
}

export {}
