// Written by `php artisan types` from the …View classes. Don't edit.

import type { RunView } from './runs';
import type { MoneyView, SearchCutView } from './support';

export interface ClauseView {
  field: string;
  asks: string;
  not: boolean;
  names: string[];
  from: string;
  to: string;
  words: string;
}

export interface FieldChoiceView {
  field: string;
  asks: string;
  label: string;
  unit: string;
  names: Record<string, string>;
}

export interface FilingAnswerView {
  names: FilingView[];
  more: boolean;
  change: number | null;
  words: string;
  run: RunView | null;
}

export interface FilingView {
  kind: string;
  name: string;
  listings: number;
}

export interface MadeShelfView {
  shelf: number;
}

export interface ProposalView {
  by: string;
  named: string;
  name: string;
  why: string;
  picture: string | null;
  goods: number;
  listings: number[];
}

export interface ReasonView {
  words: string;
  holds: boolean;
  had: string;
}

export interface RuleChoicesView {
  fields: FieldChoiceView[];
  standings: Record<string, string>;
}

export interface RulePartView {
  join: string;
  clauses: ClauseView[];
}

export interface RuleView {
  join: string;
  parts: RulePartView[];
}

export interface SearchedView {
  words: string;
  times: number;
  like: string | null;
  shelf: string | null;
  shelfId: number | null;
  items: number;
}

export interface SearchesView {
  searches: SearchedView[];
  synonyms: SynonymView[];
}

export interface ShelfGoodView {
  id: number;
  title: string;
  picture: string | null;
  price: MoneyView | null;
  keep: MoneyView | null;
  loses: boolean;
  buyable: boolean;
  stock: number;
  place: string;
}

export interface ShelfRowView {
  id: number;
  name: string;
  picture: string | null;
  ruled: boolean;
  fills: string;
  standing: string;
  goods: number;
  buyable: number;
  remarks: string[];
}

export interface ShelfView {
  id: number;
  name: string;
  slug: string;
  address: string;
  version: number;
  rule: RuleView | null;
  fills: string;
  standing: string;
  words: string;
  searchTitle: string;
  searchWords: string;
  cut: SearchCutView;
  cover: number | null;
  count: number;
  gone: number;
  further: number;
  goods: ShelfGoodView[];
}

export interface ShelvesView {
  shelves: ShelfRowView[];
  proposals: ProposalView[];
  homeless: number;
  all: number;
}

export interface SynonymView {
  id: number;
  word: string;
  means: string;
}

export interface WhyView {
  listing: number;
  title: string;
  picture: string | null;
  on: boolean;
  place: string;
  because: string;
  reasons: ReasonView[];
}
