import { useRef, useState } from 'react';

interface Step<T> {
  state: T;
  /** What was changed: typing on in the same thing is one step. */
  what: string;
  at: number;
}

/** Typing on within so many milliseconds is one step. */
const TOGETHER = 1500;

/** What was, what is and what was taken back, without end. */
export function useHistory<T>(first: T) {
  const [now, setNow] = useState(first);
  const past = useRef<Step<T>[]>([]);
  const future = useRef<T[]>([]);
  const latest = useRef(first);

  const put = (state: T): T => {
    latest.current = state;
    setNow(state);
    return state;
  };

  return {
    now,
    latest,
    canUndo: past.current.length > 0,
    canRedo: future.current.length > 0,
    /** A new state that can be taken back. */
    change(state: T, what: string): T {
      const last = past.current.at(-1);
      const on = last && last.what === what && Date.now() - last.at < TOGETHER;
      if (on) last.at = Date.now();
      else past.current.push({ state: latest.current, what, at: Date.now() });
      future.current = [];
      return put(state);
    },
    /** A new state with somebody else's changes in it, which are carried into every step one can go to. */
    carry(state: T, into: (step: T, before: T, after: T) => T): void {
      const before = latest.current;
      past.current = past.current.map((step) => ({ ...step, state: into(step.state, before, state) }));
      future.current = future.current.map((step) => into(step, before, state));
      put(state);
    },
    undo(): T | null {
      const step = past.current.pop();
      if (!step) return null;
      future.current.push(latest.current);
      return put(step.state);
    },
    redo(): T | null {
      const state = future.current.pop();
      if (!state) return null;
      past.current.push({ state: latest.current, what: '', at: 0 });
      return put(state);
    },
  };
}
