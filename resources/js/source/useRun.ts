import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { RunView } from '@/types/runs';

/** Watches long work until it ends, then loads the page's figures again. */
export function useRun(given: RunView | null): [RunView | null, (next: RunView) => void] {
  const handle = useHandle();
  const [run, setRun] = useState(given);
  const open = run?.open ?? false;
  const id = run?.id;

  useEffect(() => {
    setRun(given);
  }, [given]);
  useEffect(() => {
    if (!open || id === undefined) return;
    const timer = setInterval(() => {
      send<RunView>('GET', route('source.run', [handle, id]))
        .then((next) => {
          setRun(next);
          if (!next.open) router.reload();
        })
        .catch(() => undefined);
    }, 700);
    return () => {
      clearInterval(timer);
    };
  }, [open, id, handle]);
  return [run, setRun];
}
