// Written by `php artisan types` from the …View classes. Don't edit.

export interface ChangeView {
  kind: string;
  about: string;
  before: string;
  after: string;
  effect: string;
  bad: boolean;
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

export interface ListingView {
  id: number;
  version: number;
  state: string;
  stateWords: string;
  supplier: SupplierSaysView;
  title: string;
  titleHeld: boolean;
  titleNotes: NoteView[];
  words: string;
  wordsHeld: boolean;
  junk: NoteView[];
  pictures: PicturesView;
  pricedBy: PricedByView;
  options: OptionView[];
  dropped: string[];
  variants: VariantRowView[];
  sales: (SaleView | null)[];
  order: OwnOrderView;
  search: InSearchView;
  lacks: LackView[];
  changes: ChangeView[];
  held: number;
  drafts: string[];
  products: number;
  last: LastStepView | null;
  previewUrl: string;
  shopUrl: string | null;
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

export interface OwnOrderView {
  type: string;
  tags: string[];
  maker: string;
  notes: string;
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

export interface DeskView {
  headline: string;
  groups: GroupView[];
  aside: SetAsideView[];
  quiet: number;
  undo: number | null;
  undoWords: string;
  words: string;
  underFloor: boolean;
}

export interface FactRuleView {
  fact: string;
  words: string;
  policy: string;
  choices: ChoiceView[];
}

export interface GroupView {
  key: string;
  headline: string;
  effect: string;
  bad: boolean;
  why: string;
  agree: string;
  keep: string;
  prices: string;
  keeps: string;
  month: string;
  pieces: number;
}

export interface HistoryView {
  moments: MomentView[];
  rules: ListingRulesView;
}

export interface LineView {
  id: number;
  listing: number;
  title: string;
  variant: string;
  picture: string | null;
  kind: string;
  before: string;
  after: string;
  price: string;
  keep: string;
  bad: boolean;
  rule: string;
  history: number[];
  historyWords: string;
  settable: boolean;
  standing: string;
  when: string;
}

export interface ListingRulesView {
  facts: FactRuleView[];
  keptBack: number | null;
  suppliers: number;
}

export interface MomentView {
  at: string;
  ago: string;
  voice: string;
  who: string;
  about: string;
  before: string;
  after: string;
  came: string;
  settable: number | null;
}

export interface RehearsalRowView {
  words: string;
  happened: string;
  now: string;
  tried: string;
  differs: boolean;
}

export interface RehearsalView {
  run: number;
  open: boolean;
  percent: number | null;
  trouble: string | null;
  sentence: string;
  rows: RehearsalRowView[];
  pulls: string[];
}

export interface RuleDoneView {
  standing: string;
  words: string;
  rule: string;
  decided: string;
  titles: string;
}

export interface RulesSheetView {
  all: RulesView;
  suppliers: RulesView[];
  digestHour: number | null;
  digestZone: string;
}

export interface RulesView {
  connection: number | null;
  supplier: string;
  facts: FactRuleView[];
  band: string;
  floor: string;
  floors: ChoiceView[];
  pulls: number;
  guards: Record<string, string>;
  keptBack: number;
}

export interface RunDoneView {
  when: string;
  came: string[];
  done: RuleDoneView[];
}

export interface SetAsideView {
  run: number;
  connection: number;
  headline: string;
  more: string[];
  effect: string;
  samples: string[];
  missing: string[];
  counts: number[];
}

export interface SetBackView {
  say: string;
}

export interface TriedRulesView {
  sheet: RulesSheetView;
  rehearsal: RehearsalView;
}

export interface FoundView {
  kind: string;
  label: string;
  detail: string;
  url: string;
}

export interface FrameView {
  person: string;
  stalls: StallLinkView[];
  handle: string | null;
  name: string | null;
  brand: string | null;
  shade: string | null;
  currency: string | null;
  clock: string | null;
  shopUrl: string | null;
  shopOpen: boolean;
  onBench: number;
  prints: boolean;
  drifting: number;
  toDecide: number;
  underFloor: number;
  singleKeys: boolean;
  explained: string[];
  last: LastStepView | null;
}

export interface StallLinkView {
  handle: string;
  name: string;
}

export interface DeliveryView {
  id: number;
  event: string;
  when: string;
  state: string;
  words: string;
  body: string;
}

export interface HookView {
  id: number;
  address: string;
  when: string;
  deliveries: DeliveryView[];
}

export interface HooksView {
  hooks: HookView[];
  events: ChoiceView[];
}

export interface MadeHookView {
  secret: string;
  hooks: HooksView;
}

export interface CodeView {
  id: number;
  code: string;
  singles: boolean;
  made: number;
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

export interface ShelfChoiceView {
  id: number;
  name: string;
}

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

export interface RejectView {
  row: number;
  column: string;
  value: string;
  reason: string;
}

export interface RunView {
  id: number;
  state: string;
  open: boolean;
  doing: string;
  done: number;
  total: number | null;
  percent: number | null;
  result: string;
  trouble: string | null;
  rejects: number;
  notes: string[];
  when: string;
  took: string;
}

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

export interface RecipeFormView {
  basis: string;
  steps: StepFormView[];
  ending: string;
  every: string;
  toward: string;
  floorKind: string;
  floor: string;
  cap: string;
  words: string;
  nextStep: string;
  begins: Record<string, string>;
}

export interface StepFormView {
  upTo: string;
  method: string;
  value: string;
}

export interface MadeTokenView {
  token: string;
}

export interface PersonView {
  name: string;
  email: string;
  signIns: SignInView[];
}

export interface SettingsView {
  name: string;
  shopAddress: string;
  country: string;
  homeMarket: string;
  currency: string;
  promiseDays: number;
  zone: string;
  tokens: TokenView[];
  apiAddress: string;
}

export interface SignInView {
  id: string;
  place: string;
  address: string;
  since: string;
  seen: string;
  here: boolean;
}

export interface TokenView {
  id: number;
  name: string;
  made: string;
  used: string | null;
  decides: boolean;
}

export interface ChoiceView {
  value: string;
  label: string;
}

export interface MoneyView {
  minor: number;
  currency: string;
  text: string;
  digits: string;
  absolute: string;
  sign: number;
}

export interface SearchCutView {
  title: string;
  words: string;
  titleCut: boolean;
  wordsCut: boolean;
  address: string;
}

export interface AuditView {
  findings: FindingView[];
  figures: Record<string, string>;
  weighs: string;
  weights: WeightView[];
}

export interface ColoursView {
  colours: string[];
}

export interface DrawnGroundView {
  key: string;
  words: string;
  picture: string;
}

export interface FieldView {
  name: string;
  label: string;
  type: string;
  most: number;
  choices: ChoiceView[];
  begin: string | number | null;
  each: FieldView[];
}

export interface FindingView {
  key: string;
  section: string | null;
  words: string;
  why: string;
  mend: MendView | null;
}

export interface FirstVersionView {
  heroes: HeroChoiceView[];
}

export interface FrontView {
  choices: LookChoicesView;
  shopUrl: string;
}

export interface GalleyView {
  version: number;
  look: LookView;
  notes: MarginNoteView[];
  standing: StandingView;
  sheetUrl: string;
  skipped: string[];
}

export interface HeroChoiceView {
  id: number;
  title: string;
  picture: string;
  price: string;
}

export interface LanguagesView {
  own: string;
  known: Record<string, string>;
  markets: MarketLanguagesView[];
  spoken: SpokenLanguageView[];
}

export interface LogoView {
  path: string;
  width: number;
  height: number;
  url: string;
}

export interface LookChoicesView {
  choices: Record<string, ChoiceView[]>;
}

export interface LookView {
  name: string;
  wordmark: string;
  logo: LogoView | null;
  logoOnDark: LogoView | null;
  sign: string;
  colours: string[];
  choices: Record<string, string>;
  tones: Record<string, string>;
  contrast: string;
  moved: string[];
  pair: string;
  shape: string;
  pictures: string;
}

export interface LooksView {
  starters: OfferedLookView[];
  kept: OfferedLookView[];
}

export interface MarginNoteView {
  id: string;
  kind: string;
  label: string;
  summary: string;
  figure: string;
  stays: string | null;
  sentence: SentencePartView[];
  settings: Record<string, unknown>;
  showing: ShowingView;
}

export interface MarketLanguagesView {
  market: string;
  name: string;
  languages: string[];
  addresses: string[];
}

export interface MendView {
  words: string;
  do: string;
  section: string;
  field: string;
  row: number | null;
  part: string;
  value: string | number | null;
}

export interface OfferedLookView {
  name: string;
  about: string;
  look: Record<string, unknown>;
  url: string;
  tones: Record<string, string>;
  id: number | null;
  key: string | null;
}

export interface OpenPreviewView {
  id: number;
  for: string;
  since: string;
}

export interface OwnFilmView {
  id: number;
  name: string;
}

export interface OwnPictureView {
  id: number;
  url: string;
  whole: string | null;
  alt: string;
  width: number;
  height: number;
  x: number;
  y: number;
  zoom: number;
  cut: string;
  used: string[];
}

export interface PagesView {
  pages: WrittenPageView[];
  missing: Record<string, string>;
  policies: PoliciesView;
}

export interface ParticularsView {
  trader: string;
  street: string;
  town: string;
  postcode: string;
  country: string;
  email: string;
  phone: string;
  register: string;
  taxNumber: string;
  returnDays: string;
  returnBy: string;
  keepYears: string;
  leastDays: number;
}

export interface PatchView {
  places: Record<string, string[]>;
  html: Record<string, string>;
  css: string | null;
  sheet: string;
  classes: string;
}

export interface PhraseRoomView {
  room: string;
  heading: string;
  phrases: number;
  missing: number;
  drafted: number;
}

export interface PhraseView {
  phrase: string;
  said: string;
  drafted: boolean;
  place: string;
  address: string;
  times: number;
}

export interface PoliciesView {
  particulars: ParticularsView;
  policies: PolicyView[];
}

export interface PolicyView {
  kind: string;
  heading: string;
  clauses: string[];
  blanks: string[];
  number: number | null;
  published: string | null;
  differs: SaidOtherwiseView[];
  stale: string[];
  besides: string;
}

export interface PreviewAddressView {
  address: string;
}

export interface ReachView {
  goods: WindowGoodView[];
  tags: ChoiceView[];
  shelves: ChoiceView[];
  pages: ChoiceView[];
  pictures: OwnPictureView[];
  currency: string;
}

export interface SaidLookView {
  understood: ChoiceView[];
  missed: string[];
  looks: OfferedLookView[];
}

export interface SaidOtherwiseView {
  said: string;
  now: string;
}

export interface SavedCopyView {
  version: number;
  notes: MarginNoteView[];
  look: LookView | null;
  standing: StandingView;
  patch: PatchView;
  meeting: string | null;
  merged: Record<string, unknown> | null;
}

export interface SectionKindView {
  key: string;
  label: string;
  fields: FieldView[];
  defaults: Record<string, unknown>;
  always: boolean;
}

export interface SentLogoView {
  id: number;
  waits: boolean;
  trouble: string | null;
  logo: LogoView | null;
}

export interface SentencePartView {
  text: string;
  field: string | null;
}

export interface ShowingView {
  hidden: boolean;
  on: string;
  from: string;
  until: string;
  words: string;
}

export interface SpokenLanguageView {
  language: string;
  name: string;
  missing: number;
  phrases: number;
  rooms: PhraseRoomView[];
}

export interface StandingView {
  changes: number;
  words: string;
  sample: string;
  due: string | null;
  dueId: number | null;
}

export interface VersionView {
  id: number;
  words: string;
  when: string;
  url: string;
}

export interface VersionsView {
  versions: VersionView[];
  previews: OpenPreviewView[];
}

export interface WeightView {
  words: string;
  weighs: string;
  share: number;
}

export interface WindowGoodView {
  id: number;
  title: string;
}

export interface WrittenPageView {
  id: number;
  kind: string;
  title: string;
  slug: string;
  address: string;
  searchTitle: string;
  searchWords: string;
  cut: SearchCutView;
  hidden: boolean;
  shown: boolean;
  stands: string;
}
