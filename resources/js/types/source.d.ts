// Written by `php artisan types` from the …View classes. Don't edit.

import type { RejectView, RunView } from './runs';
import type { MoneyView } from './support';

export interface BlankView {
  areas: string[];
  methods: string[];
}

export interface CatalogueCountsView {
  items: number;
  variants: number;
  gone: number;
}

export interface ComparedView {
  id: number;
  title: string;
  supplier: string;
  code: string;
  variant: string;
  picture: string | null;
  taken: boolean;
  rows: Record<string, string | null>;
  loses: boolean;
  trouble: string | null;
}

export interface ComparisonView {
  items: ComparedView[];
  best: Record<string, number[]>;
  shared: string[];
  barcode: string;
}

export interface ConnectionStandsView {
  connected: boolean;
  pulled: string | null;
  news: string | null;
  missed: boolean;
  trouble: string | null;
}

export interface ConnectionView {
  id: number;
  name: string;
  pulled: string | null;
  trouble: string | null;
  run: RunView | null;
  paused: boolean;
  ready: boolean;
}

export interface FilterChoiceView {
  value: string;
  label: string;
  count: number;
  on: boolean;
}

export interface FilterView {
  key: string;
  label: string;
  many: boolean;
  choices: FilterChoiceView[];
}

export interface ItemRowView {
  id: number;
  code: string;
  title: string;
  category: string;
  supplier: string;
  picture: string | null;
  cost: MoneyView | null;
  goods: MoneyView | null;
  delivery: MoneyView | null;
  landed: MoneyView | null;
  days: string | null;
  from: string | null;
  stock: number;
  variants: number;
  rating: string | null;
  taken: boolean;
  warning: string | null;
  keep: MoneyView | null;
}

export interface ItemSheetView {
  id: number;
  code: string;
  title: string;
  words: string;
  pictures: string[];
  about: string;
  inHand: string;
  variants: SheetVariantView[];
  ways: WayView[];
  quantities: QuantityView[];
  cautions: string[];
  trouble: string | null;
  taken: boolean;
  market: string;
  twins: TwinView[];
  blank: BlankView | null;
  asksAt: string;
}

export interface KindView {
  kind: string;
  name: string;
  about: string;
  address: string;
  keyHint: string;
  mapped: boolean;
}

export interface LatestPullsView {
  runs: RunView[];
  rejects: RejectView[];
  rejectsRun: number | null;
}

export interface LinkedItemView {
  item: number;
}

export interface MappingAssumedView {
  warehouse: string;
  stock: number;
  grams: number;
  processingMin: number;
  processingMax: number;
  delivery: string;
}

export interface MappingColumnView {
  name: string;
  values: string[];
  guess: string | null;
  confidence: number;
  why: string;
  field: string | null;
}

export interface MappingCurrencyView {
  code: string;
  all: string[];
}

export interface MappingFieldsView {
  words: Record<string, string>;
  many: string[];
}

export interface MappingFiguresView {
  decimal: string;
  doubt: string | null;
  kilograms: boolean;
}

export interface MappingPreviewView {
  words: string;
  items: PreviewItemView[];
  rejects: RejectView[];
  rejected: number;
  lacks: string | null;
  delivery: string;
  delivered: boolean;
}

export interface MappingSourceView {
  about: string;
  rows: number;
  parts: string[];
  part: string;
  reading: TableReadingView | null;
}

export interface MappingView {
  connection: number;
  supplier: string;
  source: MappingSourceView;
  known: boolean;
  columns: MappingColumnView[];
  fields: MappingFieldsView;
  figures: MappingFiguresView;
  currency: MappingCurrencyView;
  assumed: MappingAssumedView;
  preview: MappingPreviewView;
}

export interface MarketView {
  code: string;
  name: string;
  home: boolean;
  landed: boolean;
}

export interface MovingHomeView {
  run: RunView | null;
}

export interface PreviewItemView {
  code: string;
  title: string;
  about: string;
  picture: string | null;
  variants: string[];
  more: number;
}

export interface PullRhythmView {
  schedule: string;
  schedules: Record<string, string>;
  paused: boolean;
  next: string | null;
  tellsWhatMoves: boolean;
  movingEvery: number | null;
}

export interface QuantityView {
  pieces: number;
  goods: MoneyView;
  delivery: MoneyView;
  landed: MoneyView;
  each: MoneyView;
}

export interface SavedSearchView {
  id: number;
  name: string;
  url: string;
}

export interface SearchView {
  words: string;
  instead: string | null;
  sort: string;
  sorts: Record<string, string>;
  found: number;
  filters: FilterView[];
  trial: string | null;
  trialWords: string | null;
  narrowed: number;
}

export interface SheetVariantView {
  id: string;
  label: string;
  sku: string;
  barcode: string | null;
  cost: MoneyView;
  landed: MoneyView | null;
  stock: string;
}

export interface SupplierTableView {
  mapped: boolean;
  ready: boolean;
  sent: boolean;
}

export interface SupplierView {
  id: number;
  name: string;
  about: string;
  address: string;
  table: SupplierTableView;
  rhythm: PullRhythmView;
  stands: ConnectionStandsView;
  has: CatalogueCountsView;
  pulls: LatestPullsView;
  ending: string;
}

export interface TableReadingView {
  delimiter: string;
  encoding: string;
  head: string;
}

export interface TwinView {
  id: number;
  title: string;
  supplier: string;
}

export interface WayView {
  warehouse: string;
  method: string;
  price: MoneyView;
  days: string;
  dates: string;
  stock: number;
}
