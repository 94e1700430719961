/** Where a trade figure comes from. `checked` tells whether it was compared with the source's own text. */
export type Source = {
  readonly kind: 'default' | 'code' | 'maker' | 'standard'
  readonly text: string
  readonly checked: boolean
}
