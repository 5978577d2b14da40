// Written by `php artisan types` from the …View classes. Don't edit.

import type { MoneyView } from './support';

export interface AskedLineView {
  theirs: boolean;
  words: string;
  when: string;
  waits: boolean;
}

export interface AskedRowView {
  id: number;
  supplier: string;
  about: string;
  stands: string;
  when: string;
  new: boolean;
  open: boolean;
}

export interface AskedView {
  id: number;
  supplier: string;
  about: string;
  item: string;
  stands: string;
  open: boolean;
  waits: boolean;
  facts: string[];
  link: string | null;
  picture: string | null;
  trouble: string | null;
  said: AskedLineView[];
  offers: SupplierOfferView[];
}

export interface BuyerView {
  id: number;
  name: string;
  town: string;
  email: string;
  came: string;
  spent: MoneyView;
  kept: MoneyView | null;
  first: string;
  last: string;
}

export interface CounterDeskView {
  headline: string;
  needs: NeedView[];
  more: number;
  days: DeskDayView[];
  now: number;
  underWay: UnderWayView[];
  open: number;
  orders: number;
  letters: number;
  unpaid: number;
  shopUrl: string;
}

export interface DeskDayView {
  name: string;
  at: number;
}

export interface LaidInView {
  code: string;
  name: string;
  cost: string;
}

export interface LeftBasketView {
  id: number;
  when: string;
  shopper: string;
  goods: string;
  picture: string | null;
  total: MoneyView;
  keep: MoneyView;
  agreed: boolean;
  reminded: string;
}

export interface LeftBasketsView {
  baskets: LeftBasketView[];
  keep: MoneyView;
  days: number;
  told: number;
  back: number;
  words: string;
  hours: number;
}

export interface LetterRowView {
  id: number;
  name: string;
  words: string;
  when: string;
  open: boolean;
}

export interface LetterView {
  id: number;
  name: string;
  email: string;
  order: number | null;
  orderNumber: number | null;
  open: boolean;
  waits: string;
  person: number | null;
  thread: ThreadLineView[];
  pieces: TextPieceView[];
}

export interface NeedView {
  key: string;
  kind: string;
  order: number;
  number: number;
  picture: string | null;
  title: string;
  about: string;
  ways: NeedWayView[];
}

export interface NeedWayView {
  name: string;
  about: string;
  button: string;
  keeps: string;
  loses: boolean;
  address: string;
  data: Record<string, unknown> | null;
}

export interface OrderLineView {
  id: number;
  title: string;
  label: string;
  sku: string;
  picture: string | null;
  quantity: number;
  unit: MoneyView;
  total: MoneyView;
  left: number;
  given: string;
}

export interface OrderPartView {
  name: string;
  money: MoneyView;
  more: string;
}

export interface OrderRowView {
  id: number;
  number: number;
  when: string;
  shopper: string;
  goods: string;
  picture: string | null;
  total: MoneyView;
  back: MoneyView | null;
  keep: MoneyView | null;
  costConfirmed: boolean;
  stateWords: string;
  trouble: boolean;
}

export interface OrderStripView {
  about: string;
  paid: MoneyView;
  parts: OrderPartView[];
  keeps: MoneyView;
  expected: MoneyView;
  difference: MoneyView;
  reasons: OrderPartView[];
  sure: boolean;
}

export interface OrderView {
  id: number;
  number: number;
  state: string;
  stateWords: string;
  when: string;
  email: string;
  address: string[];
  isPerson: boolean;
  told: string[];
  unmailed: boolean;
  papers: PaperView[];
  lines: OrderLineView[];
  goods: MoneyView;
  discount: MoneyView | null;
  way: string;
  delivery: MoneyView;
  tax: MoneyView;
  total: MoneyView;
  worth: MoneyView | null;
  supplierOrders: SupplierOrderView[];
  strip: OrderStripView | null;
  needs: NeedView[];
  refunds: RefundView[];
  returns: ReturnView[];
  key: string;
  shared: string[];
  costConfirmed: boolean;
  trouble: string | null;
  statusUrl: string;
  canRefund: boolean;
  refundable: MoneyView;
  deliveryLeft: MoneyView;
  home: string;
  paidBy: string;
  taxNote: string;
  disputed: string;
}

export interface PaperView {
  words: string;
  address: string;
}

export interface ParcelView {
  id: number;
  number: number;
  goods: string;
  carrier: string;
  tracking: string | null;
  stands: string;
  there: boolean;
  late: boolean;
  posted: string;
  promised: string;
  events: string[];
  outlook: string;
}

export interface PayMethodView {
  method: string;
  words: string;
  on: boolean;
  to: string;
  fee: string;
  ownFee: boolean;
  written: WrittenMethodView;
}

export interface PaymentView {
  live: boolean;
  ownTest: boolean;
  hasLive: boolean;
  heard: string;
  newsTo: string;
  methods: PayMethodView[];
  currency: string;
  straight: boolean;
  additionMinutes: number;
  additionsBy: string[];
}

export interface RefundTryView {
  total: MoneyView | null;
  tax: MoneyView | null;
  keeps: MoneyView | null;
  trouble: string;
}

export interface RefundView {
  total: MoneyView;
  what: string;
  when: string;
  done: boolean;
}

export interface ReturnView {
  id: number;
  goods: string;
  reason: string;
  words: string;
  picture: string | null;
  state: string;
  stateWords: string;
  when: string;
  to: string;
  answer: string;
  back: MoneyView | null;
  instead: string;
  exchange: number | null;
  exchangeNumber: number | null;
}

export interface StepView {
  words: string;
  at: string | null;
}

export interface SupplierAccountView {
  id: number;
  name: string;
  pays: string;
  sentence: string;
  short: boolean;
  figures: string[];
  settle: string;
  settleWords: string;
  warnDays: number;
  billDays: number;
  mostPieces: number | null;
  extras: LaidInView[];
  offersExtras: boolean;
  tells: boolean;
  ahead: string[];
}

export interface SupplierOfferView {
  id: number;
  words: string;
  sentence: string;
  figures: string[];
  state: string;
  button: string;
  became: string;
  item: number | null;
  fetched: boolean;
}

export interface SupplierOrderView {
  id: number;
  supplier: string;
  state: string;
  stateWords: string;
  reference: string | null;
  goods: MoneyView;
  delivery: MoneyView;
  laidIn: MoneyView | null;
  costConfirmed: boolean;
  steps: StepView[];
  goodsWords: string;
  parcels: ParcelView[];
  promised: string | null;
  trouble: string | null;
  canTryAgain: boolean;
  canCancel: boolean;
}

export interface TextPieceView {
  id: number;
  name: string;
  words: string;
  filled: string;
}

export interface ThreadLineView {
  key: string;
  kind: string;
  words: string;
  when: string;
  link: string | null;
}

export interface UnderWayView {
  order: number;
  number: number;
  goods: string;
  supplier: string;
  tone: string;
  paid: number;
  posted: number | null;
  promised: number | null;
  there: number | null;
  note: string;
}

export interface WrittenMethodView {
  on: boolean;
  countries: string[];
  least: string;
  most: string;
  fee: string;
  fixed: string;
}
