import { QueryClient, useQuery } from '@tanstack/react-query';
import { useEffect, useId } from 'react';
import { send } from '@/lib/http';

/** What screens hold of the server's answers. Nothing is asked again by itself but where a screen says so. */
export const subjects = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      staleTime: Infinity,
      gcTime: 0,
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      // What was put or answered is held as it is, so that it can be told from what was held before.
      structuralSharing: false,
      // The workshop may answer where the browser thinks that there is no network.
      networkMode: 'always',
    },
  },
});

interface Subject<T> {
  /** Where it is read; null where there is nothing to read. */
  at: string | null;
  /** As it came with the page. */
  given: T;
  /** Whether it changes by itself, so that it is looked at again. */
  moving?: (now: T) => boolean;
  /** Milliseconds between looks. */
  every?: number;
}

/** Puts what was answered to something that was sent; a look that is under way doesn't come after it. */
export type Put<T> = (next: T | ((now: T) => T)) => void;

/** Something the server keeps and a screen shows and changes: as given, as looked at since, or as it was answered last. */
export function useSubject<T>({ at, given, moving, every = 1000 }: Subject<T>): [T, Put<T>] {
  // A screen begins with what came with it, never with what was looked at on another.
  const here = useId();
  const key = [at, here];
  const { data } = useQuery<T>(
    {
      queryKey: key,
      queryFn: ({ signal }) => send<T>('GET', at ?? '', undefined, signal),
      enabled: at !== null,
      initialData: given,
      refetchInterval: ({ state }) => (state.data !== undefined && moving?.(state.data) === true ? every : false),
    },
    subjects,
  );
  const put: Put<T> = (next) => {
    void subjects.cancelQueries({ queryKey: key });
    subjects.setQueryData<T>(key, (now) =>
      typeof next === 'function' ? (next as (now: T) => T)(now === undefined ? given : now) : next,
    );
  };
  // What came with the page anew is what holds.
  useEffect(() => {
    subjects.setQueryData<T>([at, here], given);
  }, [at, here, given]);
  return [data as T, put];
}

/** Looks at something that is being made until it is done. */
export async function looked<T>(
  given: T,
  open: (now: T) => boolean,
  look: () => Promise<T>,
  every: number,
): Promise<T> {
  let now = given;
  while (open(now)) {
    await new Promise((later) => setTimeout(later, every));
    now = await look();
  }
  return now;
}
