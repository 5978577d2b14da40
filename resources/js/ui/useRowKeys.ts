import { useEffect, useState } from 'react';

/** Keys that act on the row in hand: letter → what it does with the row's number. */
export type RowKeys = Record<string, (row: number) => void>;

/** Lets a list be worked through without a mouse: arrows or j and k take a row in hand, other keys act on it. */
export function useRowKeys(count: number, keys: RowKeys): [number, (row: number) => void] {
  const [at, setAt] = useState(-1);

  useEffect(() => {
    if (at >= count) setAt(count - 1);
  }, [at, count]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target instanceof HTMLElement ? e.target : null;
      if (
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        target?.closest('input:not([type=checkbox]), textarea, select, [contenteditable=true], [role=dialog]')
      )
        return;
      const step = e.key === 'j' || e.key === 'ArrowDown' ? 1 : e.key === 'k' || e.key === 'ArrowUp' ? -1 : 0;
      if (step !== 0) {
        e.preventDefault();
        setAt((n) => Math.min(count - 1, Math.max(0, n + step)));
        return;
      }
      const act = keys[e.key];
      if (act && at >= 0 && !(e.key === 'Enter' && target?.closest('a, button'))) {
        e.preventDefault();
        act(at);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  });
  useEffect(() => {
    if (at >= 0) document.querySelector(`[data-row="${String(at)}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  return [at, setAt];
}
