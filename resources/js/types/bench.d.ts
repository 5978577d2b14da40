// Written by `php artisan types` from the …View classes. Don't edit.

import type { RejectView, RunView } from './runs';
import type { RecipeFormView } from './stall';
import type { MoneyView } from './support';

export interface AppointmentView {
  at: string;
  words: string;
  places: number;
  taken: number;
  over: boolean;
}

export interface ChangeView {
  kind: string;
  about: string;
  before: string;
  after: string;
  effect: string;
  bad: boolean;
}

export interface ChoicesView {
  options: OptionView[];
  dropped: string[];
  products: number;
  variants: VariantRowView[];
  sales: (SaleView | null)[];
}

export interface DetailsView {
  order: OwnOrderView;
  search: InSearchView;
}

export interface DoneView {
  change: number;
  words: string;
}

export interface DraftAnswerView {
  listing: ListingView;
  draft: DraftView;
  change: number;
}

export interface DraftView {
  used: string[];
  missing: string[];
}

export interface GridAnswerView {
  rows: GridRowView[];
  change: number | null;
  words: string;
  run: RunView | null;
}

export interface GridRowView {
  id: number;
  picture: string | null;
  title: string;
  titleHeld: boolean;
  supplier: string;
  stateWords: string;
  type: string;
  tags: string[];
  maker: string;
  notes: string;
  from: MoneyView | null;
  keep: MoneyView | null;
  variants: number;
}

export interface HtmlView {
  html: string;
}

export interface ImportedListingView {
  id: number;
  title: string;
  made: boolean;
  undone: boolean;
}

export interface ImportedView {
  run: number;
  words: string;
  trouble: string | null;
  change: number | null;
  listings: ImportedListingView[];
  rejects: RejectView[];
  left: number;
}

export interface InSearchView {
  title: string;
  words: string;
  held: boolean;
}

export interface JoinedView {
  listing: number;
  change: number;
}

export interface LackView {
  place: string;
  words: string;
  meant: string[];
}

export interface LastStepView {
  change: number;
  words: string;
  who: string;
  when: string;
}

export interface LeftOutView {
  id: number;
  title: string;
  why: string;
}

export interface LeftView {
  id: number;
  title: string;
  lacks: LackView[];
}

export interface ListingAnswerView {
  listing: ListingView;
  change: number;
}

export interface ListingRowView {
  id: number;
  title: string;
  titleHeld: boolean;
  picture: string | null;
  supplier: string;
  state: string;
  from: MoneyView | null;
  keep: MoneyView | null;
  loses: boolean;
  fromLoses: boolean;
  variantsOn: number;
  variants: number;
  stock: number;
  changes: number;
  lacks: LackView[];
}

export interface ListingStandsView {
  state: string;
  words: string;
  lacks: LackView[];
  previewUrl: string;
  shopUrl: string | null;
}

export interface ListingView {
  id: number;
  version: number;
  stands: ListingStandsView;
  supplier: SupplierSaysView;
  title: WordingView;
  words: WordingView;
  pictures: PicturesView;
  pricedBy: PricedByView;
  choices: ChoicesView;
  details: DetailsView;
  pending: PendingView;
  last: LastStepView | null;
}

export interface MadeFromView {
  name: string;
  address: string;
  amiss: string[];
}

export interface NoteView {
  kind: string;
  words: string;
  instead: string | null;
}

export interface OptionValueView {
  value: string;
  own: string;
}

export interface OptionView {
  name: string;
  own: string;
  values: OptionValueView[];
  dropped: boolean;
}

export interface OwnGoodView {
  giving: string;
  file: string;
  sent: string;
  days: number;
  times: number;
  amounts: string;
  appointments: AppointmentView[];
}

export interface OwnOrderView {
  type: string;
  tags: string[];
  maker: string;
  notes: string;
  grownUp: boolean;
}

export interface PendingView {
  changes: ChangeView[];
  drafts: string[];
  held: number;
}

export interface PictureView {
  id: number;
  url: string | null;
  whole: string | null;
  state: string;
  trouble: string | null;
  uploaded: boolean;
  alt: string;
  x: number;
  y: number;
  zoom: number;
  shows: string | null;
  notes: string[];
}

export interface PicturesView {
  shown: PictureView[];
  held: boolean;
  spare: PictureView[];
  waiting: number;
}

export interface PieceView {
  width: number;
  height: number;
  left: number;
  top: number;
}

export interface PlaceView {
  count: number;
  page: number;
  pages: number;
  rows: ListingRowView[] | null;
}

export interface PlacedManyView {
  placed: number;
  left: LeftOutView[];
}

export interface PlacedView {
  id: number;
  title: string;
  url: string;
}

export interface PlacementView {
  placed: PlacedView[];
  left: LeftView[];
}

export interface PricedByView {
  recipe: RecipeFormView;
  held: boolean;
  name: string;
  others: string[];
  across: string;
  option: string;
  upTo: string;
  rungs: number;
}

export interface SaleView {
  about: string;
  price: MoneyView;
  charged: MoneyView | null;
  segments: SegmentView[];
  keep: MoneyView;
  margin: string;
  loses: boolean;
  note: string;
}

export interface SegmentView {
  key: string;
  label: string;
  money: MoneyView;
  share: number;
}

export interface SourceView {
  id: number;
  supplier: string;
  title: string;
  label: string;
  sku: string;
  barcode: string | null;
  landed: MoneyView | null;
  days: string | null;
  stock: number;
  use: boolean;
  selling: boolean;
  own: boolean;
}

export interface SourcesView {
  variant: number;
  sources: SourceView[];
  candidates: SourceView[];
}

export interface SplitDoneView {
  listings: number[];
  change: number;
}

export interface SplitPartView {
  name: string;
  variants: SplitVariantView[];
}

export interface SplitVariantView {
  id: number;
  label: string;
  picture: string | null;
  landed: string;
}

export interface SplitView {
  option: string | null;
  parts: SplitPartView[];
}

export interface SupplierSaysView {
  name: string;
  pulled: string | null;
  title: string;
  words: string;
  pictures: PictureView[];
  options: string[];
  arrival: string[];
  madeFrom: MadeFromView | null;
  own: OwnGoodView | null;
}

export interface TakenBackView {
  run: RunView | null;
}

export interface TwinGroupView {
  label: string;
  why: string;
  twins: TwinRowView[];
}

export interface TwinRowView {
  id: number;
  value: string;
  landed: MoneyView | null;
  days: string | null;
  stock: number;
  standsIn: boolean;
}

export interface TwinsView {
  option: string;
  shown: string;
  market: string;
  before: number;
  after: number;
  groups: TwinGroupView[];
}

export interface VariantRowView {
  id: number;
  label: string;
  on: boolean;
  cost: MoneyView | null;
  landed: MoneyView | null;
  price: MoneyView | null;
  recipePrice: MoneyView | null;
  byHand: boolean;
  keep: MoneyView | null;
  margin: string;
  loses: boolean;
  stock: number;
  days: string | null;
  warehouse: string | null;
  options: Record<string, string>;
  sources: number;
  standIn: boolean;
}

export interface WordingView {
  shown: string;
  held: boolean;
  notes: NoteView[];
}
