import { router } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';

/** What of the address bar belongs to a search; the server keeps the same list for saved searches. */
const PARTS = [
  'q',
  'sort',
  'supplier',
  'category',
  'from',
  'stock',
  'landed',
  'days',
  'price',
  'margin',
  'variants',
  'rating',
  'new',
  'to',
] as const;
const MANY = new Set(['supplier', 'category', 'from']);

export type Query = Record<string, string | string[]>;

/** The search as the address bar holds it, and ways to change it. Pages and choices start anew with every change. */
export function useSearch() {
  const handle = useHandle();
  const query = read();

  const go = (next: Query): void => {
    router.get(route('source', handle), next, { preserveState: true, preserveScroll: true, replace: true });
  };
  return {
    query,
    set: (part: string, value: string): void => {
      const next = read();
      if (value === '') Reflect.deleteProperty(next, part);
      else next[part] = value;
      go(next);
    },
    /** Turns one choice of a filter on or off. */
    choose: (part: string, value: string, on: boolean): void => {
      const next = read();
      if (MANY.has(part)) {
        const others = [next[part] ?? []].flat().filter((v) => v !== value);
        const chosen = on ? [...others, value] : others;
        if (chosen.length > 0) next[part] = chosen;
        else Reflect.deleteProperty(next, part);
      } else if (on) next[part] = value;
      else Reflect.deleteProperty(next, part);
      go(next);
    },
    clear: (): void => {
      const { q, sort } = read();
      go({ ...(q ? { q } : {}), ...(sort ? { sort } : {}) });
    },
  };
}

function read(): Query {
  const found: Query = {};
  for (const [name, value] of new URLSearchParams(window.location.search)) {
    const part = name.replace(/\[\d*\]$/, '');
    if (!PARTS.includes(part as (typeof PARTS)[number])) continue;
    if (MANY.has(part)) found[part] = [...[found[part] ?? []].flat(), value];
    else found[part] = value;
  }
  return found;
}
