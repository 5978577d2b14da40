// Written by `php artisan types` from the …View classes. Don't edit.

export interface BroughtInView {
  words: string;
  left: string[];
}

export interface DraftedAnswerView {
  words: string;
}

export interface QuestionView {
  id: number;
  words: string;
  about: string;
  listing: number;
  when: string;
  answer: string;
  kept: boolean;
  mayShow: boolean;
  putBy: boolean;
  caution: string;
}

export interface ReviewRowView {
  id: number;
  stars: number;
  words: string;
  who: string;
  about: string;
  when: string;
  pictures: string[];
  state: string;
  stands: string;
  answer: string;
  listing: number;
}

export interface ReviewsView {
  counts: Record<string, number>;
  state: string | null;
  after: number | null;
  reasons: Record<string, string>;
  questions: number;
}
