/** Nobody comes here: whoever is not signed in is sent to sign in. The framework’s own, which every page would carry, is several times as long. */
export default function Unauthorized() {
  return null
}
