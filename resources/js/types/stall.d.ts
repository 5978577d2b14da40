// Written by `php artisan types` from the …View classes. Don't edit.

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
