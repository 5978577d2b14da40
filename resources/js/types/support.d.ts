// Written by `php artisan types` from the …View classes. Don't edit.

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
