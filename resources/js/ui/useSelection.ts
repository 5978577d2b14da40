import { useState } from 'react';

/** Chosen rows of a list, with Shift for a range. */
export function useSelection(ids: number[]) {
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [last, setLast] = useState<number | null>(null);

  function toggle(id: number, range: boolean): void {
    const next = new Set(chosen);
    const from = last === null ? -1 : ids.indexOf(last);
    const to = ids.indexOf(id);
    if (range && from >= 0 && to >= 0) {
      for (const each of ids.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(each);
    } else if (next.has(id)) {
      next.delete(id);
    } else {
      next.add(id);
    }
    setChosen(next);
    setLast(id);
  }

  return {
    every: (of: number[] = ids) => of.length > 0 && of.every((id) => chosen.has(id)),
    chosen: ids.filter((id) => chosen.has(id)),
    has: (id: number) => chosen.has(id),
    toggle,
    all: (on: boolean, of: number[] = ids) => {
      const others = [...chosen].filter((id) => !of.includes(id));
      setChosen(new Set(on ? [...others, ...of] : others));
    },
    clear: () => {
      setChosen(new Set());
    },
  };
}

export type Selection = ReturnType<typeof useSelection>;
