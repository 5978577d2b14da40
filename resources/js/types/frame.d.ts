// Written by `php artisan types` from the …View classes. Don't edit.

import type { LastStepView } from './bench';
import type { NextStepView } from './opening';

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
  next: NextStepView | null;
}

export interface StallLinkView {
  handle: string;
  name: string;
}
