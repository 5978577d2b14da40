// Written by `php artisan types` from the …View classes. Don't edit.

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
