/** For `memo`: the same props but one, and that one reads the same though it was worked out anew. */
export const alikeBut =
  <K extends string>(name: K) =>
  <P extends { readonly [k in K]: unknown }>(before: Readonly<P>, now: Readonly<P>): boolean =>
    (Object.keys(now) as (keyof P)[]).every(
      one => before[one] === now[one] || (one === name && JSON.stringify(before[one]) === JSON.stringify(now[one])),
    )
