import { useEffect, useState, type FocusEvent } from 'react';
import { singleKey, useSingleKeysOn, writing, type SingleKey } from '@/lib/keys';

/** Single keys that act on the row in hand: what they do with the row's number. Enter presses what has focus. */
export type RowKeys = Partial<Record<SingleKey, (row: number) => void>>;

export interface Rows {
  /** The row in hand; the first before any was taken. */
  at: number;
  /** Takes a row in hand. */
  take: (row: number) => void;
  /** For what can be reached in a row: by Tab only in the row in hand. */
  tab: (row: number) => 0 | -1;
  /** For the list: focus that comes to a row takes it in hand. */
  onFocus: (e: FocusEvent) => void;
}

/**
 * Lets a list be worked through without a mouse: arrows, or j and k, take a row in hand and move focus to what it is
 * called by ([data-hand] in [data-row]); other keys act on it.
 */
export function useRowKeys(count: number, keys: RowKeys): Rows {
  const [asked, take] = useState(0);
  const on = useSingleKeysOn();
  const at = Math.max(0, Math.min(asked, count - 1));

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target instanceof HTMLElement ? e.target : null;
      if (e.ctrlKey || e.metaKey || e.altKey || writing(target) || target?.closest('[role=dialog], [role=menu]'))
        return;
      const name = singleKey(e, on);
      const step = e.key === 'ArrowDown' || name === 'later' ? 1 : e.key === 'ArrowUp' || name === 'before' ? -1 : 0;
      if (step !== 0 && count > 0) {
        e.preventDefault();
        // From elsewhere the first step comes to the row that was in hand.
        const to = Math.min(count - 1, Math.max(0, within(target) ? at + step : at));
        take(to);
        document.querySelector<HTMLElement>(`[data-row="${String(to)}"] [data-hand]`)?.focus();
        return;
      }
      const act = name === null ? undefined : keys[name];
      if (act && count > 0 && within(target)) {
        e.preventDefault();
        act(at);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  });

  return {
    at,
    take,
    tab: (row) => (row === at ? 0 : -1),
    onFocus: (e) => {
      const row = (e.target as HTMLElement).closest<HTMLElement>('[data-row]')?.dataset.row;
      if (row !== undefined) take(Number(row));
    },
  };
}

/** Whether focus is in a row; without, no row is seen to be in hand. */
function within(target: HTMLElement | null): boolean {
  return target?.closest('[data-row]') != null;
}
