/** The places at which the gaps of a closed leaf are read. */
export const GAP_PLACES = ['head', 'left', 'right', 'bottom'].flatMap(side =>
  (side === 'head' || side === 'bottom' ? ['left', 'centre', 'right'] : ['top', 'middle', 'bottom']).map(
    at => `gap.${side}.${at}`,
  ),
)
