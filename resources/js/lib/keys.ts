import { usePage } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import type { SharedPageProps } from '@/lib/useStall';

/** A key of one letter or sign, with what it does, for the sheet of keys. */
interface Key {
  key: string;
  does: string;
  where: string;
}

/** Every key of one letter or sign. They act alone, so each person can turn them off. */
export const SINGLE = {
  sheet: { key: '?', does: 'This sheet', where: 'Anywhere' },
  peek: { key: 'p', does: 'Peek at the shop on a phone; again puts it away', where: 'Anywhere' },
  search: { key: '/', does: 'Search', where: 'Source, Bench, Shelves, orders' },
  later: { key: 'j', does: 'The row after; ↓ does the same', where: 'Lists' },
  before: { key: 'k', does: 'The row before; ↑ does the same', where: 'Lists' },
  choose: { key: 'x', does: 'Choose the row in hand', where: 'Lists' },
  take: { key: 't', does: 'Take it to the bench', where: 'Source' },
  compare: { key: 'c', does: 'Compare what is chosen', where: 'Source' },
  show: { key: 'w', does: 'Put it in the window', where: 'Bench' },
  earlierListing: { key: '[', does: 'The listing before', where: 'A listing' },
  laterListing: { key: ']', does: 'The listing after', where: 'A listing' },
  agree: { key: 'a', does: 'Agree to the change in hand', where: 'Drift' },
  keepMine: { key: 'm', does: 'Keep mine', where: 'Drift' },
} as const satisfies Record<string, Key>;

/** Keys that stand with another, or act in a field only: these are always on. */
export const OTHERS: readonly Key[] = [
  { key: 'Ctrl K', does: 'Find anything', where: 'Anywhere' },
  { key: '↓  ↑', does: 'The row after, the row before', where: 'Lists' },
  { key: 'Enter', does: 'Look at the row in hand', where: 'Lists' },
  { key: 'Space', does: 'Choose, on a tick', where: 'Lists' },
  { key: 'Shift and a click', does: 'Choose a range', where: 'Lists' },
  { key: 'Enter', does: 'Say it: a title, a price', where: 'Fields' },
  { key: 'Escape', does: 'Take back what is being typed; close what lies on top', where: 'Fields, sheets' },
  { key: '↓  ↑  Enter', does: 'The cell below, the cell above', where: 'The grid' },
  { key: 'Ctrl D', does: 'Fill a column down', where: 'The grid' },
  { key: '→  ←  PgUp  PgDn', does: 'Move the price along the curve; Enter says it', where: 'Pricing' },
  { key: 'Alt ↑  Alt ↓', does: 'Move a section', where: 'Window' },
  { key: 'Space  ↑  ↓', does: 'Take hold of what can be dragged, move it, let go', where: 'Shelves, menus, recipes' },
  { key: '→  ←', does: 'The next look, the one before', where: 'Window' },
  { key: 'Arrows', does: 'Move the point a picture is cut around', where: 'Pictures' },
  { key: 'Ctrl Z  Ctrl Shift Z', does: 'Undo, redo', where: 'Window' },
];

export type SingleKey = keyof typeof SINGLE;

/** Where typing means writing, or a sheet lies on top of the work. */
const WRITING = 'input:not([type=checkbox], [type=radio]), textarea, select, [contenteditable=true]';

/** Whether somebody is writing there, so that a letter is a letter. */
export function writing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest(WRITING) !== null;
}

/** Which of the single keys a press is; null where it is none, or may not be one there. */
export function singleKey(e: KeyboardEvent, on: boolean): SingleKey | null {
  if (!on || e.ctrlKey || e.metaKey || e.altKey || writing(e.target)) return null;
  const found = (Object.keys(SINGLE) as SingleKey[]).find((name) => SINGLE[name].key === e.key);
  return found ?? null;
}

/** Whether the person has single keys on; they are until they are turned off. */
export function useSingleKeysOn(): boolean {
  return usePage<SharedPageProps>().props.frame?.singleKeys ?? true;
}

/** Single keys that act on this screen, unless a sheet lies on it. */
export function useSingleKeys(does: Partial<Record<SingleKey, () => void>>, overSheets = false): void {
  const on = useSingleKeysOn();
  const latest = useRef(does);
  latest.current = does;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const name = singleKey(e, on);
      const act = name === null ? undefined : latest.current[name];
      if (!act) return;
      if (!overSheets && e.target instanceof HTMLElement && e.target.closest('[role=dialog]')) return;
      e.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [on, overSheets]);
}
