// Written by `php artisan types` from the …View classes. Don't edit.

import type { RunView } from './runs';
import type { MoneyView, SearchCutView } from './support';

export interface AgreedView {
  words: string;
  left: string[];
  first: FirstShopView;
}

export interface FirstGoodsView {
  id: number;
  title: string;
  words: string;
  picture: string | null;
  supplier: string;
  price: MoneyView | null;
  keep: MoneyView | null;
  days: string;
  rating: string | null;
  leftOut: boolean;
  lacks: string[];
}

export interface FirstShopView {
  supplied: boolean;
  name: string;
  sentence: string;
  colours: string[];
  run: RunView | null;
  goods: FirstGoodsView[];
  ways: LaidWayView[];
  shown: boolean;
}

export interface LaidWayView {
  way: number;
  words: string;
  look: string;
  front: string;
  goods: string;
}

export interface LeftItemView {
  stops: boolean;
  head: string;
  words: string;
  href: string;
  button: string;
  here: boolean;
}

export interface NextStepView {
  step: string;
  words: string;
  href: string;
  how: string;
}

export interface OnlookerView {
  id: number;
  name: string;
  code: string;
  address: string;
  seen: string;
}

export interface OpensView {
  at: string;
  words: string;
}

export interface RehearsedView {
  when: string;
  running: boolean;
  broken: boolean;
  shoppers: RolledShopperView[];
  took: string;
  night: string;
  since: string[];
}

export interface RolledShopperView {
  head: string;
  steps: RolledStepView[];
}

export interface RolledStepView {
  at: string;
  outcome: string;
  words: string;
  read: string;
  href: string;
}

export interface SeenPageView {
  cut: SearchCutView;
  picture: boolean;
  amiss: string[];
  href: string;
}

export interface SeenView {
  head: string;
  about: string;
  pages: SeenPageView[];
}

export interface WhatIsLeftView {
  head: string;
  items: LeftItemView[];
  stands: string[];
  open: boolean;
  stops: number;
  opens: OpensView;
}
