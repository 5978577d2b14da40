// Written by `php artisan types` from the …View classes. Don't edit.

import type { ChoiceView } from './support';

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
