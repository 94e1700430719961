/** How the colours of lists are shown on a screen and on paper, by the words makers use. A word that is not here is only written. Source:
 *  Harvek default; a screen shows no paint as it is. */
export const PAINTS: Readonly<Record<string, string>> = {
  white: '#F4F3EE',
  cream: '#EFE6CF',
  'harbour green': '#3E5B4F',
  green: '#3F6B4F',
  slate: '#56606B',
  grey: '#9AA1A3',
  'grey primer': '#B9BDBE',
  primed: '#DAD8D0',
  black: '#2A2C2D',
  bronze: '#6B5A45',
  brown: '#6A4B36',
  red: '#8C3B34',
  blue: '#35526E',
  bare: '#C8A877',
  oiled: '#A9783F',
  'satin nickel': '#B7B4AB',
  nickel: '#B7B4AB',
  chrome: '#C9CDD0',
  stainless: '#BFC3C4',
  brass: '#B5934F',
}
