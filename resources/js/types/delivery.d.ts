// Written by `php artisan types` from the …View classes. Don't edit.

import type { MoneyView } from './support';

export interface CoverView {
  country: string;
  said: string;
  parts: string[];
  postcodes: string;
}

export interface DeliveryPlaceView {
  id: number;
  home: boolean;
  said: string;
  name: string;
  covers: CoverView[];
  ways: DeliveryWayView[];
  rules: DeliveryRuleView[];
  tax: string;
  note: string;
  past: string;
  evenFrom: MoneyView | null;
}

export interface DeliveryRuleView {
  words: string;
  by: string;
  value: string;
  more: string;
}

export interface DeliveryWayView {
  name: string;
  charge: string;
  freeOver: string;
  by: string;
  written: Record<string, unknown>;
}

export interface KeepCellView {
  kind: string;
  keep: MoneyView | null;
  mend: string;
}

export interface KeepRowView {
  listing: number;
  title: string;
  cells: KeepCellView[];
}

export interface KeepSheetView {
  places: string[];
  rows: KeepRowView[];
  goods: number;
  more: boolean;
  holes: number;
  losses: number;
  most: number;
}

export interface PackingView {
  id: number;
  name: string;
  cutOff: string;
  packsFrom: number;
  packsTo: number;
  closed: string;
}

export interface PlacesDoneView {
  where: PlacesView;
  change: number | null;
  words: string;
}

export interface PlacesView {
  places: DeliveryPlaceView[];
  packing: PackingView[];
  closed: string;
  home: string;
  currency: string;
  pricedWith: string;
  working: string;
}

export interface TrialGoodView {
  variant: number;
  title: string;
  price: string;
  picture: string | null;
}

export interface TriedLineView {
  at: number;
  name: string;
  dates: string;
  charge: MoneyView;
  cost: MoneyView;
}

export interface TriedView {
  reasons: string[];
  goes: boolean;
  ways: TriedLineView[];
  dates: string;
  charge: MoneyView | null;
  delivery: MoneyView | null;
  goods: MoneyView | null;
  cost: MoneyView | null;
  taxAndFees: MoneyView | null;
  keep: MoneyView | null;
}
