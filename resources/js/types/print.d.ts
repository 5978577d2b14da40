// Written by `php artisan types` from the …View classes. Don't edit.

export interface AreaWasView {
  code: string;
  left: number;
  top: number;
  width: number;
  height: number;
  says: string;
}

export interface ArtworkView {
  id: number;
  name: string;
  plain: string;
  state: string;
  trouble: string;
  picture: string | null;
  width: number;
  height: number;
  facts: string;
  rights: string;
  version: number;
  newest: boolean;
  liesOn: LiesOnView[];
  notes: string[];
  behind: LiesOnView[];
  lettering: LetteringView | null;
}

export interface BlankChoiceView {
  id: number;
  name: string;
  picture: string;
  about: string;
}

export interface ClothView {
  name: string;
  hex: string;
  chosen: boolean;
  told: number;
  hardly: boolean;
}

export interface InsteadView {
  colour: string;
  artwork: number;
  other: number;
}

export interface LaidView {
  area: string;
  method: string;
  pieces: PrintedPieceView[];
  ground: string | null;
}

export interface LetteringView {
  words: string;
  face: string;
  colour: string;
  align: string;
}

export interface LiesOnView {
  id: number;
  name: string;
  made: boolean;
}

export interface PlacingAreaView {
  code: string;
  name: string;
  left: number;
  top: number;
  width: number;
  height: number;
  safe: number;
  bleed: number;
  from: string;
  fromTop: number;
  methods: PlacingMethodView[];
}

export interface PlacingMethodView {
  code: string;
  name: string;
}

export interface PlacingRowView {
  id: number;
  name: string;
  blank: string;
  stands: string;
  picture: string | null;
  keptAs: string | null;
}

export interface PlacingSceneView {
  code: string;
  name: string;
  chosen: boolean;
}

export interface PlacingView {
  id: number;
  name: string;
  revision: number;
  blank: string;
  supplier: string;
  sheetWidth: number;
  sheetHeight: number;
  outline: string;
  areas: PlacingAreaView[];
  were: AreaWasView[];
  laid: LaidView[];
  instead: InsteadView[];
  artworks: ArtworkView[];
  findings: PrintFindingView[];
  cloths: ClothView[];
  sizes: PrintedSizeView[];
  scenes: PlacingSceneView[];
  prices: TwoPricesView | null;
  proposal: TwoPricesView | null;
  keeps: string;
  steps: string;
  currency: string;
  stops: boolean;
  listing: number | null;
  stands: boolean;
  keptAs: string | null;
  refusal: string;
}

export interface PrintFindingView {
  n: number;
  weight: string;
  area: string;
  of: string;
  short: string;
  rest: string;
  hits: string;
  mend: string | null;
}

export interface PrintedPieceView {
  artwork: number;
  x: number;
  y: number;
  width: number;
  height: number;
  turn: number;
  repeat: boolean;
}

export interface PrintedSizeView {
  name: string;
  chosen: boolean;
  costs: string;
  asks: string;
  keeps: string;
  loses: boolean;
  short: boolean;
  share: number;
}

export interface TwoPricesView {
  low: string;
  upTo: string;
  high: string;
  words: string;
}
