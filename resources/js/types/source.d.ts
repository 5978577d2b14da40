// Written by `php artisan types` from the …View classes. Don't edit.

import type { RejectView, RunView } from './runs';
import type { MoneyView } from './support';

export interface BlankView {
  areas: string[];
  methods: string[];
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

export interface LinkedItemView {
  item: number;
}

export interface MappingColumnView {
  name: string;
  values: string[];
  guess: string | null;
  confidence: number;
  why: string;
  field: string | null;
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

export interface MappingView {
  connection: number;
  supplier: string;
  about: string;
  rows: number;
  known: boolean;
  columns: MappingColumnView[];
  fields: Record<string, string>;
  many: string[];
  decimal: string;
  doubt: string | null;
  kilograms: boolean;
  currency: string;
  currencies: string[];
  warehouse: string;
  stock: number;
  grams: number;
  processingMin: number;
  processingMax: number;
  delivery: string;
  preview: MappingPreviewView;
  parts: string[];
  part: string;
  reading: TableReadingView | null;
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

export interface SupplierView {
  id: number;
  name: string;
  about: string;
  address: string;
  mapped: boolean;
  sent: boolean;
  ready: boolean;
  schedule: string;
  schedules: Record<string, string>;
  paused: boolean;
  connected: boolean;
  pulled: string | null;
  next: string | null;
  news: string | null;
  missed: boolean;
  trouble: string | null;
  items: number;
  variants: number;
  gone: number;
  runs: RunView[];
  rejects: RejectView[];
  rejectsRun: number | null;
  ending: string;
  tellsWhatMoves: boolean;
  movingEvery: number | null;
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
