import { usePoll } from '@inertiajs/react';
import { useEffect } from 'react';

/** Loads some of a page's figures again and again while they move. */
export function useReloads(only: string[], every: number, moving: boolean): void {
  const { start, stop } = usePoll(every, { only }, { autoStart: false });
  useEffect(() => {
    if (!moving) return;
    start();
    return stop;
    // Both are new at each render; what they do isn't.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [moving]);
}
