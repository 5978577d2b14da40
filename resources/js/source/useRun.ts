import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { useSubject } from '@/lib/subject';
import { useHandle } from '@/lib/useStall';
import type { RunView } from '@/types/runs';

/** Watches long work until it ends, then loads the page's figures again. */
export function useRun(given: RunView | null): [RunView | null, (next: RunView) => void] {
  const handle = useHandle();
  const [begun, begin] = useState(given);
  useEffect(() => {
    begin(given);
  }, [given]);
  const [run] = useSubject({
    at: begun === null ? null : route('source.run', [handle, begun.id]),
    given: begun,
    moving: (now) => now?.open ?? false,
    every: 700,
  });
  const open = run?.open ?? false;
  const was = useRef(open);
  useEffect(() => {
    if (was.current && !open) router.reload();
    was.current = open;
  }, [open]);
  return [run, begin];
}
