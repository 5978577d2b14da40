// Written by `php artisan types` from the …View classes. Don't edit.

import type { MoneyView } from './support';

export interface CodeView {
  id: number;
  code: string;
  singles: boolean;
  made: number;
  forSignUps: boolean;
  off: string;
  terms: string[];
  stands: string;
  runs: boolean;
  uses: number;
  written: Record<string, unknown>;
}

export interface CodesView {
  codes: CodeView[];
  shelves: ShelfChoiceView[];
  goods: ShelfChoiceView[];
  currency: string;
  effect: string;
}

export interface SetOfferView {
  apart: MoneyView;
  keep: MoneyView | null;
  keepApart: MoneyView | null;
  words: string;
}

export interface ShelfChoiceView {
  id: number;
  name: string;
}
