import { useEffect, useEffectEvent, useId, useState, type FocusEvent } from 'react';
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
  /** For the list, or each part of it: focus that comes to a row takes it in hand. */
  list: { 'data-list': string; onFocus: (e: FocusEvent) => void };
}

/**
 * Lets a list be worked through without a mouse: arrows, or j and k, take a row in hand and move focus to what it is
 * called by ([data-hand] in [data-row]); other keys act on it. Of several lists on a screen the one that has focus is
 * worked through; where none has, the first.
 */
export function useRowKeys(count: number, keys: RowKeys): Rows {
  const [asked, take] = useState(0);
  const on = useSingleKeysOn();
  const at = Math.max(0, Math.min(asked, count - 1));

  const id = useId();

  const onKey = useEffectEvent((e: KeyboardEvent) => {
    const target = e.target instanceof HTMLElement ? e.target : null;
    if (e.ctrlKey || e.metaKey || e.altKey || writing(target) || target?.closest('[role=dialog], [role=menu]')) return;
    const list = target?.closest<HTMLElement>('[data-list]') ?? document.querySelector<HTMLElement>('[data-list]');
    if (list?.dataset.list !== id) return;
    const inRow = target?.closest('[data-row]') != null;
    const name = singleKey(e, on);
    const step = e.key === 'ArrowDown' || name === 'later' ? 1 : e.key === 'ArrowUp' || name === 'before' ? -1 : 0;
    if (step !== 0 && count > 0) {
      e.preventDefault();
      // From elsewhere the first step comes to the row that was in hand.
      const to = Math.min(count - 1, Math.max(0, inRow ? at + step : at));
      take(to);
      document.querySelector<HTMLElement>(`[data-list="${id}"] [data-row="${String(to)}"] [data-hand]`)?.focus();
      return;
    }
    const act = name === null ? undefined : keys[name];
    if (act && count > 0 && inRow) {
      e.preventDefault();
      act(at);
    }
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      onKey(e);
    };
    window.addEventListener('keydown', listen);
    return () => {
      window.removeEventListener('keydown', listen);
    };
  }, []);

  return {
    at,
    take,
    tab: (row) => (row === at ? 0 : -1),
    list: {
      'data-list': id,
      onFocus: (e) => {
        const row = (e.target as HTMLElement).closest<HTMLElement>('[data-row]')?.dataset.row;
        if (row !== undefined) take(Number(row));
      },
    },
  };
}
