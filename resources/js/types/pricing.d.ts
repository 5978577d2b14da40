// Written by `php artisan types` from the …View classes. Don't edit.

import type { SaleView } from './bench';
import type { RunView } from './runs';
import type { RecipeFormView } from './stall';
import type { ChoiceView, MoneyView } from './support';

export interface BoardAnswerView {
  change: number | null;
  words: string;
  rows: BoardRowView[];
  counts: Record<string, number>;
  run: RunView | null;
}

export interface BoardRowView {
  id: number;
  listing: number;
  title: string;
  label: string;
  picture: string | null;
  inWindow: boolean;
  goods: MoneyView | null;
  delivery: MoneyView | null;
  landed: MoneyView | null;
  price: MoneyView | null;
  was: MoneyView | null;
  keep: MoneyView | null;
  margin: string;
  recipe: string;
  byHand: boolean;
  aboveFloor: MoneyView | null;
  underFloor: boolean;
  knowingly: boolean;
  floorOverCap: boolean;
  dearParcel: boolean;
  since: string | null;
}

export interface BoardView {
  rows: BoardRowView[];
  counts: Record<string, number> | null;
  market: string;
  words: string;
  case: string;
  recipe: number | null;
  recipeName: string;
  state: string;
  sort: string;
  down: boolean;
  page: number;
  more: boolean;
  home: boolean;
}

export interface BuiltInView {
  name: string;
  now: MoneyView;
  then: MoneyView;
  more: string;
}

export interface CostFieldView {
  key: string;
  value: string;
  effect: string;
}

export interface CostSheetView {
  fields: CostFieldView[];
  taxOnTop: boolean;
  rates: RateView[];
  cushion: string;
  cushionEffect: string;
  markets: MarketTermsView[];
  currencies: string[];
  sample: number | null;
  samples: Record<number, string>;
  sale: SaleView | null;
  freeOver: string;
  currency: string;
}

export interface CostsAnswerView {
  sheet: CostSheetView;
  change: number | null;
  words: string;
  run: number | null;
}

export interface CurveMarkView {
  kind: string;
  name: string;
  price: number;
  text: string;
}

export interface CurvePointView {
  price: number;
  keep: number;
  priceText: string;
  digits: string;
  keepText: string;
  margin: string;
}

export interface FreeDeliveryView {
  over: MoneyView | null;
  figures: string[];
  charged: string;
  builtIn: BuiltInView[];
  builtInWords: string;
  carried: MoneyView | null;
}

export interface LadderView {
  typed: TypedRungView[];
  rungs: RungView[];
  about: string;
  next: TypedRungView | null;
}

export interface MarketTermsView {
  market: string;
  name: string;
  home: boolean;
  prices: string;
  currency: string;
  ending: string;
  duty: string;
  dutyOn: string;
  tax: string;
  taxOnTop: boolean;
  charged: string;
  effect: string;
}

export interface MoveView {
  variant: number;
  name: string;
  before: MoneyView;
  after: MoneyView;
  moved: string;
  crossed: string;
}

export interface PricingDoneView {
  id: number;
  words: string;
  at: string;
  by: string;
  undone: boolean;
}

export interface RateView {
  from: string;
  rate: string;
  day: string;
  typed: boolean;
  used: boolean;
}

export interface RecipeChoicesView {
  suppliers: Record<string, string>;
  types: string[];
  tags: string[];
  markets: Record<string, string>;
  methods: string[];
}

export interface RecipeRowView {
  id: number;
  name: string;
  last: boolean;
  recipe: RecipeFormView;
  conditions: Record<string, unknown>;
  when: string;
  variants: number;
  under: number;
  spread: number[];
  floorBand: number | null;
  middle: string;
  borders: string[];
}

export interface RecipesAnswerView {
  recipes: RecipeRowView[];
  change: number;
  words: string;
  run: number | null;
}

export interface RungView {
  pieces: number;
  total: MoneyView;
  perPiece: MoneyView;
  keep: MoneyView;
  margin: string;
  climb: string;
  warning: string | null;
}

export interface TaxClassView {
  by: string;
  value: string;
  name: string;
  class: string;
  words: string;
}

export interface TaxMarketView {
  country: string;
  name: string;
  home: boolean;
  standard: string;
  delivery: string;
  deliveryAs: string;
  rounding: string;
  roundingBy: string;
  reverse: boolean;
  soFar: string;
  over: boolean;
  threshold: string;
  currency: string;
  rates: TaxRateView[];
  known: boolean;
}

export interface TaxRateView {
  id: number;
  where: string;
  class: string;
  rate: string;
  from: string;
  source: string;
  parts: string[];
  postcodes: string;
  share: string;
  day: string;
  ahead: boolean;
}

export interface TaxesView {
  markets: TaxMarketView[];
  classes: TaxClassView[];
  types: string[];
  classChoices: ChoiceView[];
  deliveryChoices: ChoiceView[];
  roundingChoices: ChoiceView[];
  change: number | null;
  words: string;
}

export interface TrialDoneView {
  change: number;
  words: string;
  run: number | null;
  trial: TrialView;
  done: PricingDoneView[];
}

export interface TrialFiguresView {
  variants: number;
  up: number;
  down: number;
  underBefore: number;
  underAfter: number;
  fallen: number;
  unpriced: number;
  keptBefore: MoneyView;
  keptAfter: MoneyView;
  sold: number;
  biggest: MoveView[];
  bands: number[];
  before: number[];
  after: number[];
  words: string;
  took: string;
  markets: TrialMarketView[] | null;
}

export interface TrialMarketView {
  market: string;
  name: string;
  up: number;
  down: number;
  underBefore: number;
  underAfter: number;
  unpriced: number;
}

export interface TrialRecipeView {
  id: number;
  name: string;
  recipe: RecipeFormView;
  changed: boolean;
}

export interface TrialSupplierView {
  id: number;
  name: string;
  dearer: string;
}

export interface TrialView {
  id: number | null;
  fields: Record<string, string>;
  fieldsNow: Record<string, string>;
  rates: Record<string, string>;
  ratesNow: Record<string, string>;
  recipes: TrialRecipeView[];
  suppliers: TrialSupplierView[];
  figures: TrialFiguresView | null;
  currency: string;
  canApply: boolean;
  tried: number;
  variants: number;
}

export interface TypedRungView {
  pieces: number;
  kind: string;
  value: string;
  words: string;
}

export interface VariantSheetView {
  id: number;
  listing: number;
  title: string;
  label: string;
  price: MoneyView | null;
  recipePrice: MoneyView | null;
  byHand: boolean;
  was: MoneyView | null;
  underFloor: boolean;
  knowingly: boolean;
  sales: SaleView[];
  points: CurvePointView[];
  marks: CurveMarkView[];
  recipeName: string;
  recipe: RecipeFormView;
  ownRecipe: boolean;
  reasons: string[];
  story: string[];
  breakEvenAdvertising: string | null;
  trouble: string | null;
}
