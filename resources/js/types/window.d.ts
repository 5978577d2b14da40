// Written by `php artisan types` from the …View classes. Don't edit.

import type { ChoiceView, SearchCutView } from './support';

export interface AuditView {
  findings: FindingView[];
  figures: Record<string, string>;
  weighs: string;
  weights: WeightView[];
}

export interface ColoursView {
  colours: string[];
}

export interface CornerTagsView {
  rules: TagRuleView[];
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
  trial: HalvesView | null;
}

export interface GoodsPageView {
  id: number;
  of: string;
  title: string;
  stands: string;
  shown: boolean;
}

export interface HalvesView {
  verdict: string;
  words: string[];
}

export interface HeroChoiceView {
  id: number;
  title: string;
  picture: string;
  price: string;
}

export interface LaidPageView {
  kind: string;
  title: string;
  id: number | null;
  stands: string;
  shown: boolean;
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

export interface OutsideScriptView {
  id: number;
  name: string;
  purpose: string;
  address: string;
  hosts: string;
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
  goods: GoodsPageView[];
  types: string[];
  only: SoldOnlyView;
  tags: CornerTagsView;
  notes: WrittenNoteView[];
  laid: LaidPageView[];
  scripts: OutsideScriptView[];
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
  half: string;
  words: string;
}

export interface SoldOnlyView {
  listing: number | null;
  goods: Record<number, string>;
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

export interface TagRuleView {
  kind: string;
  on: boolean;
  number: number;
  tag: string;
  before: string;
  after: string;
  stands: string;
  least: number | null;
  most: number | null;
  choices: Record<number, string>;
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

export interface WrittenNoteView {
  id: number;
  title: string;
  day: string;
  stands: string;
  shown: boolean;
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
  datedOn: string;
}
