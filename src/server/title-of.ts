/** A page's title by what it shows; the house's own where that can't be shown: why is the page's to say, not its title's. */
export const titleOf = <T>(loading: Promise<T>, title: (loaded: T) => string): Promise<{ readonly title?: string }> =>
  loading.then(
    loaded => ({ title: title(loaded) }),
    () => ({}),
  )
