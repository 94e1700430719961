/** Copies a text; whether the browser let it: some let nobody at their clipboard. */
export const toClipboard = async (text: string): Promise<boolean> =>
  (await navigator.clipboard?.writeText(text).then(
    () => true,
    () => false,
  )) ?? false
