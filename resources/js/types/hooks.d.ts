// Written by `php artisan types` from the …View classes. Don't edit.

import type { ChoiceView } from './support';

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
