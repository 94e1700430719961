/** What kind of door an opening is measured for: asked first, since every later number depends on it. What each kind answers stands
 *  in one file of `core/doors`. */
export const FAMILIES = [
  'hinged-outside',
  'pair',
  'sidelights',
  'storm',
  'slider',
  'steel-leaf',
  'steel-frame',
  'interior',
  'lock-set',
  'seal-only',
  'seal-pair',
  'seal-slider',
] as const
export type Family = (typeof FAMILIES)[number]
/** What is measured most: begun with until another kind is chosen. */
export const USUAL_KIND = FAMILIES[0]

/** What a maker's sheet can speak of, in parts that several kinds of unit share. */
export type SheetPart =
  | 'any'
  /** Its hinges are on one side, or can be on either. */
  | 'handed'
  | 'swung'
  | 'bored'
  | 'glazed'
  /** A leaf hangs in its frame. */
  | 'hung'
  /** It has a frame with legs. */
  | 'framed'
  /** Its leaf clears a floor or threshold by what the sheet says. */
  | 'raised'
  | 'silled'
  /** It comes with trim round its outside. */
  | 'moulded'
  /** Its maker asks for something when it is set. */
  | 'asking'
  | 'paired'
  | 'sidelit'
  /** A frame that wraps round its wall. */
  | 'wrapped'
  /** It stands on the outside trim. */
  | 'on-trim'
  | 'panelled'
  /** A leaf with hinges and bore cut in, for a frame that stays. */
  | 'cut-in'
  | 'locking'

/** Every kind of unit a catalogue holds, and the parts its sheet has. */
export const SHEETS = {
  'hinged-outside': ['handed', 'swung', 'bored', 'glazed', 'hung', 'framed', 'raised', 'silled', 'moulded', 'asking'],
  pair: ['swung', 'bored', 'glazed', 'hung', 'framed', 'raised', 'silled', 'moulded', 'asking', 'paired'],
  sidelights: [
    'handed',
    'swung',
    'bored',
    'glazed',
    'hung',
    'framed',
    'raised',
    'silled',
    'moulded',
    'asking',
    'sidelit',
  ],
  storm: ['handed', 'swung', 'glazed', 'on-trim'],
  slider: ['glazed', 'framed', 'silled', 'asking', 'panelled'],
  'steel-leaf': ['bored', 'glazed', 'cut-in'],
  'steel-frame': ['handed', 'swung', 'bored', 'glazed', 'hung', 'framed', 'raised', 'wrapped'],
  interior: ['handed', 'swung', 'bored', 'glazed', 'hung', 'framed'],
  'lock-set': ['locking'],
} as const satisfies Readonly<Record<string, readonly SheetPart[]>>
export type UnitKind = keyof typeof SHEETS
export const UNIT_KINDS = Object.keys(SHEETS) as readonly UnitKind[]
export const isUnitKind = (text: string): text is UnitKind => Object.hasOwn(SHEETS, text)

/** Whether the sheet of a kind has a part. */
export const hasPart = (kind: UnitKind, part: SheetPart): boolean =>
  part === 'any' || (SHEETS[kind] as readonly SheetPart[]).includes(part)
